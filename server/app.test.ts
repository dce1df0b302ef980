import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
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
  writeFileSync(join(built, 'assets', 'a.js'), '1');
  server = makeApp(`${built}/`).listen(0);
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
