import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { planCuts, type CutJob } from '..';
import { groupAlike } from './alike';
import { readProblem } from './problem';
import { replay } from '../test/replay';

const thing = fc.record({
  w: fc.integer({ min: 1, max: 3 }),
  h: fc.integer({ min: 1, max: 3 }),
  count: fc.integer({ min: 1, max: 4 }),
});
const things = fc
  .array(thing, { minLength: 1, maxLength: 8 })
  .map((list) => list.map((one, i) => ({ id: `t${i}`, ...one })));
const bySides = ({ w, h }: { w: number; h: number }): string => [w, h].sort().join();

describe('things alike', () => {
  test('every copy of every thing is in one group, once, and lies as it says', () =>
    fc.assert(
      fc.property(things, (list) => {
        const all = groupAlike(list, bySides).flatMap(({ one, count, copyAt }) =>
          Array.from({ length: count }, (_, n) => ({ one, ...copyAt(n + 1) })),
        );
        const wanted = list.flatMap(({ id, count }) => Array.from({ length: count }, (_, n) => `${id}#${n + 1}`));
        expect(all.map(({ id, copy }) => `${id}#${copy}`).sort()).toEqual(wanted.sort());
        for (const { id, one, lying } of all) {
          const own = list.find((t) => t.id === id)!;
          expect([own.w, own.h]).toEqual(lying ? [one.h, one.w] : [one.w, one.h]);
        }
      }),
    ));
  test('groups come in the order of their first thing', () =>
    fc.assert(
      fc.property(things, (list) => {
        const firsts = groupAlike(list, bySides).map(({ one }) => list.indexOf(one));
        expect(firsts).toEqual([...firsts].sort((a, b) => a - b));
      }),
    ));
});

const stock = (id: string, more = {}) => ({
  id,
  w: 12,
  h: 12,
  count: 1,
  front: 'ink',
  back: null,
  upright: false,
  fresh: true,
  since: null,
  missing: [],
  ...more,
});
const piece = (id: string, w: number, h: number, more = {}) => ({
  id,
  w,
  h,
  count: 2,
  of: null,
  turn: null,
  optional: false,
  value: 0,
  ...more,
});
const job = (some: Partial<CutJob>): CutJob => ({
  stock: [stock('a'), stock('b')],
  pieces: [],
  keepAtLeast: { w: 1, h: 1 },
  longestCut: null,
  ...some,
});

describe('in a problem', () => {
  test('pieces that only lie otherwise are one item where all paper lets them be turned, and two where some does not', () => {
    const pieces = [piece('tall', 3, 5), piece('wide', 5, 3)];
    expect(readProblem(job({ pieces })).items).toHaveLength(1);
    expect(readProblem(job({ pieces, stock: [stock('a', { upright: true })] })).items).toHaveLength(2);
    expect(
      readProblem(job({ pieces: pieces.map((p) => ({ ...p, turn: true })), stock: [stock('a', { upright: true })] }))
        .items,
    ).toHaveLength(1);
  });
  test.each([
    ['faces', stock('b', { front: 'lamp' })],
    ['freshness', stock('b', { fresh: false })],
    ['month', stock('b', { since: 24310 })],
    ['gaps', stock('b', { missing: [{ x: 0, y: 0, w: 1, h: 1 }] })],
    ['right way up', stock('b', { upright: true })],
  ])('stock of other %s is another kind', (_, other) => {
    expect(readProblem(job({ stock: [stock('a'), other] })).kinds).toHaveLength(2);
    expect(readProblem(job({})).kinds).toHaveLength(1);
  });
  test('ids, copies and turns in the plan are those of the job', () => {
    const wanted = job({ pieces: [piece('tall', 3, 5), piece('wide', 5, 3), piece('strip', 12, 1)] });
    const plan = planCuts(wanted, 5_000);
    expect(replay(wanted, plan)).toEqual([]);
    expect(plan.sheets.flatMap(({ pieces }) => pieces.map(({ id }) => id)).sort()).toEqual([
      'strip',
      'strip',
      'tall',
      'tall',
      'wide',
      'wide',
    ]);
  });
});

test('thousands of pieces on one sheet are all accounted for', () => {
  const wanted = job({
    stock: [stock('a', { w: 1200, h: 1200 })],
    pieces: [
      piece('a', 20, 20, { count: 1500, optional: true, value: 1 }),
      piece('b', 14, 26, { count: 1500, optional: true, value: 1 }),
    ],
  });
  const plan = planCuts(wanted, 3_000);
  expect(plan.sheets[0]!.pieces.length + plan.notCut.length).toBe(3000);
  expect(replay(wanted, plan)).toEqual([]);
});
