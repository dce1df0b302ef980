import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { planCuts } from '../../trimmer/cutting';
import { inches } from '../../ground/length';
import { seededRandom } from '../../ground/random';
import { shareOut, solverFrom, type ShareJob, type SharePage, type SharePlan, type ShareSlot, type Solver } from '.';
import { cutJobOf } from './settle';
import { choicesOf, readTable } from './table';
import { anyShare, dealt } from './test/arbitraries';
import { doubled } from '../../trimmer/cutting/test/doubled';
import { wholeKit } from './test/wholeKit';
import { replayShare } from './test/replayShare';

let solver: Solver;
beforeAll(async () => {
  solver = solverFrom(await loadHighs());
});

function last(job: ShareJob, work?: number, by: Solver | null = solver): SharePlan {
  let plan: SharePlan | null = null;
  for (const progress of shareOut(job, by, work)) plan = progress.plan;
  return plan!;
}

const slot = (id: string, w: number, h: number, some: Partial<ShareSlot> = {}): ShareSlot => ({
  id,
  w: inches(w),
  h: inches(h),
  count: 1,
  of: null,
  turn: null,
  like: [],
  unlike: [],
  ...some,
});
const page = (id: string, slots: ShareSlot[], some: Partial<SharePage> = {}): SharePage => ({
  id,
  worth: 1,
  atLeast: 0,
  atMost: Infinity,
  slots,
  ...some,
});
const sheet = (id: string, front: string | null, back: string | null, some = {}) => ({
  id,
  w: inches(12),
  h: inches(12),
  count: 1,
  front,
  back,
  upright: false,
  fresh: true,
  since: null,
  missing: [],
  ...some,
});
const job = (stock: ShareJob['stock'], pages: SharePage[]): ShareJob => ({
  stock,
  pages,
  keepAtLeast: { w: inches(1), h: inches(2) },
  longestCut: null,
});

/** Every set of pages with every choice of designs, each planned by the exact search for small jobs. */
function byHand(of: ShareJob): { worth: number; fresh: number } {
  const table = readTable(of);
  let best = { worth: 0, fresh: 0 };
  const extend = (chosen: (readonly number[] | null)[]): void => {
    if (chosen.length < of.pages.length) {
      extend([...chosen, null]);
      for (const choice of choicesOf(table, chosen.length, Infinity)) extend([...chosen, choice]);
      return;
    }
    const worth = of.pages.reduce((sum, { worth: own }, p) => sum + (chosen[p] ? own : 0), 0);
    if (worth < best.worth || worth === 0) return;
    const plan = planCuts(cutJobOf(table, chosen), 60_000);
    if (plan.notCut.length === 0 && (worth > best.worth || plan.stats.fresh < best.fresh))
      best = { worth, fresh: plan.stats.fresh };
  };
  extend([]);
  return best;
}

test('whatever is shared out replays: complete pages are whole, rules hold, bounds are not beaten', () =>
  fc.assert(
    fc.property(anyShare(4), (any) => {
      expect(replayShare(any, last(any, 60_000))).toEqual([]);
    }),
    { numRuns: 20 },
  ));

test('small jobs are shared out as well as by trying everything, and bounds lie on the far side of that', () =>
  fc.assert(
    fc.property(anyShare(2), (any) => {
      const plan = last(any, 300_000);
      const best = byHand(any);
      expect(plan.stats.bound.worth).toBeGreaterThanOrEqual(best.worth);
      expect(plan.stats.worth).toBe(best.worth);
      expect(plan.stats.bound.fresh).toBeLessThanOrEqual(best.fresh);
      expect(plan.stats.fresh).toBe(best.fresh);
    }),
    { numRuns: 15 },
  ));

describe('never worse', () => {
  const WORK_ENOUGH = 300_000;
  const worthOf = (any: ShareJob): number => last(any, WORK_ENOUGH).stats.worth;
  test('with a sheet more of some paper', () =>
    fc.assert(
      fc.property(anyShare(2), fc.nat(), (any, which) => {
        const like = any.stock[which % any.stock.length];
        if (!like) return;
        const more = { ...any, stock: [...any.stock, { ...like, id: 'one more', count: 1 }] };
        expect(worthOf(more)).toBeGreaterThanOrEqual(worthOf(any));
      }),
      { numRuns: 12 },
    ));
  test('with a page fewer, but for what that page was worth', () =>
    fc.assert(
      fc.property(anyShare(3), (any) => {
        const [first, ...others] = any.pages;
        const whole = last(any, WORK_ENOUGH);
        const made = whole.pages.some(({ id, complete }) => id === first?.id && complete);
        const least = whole.stats.worth - (made ? (first?.worth ?? 0) : 0);
        expect(worthOf({ ...any, pages: others })).toBeGreaterThanOrEqual(least);
      }),
      { numRuns: 12 },
    ));
  test('with more work, and no answer on the way is worse than one before', () =>
    fc.assert(
      fc.property(anyShare(4), (any) => {
        const on = [...shareOut(any, solver, 100_000)].map(({ plan }) => plan.stats.worth);
        expect(on).toEqual([...on].sort((a, b) => a - b));
        expect(last(any, 100_000).stats.worth).toBeGreaterThanOrEqual(last(any, 20_000).stats.worth);
      }),
      { numRuns: 6 },
    ));
});

test.each([
  [2, 6, 3],
  [3, 8, 4],
  [4, 7, 6],
  [7, 8, 9],
])('%d sheets cut into %d parts each and dealt to %d pages: all can be made again', (sheets, parts, pages) => {
  const perfect = dealt(seededRandom(sheets * 100 + parts), sheets, parts, pages);
  const plan = last(perfect);
  expect(replayShare(perfect, plan)).toEqual([]);
  expect(plan.stats).toMatchObject({ complete: pages, fresh: sheets, wasteArea: 0, nubbinArea: 0, optimal: true });
});

test.each([
  [102, 3, 0],
  [115, 4, 0.06],
])('a whole kit (%d) with a page too many: all the others are made, whatever her way with it', (seed, pages, slack) => {
  const { job: kit, worth } = wholeKit(seed, pages, slack);
  for (const taste of [
    undefined,
    ...(['save', 'even', 'spend'] as const).map((mode) => ({ mode, good: [], must: [] })),
  ]) {
    const wanted = taste ? { ...kit, taste } : kit;
    const plan = last(wanted, 60_000);
    expect(replayShare(wanted, plan)).toEqual([]);
    expect(plan.stats.worth).toBeGreaterThanOrEqual(worth);
  }
});

test('a share-out whose cuts take something away stands up to a replay', () =>
  fc.assert(
    fc.property(anyShare(4), fc.constantFrom(inches(1 / 32), inches(1 / 8)), (any, kerf) => {
      const job: ShareJob = { ...any, kerf };
      expect(replayShare(job, last(job, 20_000))).toEqual([]);
    }),
    { numRuns: 12 },
  ));

/** All lengths of a job twice as long. */
const twice = (any: ShareJob): ShareJob => ({
  ...any,
  stock: doubled(any.stock),
  pages: any.pages.map((one) => ({ ...one, slots: one.slots.map((own) => ({ ...own, w: 2 * own.w, h: 2 * own.h })) })),
  keepAtLeast: { w: 2 * any.keepAtLeast.w, h: 2 * any.keepAtLeast.h },
  longestCut: any.longestCut === null ? null : 2 * any.longestCut,
});

test('twice as large is the same but for the numbers', () =>
  fc.assert(
    fc.property(anyShare(4), (any) => {
      const [one, two] = [last(any, 30_000), last(twice(any), 30_000)];
      expect(two.pages).toEqual(one.pages);
      expect(two.sheets.map(({ stock, pieces }) => ({ stock, at: pieces.map(({ x, y }) => [x, y]) }))).toEqual(
        one.sheets.map(({ stock, pieces }) => ({ stock, at: pieces.map(({ x, y }) => [2 * x, 2 * y]) })),
      );
      expect(two.stats).toMatchObject({
        worth: one.stats.worth,
        fresh: one.stats.fresh,
        bound: one.stats.bound,
        pieceArea: 4 * one.stats.pieceArea,
      });
    }),
    { numRuns: 8 },
  ));

test('the same job gives the same answer; without a solver it is valid too', () => {
  const perfect = dealt(seededRandom(5), 2, 5, 3);
  expect(last(perfect, 100_000)).toEqual(last(perfect, 100_000));
  const plan = last(perfect, 200_000, null);
  expect(replayShare(perfect, plan)).toEqual([]);
  expect(plan.stats.complete).toBeGreaterThan(0);
});

test('told that it is over, at whatever moment, a share-out ends at once with one that replays', () =>
  fc.assert(
    fc.property(anyShare(5), fc.integer({ min: 0, max: 400 }), (any, asked) => {
      let left = asked;
      const isOver = (): boolean => left-- <= 0;
      let plan: SharePlan | null = null;
      let reports = 0;
      for (const progress of shareOut(any, solver, Infinity, isOver)) {
        plan = progress.plan;
        if (left < 0) reports++;
      }
      expect(replayShare(any, plan!)).toEqual([]);
      expect(reports).toBeLessThan(10);
    }),
    { numRuns: 30 },
  ));

test('many pages from much paper: most of them are made, and replay', () => {
  const perfect = dealt(seededRandom(77), 12, 5, 10);
  const plan = last(perfect, 300_000);
  expect(replayShare(perfect, plan)).toEqual([]);
  expect(plan.stats.complete).toBeGreaterThanOrEqual(8);
});

describe('worked by hand', () => {
  const both = sheet('moth-1', 'moths', 'lamplight');
  test("the format's own example", () => {
    const night = page(
      'night-1',
      [
        slot('mats', 4.25, 6.25, { count: 2, of: ['moths', 'lamplight'] }),
        slot('strips', 12, 1, { count: 2, unlike: ['mats'] }),
      ],
      { atLeast: 1, atMost: 3 },
    );
    const { stats } = last(job([both], [night]));
    expect({
      ...stats,
      pieceArea: stats.pieceArea / inches(1) ** 2,
      nubbinArea: stats.nubbinArea / inches(1) ** 2,
      largestNubbin: stats.largestNubbin / inches(1) ** 2,
    }).toMatchObject({
      worth: 1,
      complete: 1,
      fresh: 1,
      cuts: 5,
      pieceArea: 77.125,
      nubbinArea: 66.875,
      wasteArea: 0,
      largestNubbin: 57.5,
      bound: { worth: 1, fresh: 1 },
      optimal: true,
    });
  });
  test('the dearer page is made where there is paper for one only', () => {
    const plan = last(
      job([both], [page('cheap', [slot('ground', 12, 12)]), page('dear', [slot('ground', 12, 12)], { worth: 3 })]),
    );
    expect(plan.pages.map(({ complete }) => complete)).toEqual([false, true]);
    expect(plan.stats).toMatchObject({ worth: 3, bound: { worth: 3 }, optimal: true });
    expect(plan.pages[0]).toMatchObject({ why: { kind: 'no-room', slot: 'ground' } });
  });
  test('a leftover is used before a fresh sheet, whichever design that takes', () => {
    const scrap = sheet('scrap', 'foxglove', null, { w: inches(6), h: inches(6), fresh: false });
    const plan = last(job([both, scrap], [page('a', [slot('mat', 4, 6)]), page('b', [slot('tag', 2, 6)])]));
    expect(plan.stats).toMatchObject({ complete: 2, fresh: 0, optimal: true });
    expect(plan.sheets.map(({ stock }) => stock)).toEqual(['scrap']);
  });
  test('plain paper is one design of its own, and is never taken where a design is asked for', () => {
    const plain = sheet('plain', null, null);
    const plan = last(
      job(
        [plain],
        [
          page('a', [slot('x', 3, 3, { of: ['moths'] })]),
          page('b', [slot('x', 3, 3), slot('y', 3, 3, { like: ['x'] })]),
          page('c', [slot('x', 3, 3), slot('y', 3, 3, { unlike: ['x'] })]),
        ],
      ),
    );
    expect(plan.pages).toMatchObject([
      { complete: false, why: { kind: 'no-design', slot: 'x' } },
      {
        complete: true,
        slots: [
          { id: 'x', design: null },
          { id: 'y', design: null },
        ],
      },
      { complete: false, why: { kind: 'rules', slot: null } },
    ]);
  });
  test('why a page cannot be made', () => {
    const plan = last(
      job(
        [both],
        [
          page('a', [slot('ground', 13, 4)]),
          page('b', [slot('x', 1, 1), slot('y', 1, 1)], { atLeast: 3 }),
          page('c', []),
        ],
      ),
    );
    expect(plan.pages).toMatchObject([
      { why: { kind: 'too-large', slot: 'ground' } },
      { why: { kind: 'rules' } },
      { complete: true, slots: [] },
    ]);
  });
});
