import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { makeApp } from './app';

let server: Server;
let address = '';
beforeAll(() => {
  const built = mkdtempSync(join(tmpdir(), 'nubbin-'));
  mkdirSync(join(built, 'assets'));
  writeFileSync(join(built, 'index.html'), '<title>Nubbin</title>');
  writeFileSync(join(built, 'sw.js'), '1');
  writeFileSync(join(built, 'assets', 'a.js'), '1');
  writeFileSync(join(built, 'assets', 'long.js'), 'word;'.repeat(1000));
  server = makeApp({ built: `${built}/`, hosts: ['desk.example'] }).listen(0);
  address = `http://localhost:${(server.address() as AddressInfo).port}`;
});
afterAll(() => {
  server.close();
});

test.each([
  ['/', 200],
  ['/stash/moth-1', 200],
  ['/assets/a.js', 200],
  ['/assets/none.js', 404],
  ['/none.png', 404],
])('%s answers %d', async (path, status) => {
  expect((await fetch(address + path)).status).toBe(status);
});

test('what is named by what is in it is kept by the browser, all else is asked for again', async () => {
  const kept = async (path: string) => (await fetch(address + path)).headers.get('cache-control');
  expect(await kept('/assets/a.js')).toContain('immutable');
  expect(await kept('/sw.js')).toBe('no-cache');
});

const ask = (path: string, more: Record<string, string>): Promise<{ status: number; packed: string | undefined }> =>
  new Promise((resume, fail) => {
    const { port } = server.address() as AddressInfo;
    const asked = request({ host: 'localhost', port, path, headers: more }, (response) => {
      response.resume();
      resume({ status: response.statusCode ?? 0, packed: response.headers['content-encoding'] });
    });
    asked.on('error', fail);
    asked.end();
  });

test.each([
  ['its own name', { host: 'localhost:4180' }, 200],
  ['the loopback address', { host: '127.0.0.1:4180' }, 200],
  ['another name for this machine', { host: 'nubbin.example:4180' }, 403],
  ['a page from elsewhere', { host: 'localhost:4180', origin: 'http://elsewhere.example' }, 403],
  ['no page at all', { host: 'localhost:4180', origin: 'null' }, 403],
])('asked by %s it answers %o with %d', async (_, headers, status) => {
  expect((await ask('/', headers)).status).toBe(status);
});

test.each([
  ['this machine', 'localhost:4180', undefined],
  ['another machine', 'desk.example:4180', 'gzip'],
])('a script goes to %s asked for as %s: packed by %s', async (_, host, packed) => {
  const asked = await ask('/assets/long.js', { host, 'accept-encoding': 'gzip' });
  expect(asked).toEqual({ status: 200, packed });
});

test('pages may run nothing but their own files, and lie in no frame', async () => {
  const policy = (await fetch(`${address}/`)).headers.get('content-security-policy') ?? '';
  expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval'");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe-(inline|eval)'(?<!wasm-unsafe-eval')/);
});
