import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { replayShare } from './test/replayShare';
import { shareOut, solverFrom, type ShareJob, type ShareMode, type SharePlan, type Solver, type Taste } from '.';

let solver: Solver;
beforeAll(async () => {
  solver = solverFrom(await loadHighs());
});

const sheet = (id: string, front: string, since: number, some = {}) => ({
  id,
  w: inches(12),
  h: inches(12),
  count: 1,
  front,
  back: null,
  upright: false,
  fresh: true,
  since,
  missing: [],
  ...some,
});
const slot = (id: string, w: number, h: number, of: string[]) => ({
  id,
  w: inches(w),
  h: inches(h),
  count: 1,
  of,
  turn: null,
  like: [],
  unlike: [],
});
const share = (
  stock: ShareJob['stock'],
  slots: ReturnType<typeof slot>[][],
  mode: ShareMode,
  some: Partial<Taste> = {},
): SharePlan => {
  const job: ShareJob = {
    stock,
    keepAtLeast: { w: inches(1), h: inches(1) },
    longestCut: null,
    taste: { mode, good: ['moths'], must: [], ...some },
    pages: slots.map((own, p) => ({ id: `p${p}`, worth: 1, atLeast: 0, atMost: Infinity, slots: own })),
  };
  let plan: SharePlan | null = null;
  for (const progress of shareOut(job, solver, 120_000)) plan = progress.plan;
  expect(replayShare(job, plan!).filter((wrong) => !/optimal/.test(wrong))).toEqual([]);
  return plan!;
};
const designsIn = (plan: SharePlan): (string | null)[] =>
  plan.pages.flatMap((page) => (page.complete ? page.slots.map(({ design }) => design) : []));

describe('modes of sharing a kit out', () => {
  const either = ['moths', 'cream'];

  test('save: the good paper shows in small pieces, the large ones are plain', () => {
    const open = { fresh: false };
    const plan = share(
      [sheet('m', 'moths', 24, open), sheet('c', 'cream', 24, open)],
      [[slot('ground', 9, 9, either), slot('strip', 12, 1, either)]],
      'save',
    );
    expect(designsIn(plan)).toEqual(['cream', 'moths']);
  });
  test('even: each page has its share of the favourite', () => {
    const plan = share(
      [sheet('m', 'moths', 24), sheet('c', 'cream', 24)],
      [0, 1, 2].map(() => [slot('band', 12, 3, either), slot('strip', 12, 1, either)]),
      'even',
    );
    const shares = plan.pages.map((page) =>
      page.complete
        ? page.slots
            .filter(({ design }) => design === 'moths')
            .map(({ id }) => id)
            .join()
        : '',
    );
    expect(new Set(shares).size).toBe(1);
  });
  test('spend: the older paper goes first', () => {
    const stock = [sheet('new', 'moths', 40), sheet('old', 'rope', 4)];
    expect(designsIn(share(stock, [[slot('ground', 9, 9, ['moths', 'rope'])]], 'spend'))).toEqual(['rope']);
  });
  test('spend: both faces of a sheet rather than one', () => {
    const stock = [sheet('a', 'moths', 4, { back: 'lamp' }), sheet('b', 'moths', 4)];
    const plan = share(stock, [[slot('x', 5, 5, ['moths']), slot('y', 5, 5, ['lamp', 'moths'])]], 'spend');
    expect(designsIn(plan)).toEqual(['moths', 'lamp']);
    expect(plan.sheets.map(({ stock: id }) => id)).toEqual(['a']);
  });
  test('a paper that must be used is, whatever the mode would have', () => {
    const plan = share([sheet('m', 'moths', 24), sheet('c', 'cream', 24)], [[slot('ground', 9, 9, either)]], 'save', {
      must: ['moths'],
    });
    expect(designsIn(plan)).toEqual(['moths']);
  });
  test('no taste costs a page', () => {
    const stock = [sheet('m', 'moths', 24), sheet('c', 'cream', 24)];
    for (const mode of ['save', 'even', 'spend'] as const)
      expect(
        share(stock, [[slot('ground', 12, 12, either)], [slot('ground', 12, 12, either)]], mode).stats.complete,
      ).toBe(2);
  });
  test('designs that look the same do not lie on each other where layers must be told apart', () => {
    const stock = [sheet('c', 'cream', 24), sheet('p', 'plain cream', 24), sheet('m', 'moths', 24)];
    const layers = [
      { ...slot('frame', 12, 12, ['cream', 'plain cream']), unlike: ['ground'] },
      slot('ground', 11, 11, ['plain cream', 'cream', 'moths']),
    ];
    const job = {
      stock,
      keepAtLeast: { w: inches(1), h: inches(1) },
      longestCut: null,
      pages: [{ id: 'p', worth: 1, atLeast: 0, atMost: Infinity, slots: layers }],
    };
    const last = (of: ShareJob): SharePlan => [...shareOut(of, solver, 60_000)].at(-1)!.plan;
    expect(designsIn(last({ ...job, alike: [['cream', 'plain cream']] }))).toContain('moths');
    expect(last({ ...job, stock: stock.slice(0, 2), alike: [['cream', 'plain cream']] }).stats.complete).toBe(0);
    expect(last({ ...job, stock: stock.slice(0, 2) }).stats.complete).toBe(1);
  });

  test('what she means to use is used where it costs no page, and gives way where it would', () => {
    const stock = [sheet('m', 'moths', 24), sheet('c', 'cream', 24), sheet('l', 'leaf', 24)];
    const any = ['moths', 'cream', 'leaf'];
    for (const mode of ['save', 'even', 'spend'] as const)
      for (const meant of any) {
        const plan = share(stock, [[slot('band', 12, 3, any)]], mode, { meant: [meant] });
        expect(designsIn(plan)).toEqual([meant]);
      }
    // Two pages need a whole sheet each, of which one can only be of the meant paper if it is twice there.
    const two = share(
      [sheet('m', 'moths', 24), sheet('c', 'cream', 24)],
      [[slot('ground', 12, 12, ['moths', 'cream'])], [slot('ground', 12, 12, ['cream'])]],
      'even',
      { meant: ['cream'] },
    );
    expect(designsIn(two)).toEqual(['moths', 'cream']);
  });
});
