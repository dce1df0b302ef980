import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { leaves, wholeSheet } from '../parts/part';
import { patternsOf } from './patterns';
import { Unlimited } from './unlimited';

const [W, H] = [7, 6];
const piece = fc.record({
  w: fc.integer({ min: 1, max: 5 }),
  h: fc.integer({ min: 1, max: 5 }),
  worth: fc.integer({ min: 1, max: 20 }),
  count: fc.integer({ min: 1, max: 3 }),
});
const pieces = fc.array(piece, { minLength: 1, maxLength: 4 });
type Piece = { w: number; h: number; worth: number; count: number };

const tableOf = (list: readonly Piece[], endless = false) => {
  const laid = list.map(({ w, h }, item) => ({ w, h, item, turned: false }));
  // Without end, as many as the area holds are enough for every position.
  const patterns = patternsOf(
    W,
    H,
    laid,
    list.map(({ count }) => (endless ? W * H : count)),
  )!;
  return {
    patterns,
    table: new Unlimited(
      patterns,
      laid,
      list.map(({ worth }) => worth),
    ),
  };
};

/** The dearest cutting of a part with pieces without end, by trying every whole position. */
function bruteForce(w: number, h: number, list: readonly Piece[], memo = new Map<string, number>()): number {
  const key = `${w}x${h}`;
  const known = memo.get(key);
  if (known !== undefined) return known;
  let best = Math.max(0, ...list.filter((p) => p.w <= w && p.h <= h).map(({ worth }) => worth));
  for (let at = 1; at < w; at++)
    best = Math.max(best, bruteForce(at, h, list, memo) + bruteForce(w - at, h, list, memo));
  for (let at = 1; at < h; at++)
    best = Math.max(best, bruteForce(w, at, list, memo) + bruteForce(w, h - at, list, memo));
  memo.set(key, best);
  return best;
}

describe('cutting without limits', () => {
  test('is as dear as trying every position finds it', () =>
    fc.assert(
      fc.property(pieces, (list) => {
        expect(tableOf(list, true).table.worth(W, H)).toBe(bruteForce(W, H, list));
      }),
      { numRuns: 200 },
    ));
  test('counts what it cuts: their worths add up to the whole', () =>
    fc.assert(
      fc.property(pieces, (list) => {
        const { table } = tableOf(list, true);
        expect(table.counts(list.length).reduce((sum, n, i) => sum + n * list[i]!.worth, 0)).toBe(table.worth(W, H));
      }),
    ));
  test('laid on a sheet, it keeps to what there is, and pieces have their sizes', () =>
    fc.assert(
      fc.property(pieces, (list) => {
        const left = list.map(({ count }) => count);
        const used = leaves(tableOf(list).table.lay(wholeSheet({ w: W, h: H, holes: [] }), left)).filter(
          ({ use }) => use,
        );
        for (const { use, w, h } of used) expect([w, h]).toEqual([list[use!.item]!.w, list[use!.item]!.h]);
        list.forEach(({ count }, item) => {
          const n = used.filter(({ use }) => use!.item === item).length;
          expect(n).toBeLessThanOrEqual(count);
          expect(left[item]).toBe(count - n);
        });
      }),
    ));
});

test('positions are sums of sides, each no more often than there are pieces', () => {
  const patterns = patternsOf(
    20,
    9,
    [
      { w: 3, h: 4, item: 0, turned: false },
      { w: 7, h: 5, item: 1, turned: false },
    ],
    [2, 1],
  )!;
  expect(patterns.xs).toEqual([0, 3, 6, 7, 10, 13]);
  expect(patterns.ys).toEqual([0, 4, 5, 8, 9]);
  expect([...patterns.floorX.slice(0, 8)]).toEqual([0, 0, 0, 1, 1, 1, 2, 3]);
});
