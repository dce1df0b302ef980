import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../../ground/random';
import { planCuts, type CutJob } from '..';
import { OutsideBound } from './outsideBound';
import { patternsOf } from './patterns';
import { priceOut } from './prices';
import { dissection } from '../test/dissection';
import { replay } from '../test/replay';

type Row = readonly [w: number, h: number, count: number, value: number];

const sheets = (w: number, h: number, count: number, fresh = false): CutJob['stock'] => [
  { id: 's', w, h, count, front: null, back: null, upright: false, fresh, since: null, missing: [] },
];
const plain = { keepAtLeast: { w: 1, h: 1 }, longestCut: null };
const knapsack = (w: number, h: number, rows: readonly Row[], turn = false): CutJob => ({
  ...plain,
  stock: sheets(w, h, 1),
  pieces: rows.map(([pw, ph, count, value], i) => ({
    id: `p${i}`,
    w: pw,
    h: ph,
    count,
    of: null,
    turn,
    optional: true,
    value,
  })),
});

describe('published instances, pieces not turned', () => {
  // Source: N. Christofides, C. Whitlock, "An algorithm for two-dimensional cutting problems", Operations Research 25
  // (1),
  // 1977, 30-44, instances 1 and 2 with their optima. Here and below the figures of the pieces are from memory; the
  // optima agree.
  const FIRST: Row[] = [
    [8, 4, 2, 66],
    [3, 7, 1, 35],
    [8, 2, 3, 24],
    [3, 4, 5, 17],
    [3, 3, 2, 11],
    [3, 2, 2, 8],
    [2, 1, 1, 2],
  ];
  const SECOND: Row[] = [
    [21, 22, 1, 582],
    [31, 13, 1, 403],
    [9, 35, 3, 315],
    [9, 24, 3, 216],
    [30, 7, 2, 210],
    [11, 13, 3, 143],
    [10, 14, 1, 140],
    [14, 8, 3, 110],
    [12, 8, 3, 94],
    [13, 7, 3, 90],
  ];
  /** Pieces worth their area. */
  const byArea = (...sizes: readonly (readonly [w: number, h: number, count: number])[]): Row[] =>
    sizes.map(([w, h, count]) => [w, h, count, w * h]);
  // Source: P. Y. Wang, "Two algorithms for constrained two-dimensional cutting stock problems", Operations Research 31
  // (3), 1983, 573-586, the instance of twenty pieces.
  const WANG = byArea(
    [17, 9, 1],
    [11, 19, 4],
    [12, 21, 3],
    [14, 23, 4],
    [24, 15, 1],
    [24, 15, 2],
    [25, 16, 4],
    [27, 17, 2],
    [18, 29, 3],
    [21, 31, 3],
    [32, 22, 2],
    [23, 33, 3],
    [34, 24, 2],
    [35, 25, 2],
    [36, 26, 1],
    [37, 27, 1],
    [38, 28, 1],
    [39, 29, 1],
    [41, 30, 1],
    [43, 31, 1],
  );
  // Source: J. F. Oliveira, J. S. Ferreira, "An improved version of Wang's algorithm for two-dimensional cutting
  // problems",
  // European Journal of Operational Research 44 (2), 1990, 256-266, instance 1.
  const OLIVEIRA = byArea(
    [29, 5, 1],
    [9, 39, 4],
    [55, 9, 1],
    [31, 15, 1],
    [11, 16, 2],
    [23, 21, 3],
    [29, 14, 4],
    [16, 19, 3],
    [9, 36, 2],
    [22, 4, 2],
  );
  // Source: J. E. Beasley, "Algorithms for unconstrained two-dimensional guillotine cutting", Journal of the
  // Operational Research
  // Society 36 (4), 1985, 297-306, instance 1: as many of each as the sheet holds.
  const BEASLEY = byArea(
    ...(
      [
        [167, 184],
        [114, 118],
        [167, 152],
        [83, 140],
        [70, 86],
        [143, 166],
        [120, 160],
        [66, 148],
        [87, 141],
        [69, 165],
      ] as const
    ).map(([w, h]) => [w, h, Math.floor(250 / w) * Math.floor(250 / h)] as const),
  );
  test.each([
    ['Christofides and Whitlock, the first', 15, 10, FIRST, 244],
    ['Christofides and Whitlock, the second', 40, 70, SECOND, 2892],
    ['Wang', 70, 40, WANG, 2721],
    ['Oliveira and Ferreira, the first', 70, 40, OLIVEIRA, 2737],
    ['Beasley, the first', 250, 250, BEASLEY, 56_460],
  ] as const)('%s is proved', (_, w, h, rows, optimum) => {
    const job = knapsack(w, h, rows);
    const plan = planCuts(job);
    expect(plan.stats).toMatchObject({ value: optimum, bound: { value: optimum }, optimal: true });
    expect(replay(job, plan)).toEqual([]);
    // The same from a sheet she would rather not open: that its value needs it is proved, too.
    const fresh = planCuts({ ...job, stock: job.stock.map((sheet) => ({ ...sheet, fresh: true })) });
    expect(fresh.stats).toMatchObject({ value: optimum, fresh: 1, bound: { value: optimum, fresh: 1 }, optimal: true });
  });
});

test('no plan of optional pieces opens fewer fresh sheets for its value than the bound says', () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 9 })),
        { minLength: 1, maxLength: 5 },
      ),
      fc.array(fc.tuple(fc.integer({ min: 2, max: 6 }), fc.integer({ min: 2, max: 6 }), fc.boolean()), {
        minLength: 1,
        maxLength: 3,
      }),
      (pieces, sheets) => {
        const job: CutJob = {
          ...knapsack(1, 1, []),
          stock: sheets.map(([w, h, fresh], i) => ({ ...knapsack(w, h, []).stock[0]!, id: `s${i}`, fresh })),
          pieces: knapsack(
            1,
            1,
            pieces.map(([w, h, value]): Row => [w, h, 1, value]),
          ).pieces,
        };
        const { stats } = planCuts(job, 20_000);
        expect(stats.bound.fresh).toBeLessThanOrEqual(stats.fresh);
        // Whatever fresh sheets are kept back, as long as the value is still reached, the bound holds.
        const withSheets = (n: number) => {
          let left = n;
          const stock = job.stock.filter(({ fresh }) => !fresh || left-- > 0);
          return planCuts({ ...job, stock }, 20_000).stats;
        };
        for (let n = 0; n < stats.bound.fresh; n++) expect(withSheets(n).value).toBeLessThan(stats.value);
      },
    ),
    { numRuns: 60 },
  ));

/**
 * The dearest that a small sheet gives, by trying every cut and every piece: slow, plain, and apart from the planner.
 */
function bruteForce(w: number, h: number, rows: readonly Row[], turn: boolean): number {
  const memo = new Map<string, Map<string, number>>();
  const lies = rows.flatMap(
    ([pw, ph], i) =>
      (turn && pw !== ph
        ? [
            [pw, ph, i],
            [ph, pw, i],
          ]
        : [[pw, ph, i]]) as [number, number, number][],
  );
  /** Every set of counts that a w x h part can give, with its worth. */
  const sets = (pw: number, ph: number): Map<string, number> => {
    const key = `${Math.min(pw, turn ? ph : pw)}x${turn ? Math.max(pw, ph) : ph}`;
    const known = memo.get(key);
    if (known) return known;
    const found = new Map<string, number>([[rows.map(() => 0).join(), 0]]);
    memo.set(key, found);
    for (const [lw, lh, i] of lies)
      if (lw <= pw && lh <= ph) found.set(rows.map((_, j) => (j === i ? 1 : 0)).join(), rows[i]![3]);
    const both = (a: Map<string, number>, b: Map<string, number>): void => {
      for (const [ka, va] of a)
        for (const [kb, vb] of b) {
          const counts = ka.split(',').map((n, i) => Number(n) + Number(kb.split(',')[i]));
          if (counts.every((n, i) => n <= rows[i]![2])) found.set(counts.join(), va + vb);
        }
    };
    for (let at = 1; at <= pw / 2; at++) both(sets(at, ph), sets(pw - at, ph));
    for (let at = 1; at <= ph / 2; at++) both(sets(pw, at), sets(pw, ph - at));
    return found;
  };
  return Math.max(...sets(w, h).values());
}

const row = fc
  .record({
    w: fc.integer({ min: 1, max: 4 }),
    h: fc.integer({ min: 1, max: 4 }),
    count: fc.integer({ min: 1, max: 2 }),
    value: fc.integer({ min: 1, max: 9 }),
  })
  .map(({ w, h, count, value }): Row => [w, h, count, value]);

test('on tiny sheets the plan is as dear as the dearest, is proved, and the bound is met', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 5 }),
      fc.integer({ min: 2, max: 5 }),
      fc.array(row, { minLength: 1, maxLength: 4 }),
      fc.boolean(),
      (w, h, rows, turn) => {
        const best = bruteForce(w, h, rows, turn);
        const { stats } = planCuts(knapsack(w, h, rows, turn), 200_000);
        expect(stats.value).toBe(best);
        expect(stats.bound.value).toBe(best);
      },
    ),
    { numRuns: 40 },
  ));

describe('bounds hold on tiny sheets', () => {
  const [W, H] = [5, 4];
  const boundsOf = (rows: readonly Row[]) => {
    const laid = rows.map(([w, h], item) => ({ w, h, item, turned: false }));
    const [left, worth] = [rows.map(([, , count]) => count), rows.map(([, , , one]) => one)];
    const patterns = patternsOf(W, H, laid, left)!;
    return {
      patterns,
      priced: priceOut(
        patterns,
        laid,
        left,
        worth,
        0,
        () => true,
        () => 0,
      ),
    };
  };
  const fewRows = fc.array(row, { minLength: 1, maxLength: 3 });
  test('what is outside a build is never worth less than it can be', () =>
    fc.assert(
      fc.property(fewRows, (rows) => {
        const { patterns, priced } = boundsOf(rows);
        const outside = new OutsideBound(patterns, priced[0].table);
        expect(outside.at(0, 0)).toBeGreaterThanOrEqual(bruteForce(W, H, rows, false));
        expect(outside.at(W, H)).toBe(0);
      }),
      { numRuns: 30 },
    ));
  test('prices lower the bound, and never below the best plan', () =>
    fc.assert(
      fc.property(fewRows, (rows) => {
        const bounds = boundsOf(rows).priced.map((one) => one!.bound);
        expect([...bounds].sort((a, b) => b - a)).toEqual(bounds);
        expect(bounds.at(-1)!).toBeGreaterThanOrEqual(bruteForce(W, H, rows, false) - 1e-6);
      }),
      { numRuns: 60 },
    ));
});

/** Whole sheets cut up by lot: their pieces fill so many sheets again, and no fewer. */
function dissected(count: number, pieces: number, side: number, seed: number, turn: boolean | null): CutJob {
  const random = seededRandom(seed);
  const parts = Array.from({ length: count }, () => dissection({ w: side, h: side }, pieces, random)).flat();
  return {
    ...plain,
    stock: sheets(side, side, count + 2, true),
    pieces: parts.map((p, i) => ({ id: `p${i}`, ...p, count: 1, of: null, turn, optional: false, value: 0 })),
  };
}

// Those that are found soon; `npm run bench` tells of many.
test.each([
  [1, 12, 48, 1, null],
  [2, 8, 48, 2, null],
  [2, 8, 12, 3, null],
  [3, 8, 48, 4, null],
  [3, 9, 48, 5, null],
  [4, 8, 48, 6, null],
  [1, 60, 60, 8, null],
  [1, 73, 75, 6, null],
  [1, 49, 200, 8, null],
  [1, 60, 200, 4, null],
  [1, 73, 200, 1, false],
])('%d sheets cut into %d pieces each (side %d) are filled again without waste', (count, pieces, side, seed, turn) => {
  const job = dissected(count, pieces, side, seed, turn);
  const plan = planCuts(job);
  expect(plan.stats).toMatchObject({ fresh: count, wasteArea: 0, nubbinArea: 0, optimal: true });
  expect(plan.notCut).toEqual([]);
  expect(replay(job, plan)).toEqual([]);
});
