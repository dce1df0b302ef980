import { expect, test } from 'vitest';
import { order } from '.';

const t = (id: string, ...after: string[]) => ({ id, minutes: 5, after });

test('without tasks there is nothing to wait for', () => {
  expect(order({ tasks: [] }).value).toEqual({ order: [], finish: 0, free: 0, waits: [], bound: 0, optimal: true });
});
test('an id twice in one after counts once', () => {
  expect(order({ tasks: [t('a'), t('b', 'a', 'a')] }).value).toMatchObject({ finish: 10 });
});
test.each([
  ['an unknown id', [t('a', 'b')], '/tasks/0/after/0'],
  ['its own id', [t('a'), t('b', 'a', 'b')], '/tasks/1/after/1'],
  ['one id twice', [t('a'), t('a')], '/tasks/1/id'],
])('refused at its place: %s', (_, tasks, at) => {
  expect(order({ tasks })).toMatchObject({ ok: false, error: { at } });
});
test('a circle is refused at an entry that lies on it', () => {
  // d hangs on the circle of b and c, and a leads to it; neither lies on it.
  const told = order({ tasks: [t('a'), t('b', 'a', 'c'), t('c', 'b'), t('d', 'c')] });
  expect(['/tasks/1/after/1', '/tasks/2/after/0']).toContain(told.error!.at);
});
