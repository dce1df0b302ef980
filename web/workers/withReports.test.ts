import { expect, test } from 'vitest';
import { withReports } from './withReports';

test('reports are passed on until the answer is there, and not after it', async () => {
  const told: number[] = [];
  let late = (_: number): void => undefined;
  const answer = await withReports<number, string>(
    (n) => told.push(n),
    async (report) => {
      late = report;
      report(1);
      await Promise.resolve();
      report(2);
      return 'best';
    },
  );
  late(3);
  expect([answer, told]).toEqual(['best', [1, 2]]);
});

test('nor after the search broke off', async () => {
  const told: number[] = [];
  let late = (_: number): void => undefined;
  await expect(
    withReports<number, string>(
      (n) => told.push(n),
      (report) => {
        late = report;
        return Promise.reject(new Error('out of memory'));
      },
    ),
  ).rejects.toThrow('out of memory');
  late(1);
  expect(told).toEqual([]);
});
