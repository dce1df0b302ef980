import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { readList } from '../../core/stock/listing';
import { makeApp } from '../app';
import { packingLists } from './club';

let server: Server;
let address = '';
beforeAll(() => {
  server = makeApp().listen(0);
  address = `http://localhost:${(server.address() as AddressInfo).port}/api/club`;
});
afterAll(() => {
  server.close();
});

test("the club tells its months, the newest first, and a month's list", async () => {
  const { lists } = (await (await fetch(`${address}/lists`)).json()) as { lists: { month: string }[] };
  expect(lists.map(({ month }) => month)).toEqual(['2027-01', '2026-12']);
  expect(await (await fetch(`${address}/lists/2026-12`)).json()).toMatchObject({
    name: 'Heron Lock',
    theme: ['heron', 'water', 'lock'],
    late: ['enamel dots 24, pond'],
  });
});

test('a month without a list is refused', async () => {
  const response = await fetch(`${address}/lists/1999-01`);
  expect([response.status, await response.json()]).toMatchObject([404, { error: { code: 'no-such-month' } }]);
});

test('every line of the club is understood, and what is late is on the list', () => {
  for (const { lines, late } of packingLists()) {
    const read = readList(lines.join('\n'));
    expect(read.every(({ read: as }) => as === 'thing')).toBe(true);
    expect(read.flatMap(({ things }) => things.flatMap(({ doubts }) => doubts))).toEqual([]);
    expect(late.every((line) => lines.includes(line))).toBe(true);
  }
});
