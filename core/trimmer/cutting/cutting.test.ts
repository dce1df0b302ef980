import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches, mm } from '../../ground/length';
import { planCuts, searchPlans, type CutJob, type CutPiece, type CutPlan, type CutStock } from '.';
import { anyJob } from './test/arbitraries';
import { beginWith } from './constructions/beginWith';
import { readProblem } from './problem/problem';
import { doubled } from './test/doubled';
import { perfectCut } from './test/perfectCut';
import { replay } from './test/replay';

const LITTLE = 20_000;

const sheet = (id: string, w = 12, h = 12, more: Partial<CutStock> = {}): CutStock => ({
  id,
  w: inches(w),
  h: inches(h),
  count: 1,
  front: null,
  back: null,
  upright: false,
  fresh: false,
  since: null,
  missing: [],
  ...more,
});
const piece = (id: string, w: number, h: number, count = 1, more: Partial<CutPiece> = {}): CutPiece => ({
  id,
  w: inches(w),
  h: inches(h),
  count,
  of: null,
  turn: null,
  optional: false,
  value: 0,
  ...more,
});
const job = (stock: CutStock[], pieces: CutPiece[], more: Partial<CutJob> = {}): CutJob => ({
  stock,
  pieces,
  keepAtLeast: { w: inches(1), h: inches(1) },
  longestCut: null,
  ...more,
});

test('every plan of any job stands up to a replay', () =>
  fc.assert(
    fc.property(anyJob, (any) => {
      expect(replay(any, planCuts(any, LITTLE))).toEqual([]);
    }),
    { numRuns: 40 },
  ));

test('every plan on the way stands up to a replay, and none is worse than the one before', () =>
  fc.assert(
    fc.property(anyJob, (any) => {
      let before: number[] | null = null;
      for (const { plan } of searchPlans(any, LITTLE)) {
        expect(replay(any, plan)).toEqual([]);
        const { pieces, value, fresh, kept } = plan.stats;
        const now = [pieces, value, -fresh, kept];
        const differs =
          before === null ? -1 : now.findIndex((aim, i) => Math.abs(aim - before![i]!) > 1e-9 * Math.abs(aim));
        if (differs >= 0) expect(now[differs]).toBeGreaterThan(before![differs]!);
        before = now;
      }
    }),
    { numRuns: 40 },
  ));

test('the same job gives the same plan', () =>
  fc.assert(
    fc.property(anyJob, (any) => {
      expect(planCuts(any, LITTLE)).toEqual(planCuts(any, LITTLE));
    }),
    { numRuns: 20 },
  ));

describe('figures of the trade (common practice, no source)', () => {
  test('one 12x12 gives four 3x12 strips and no waste', () => {
    const plan = planCuts(job([sheet('moths')], [piece('strip', 12, 3, 4)]));
    expect(plan.stats).toMatchObject({ pieces: 4, cuts: 3, wasteArea: 0, nubbinArea: 0, optimal: true });
  });
  test('a 12x12 gives eight 3 1/4 x 4 1/4 mats, two of them turned', () => {
    const plan = planCuts(job([sheet('moths')], [piece('mat', 3.25, 4.25, 9)]));
    expect(plan.stats.pieces).toBe(8);
  });
  test('a one-way print gives only six of them', () => {
    const plan = planCuts(job([sheet('moths', 12, 12, { upright: true })], [piece('mat', 3.25, 4.25, 9)]));
    expect(plan.stats.pieces).toBe(6);
  });
  test('two 3x4 photos share a 4x6 print', () => {
    const plan = planCuts(job([sheet('print', 6, 4)], [piece('photo', 3, 4, 2)]));
    expect(plan.stats).toMatchObject({ pieces: 2, wasteArea: 0 });
  });
});

describe('what is trimmed to one measure is trimmed by one cut', () => {
  // Common practice, no source: a strip first, then its squares.
  test.each([
    [3, 4.25, 1.5, 4],
    [9, 12, 1.5, 10],
    [8, 11, 1.375, 9],
  ])('%i squares of 1 1/4 from a %f x %f strip', (count, w, h, cuts) => {
    const plan = planCuts(job([sheet('strip', w, h)], [piece('square', 1.25, 1.25, count)]), LITTLE);
    expect(plan.stats).toMatchObject({ pieces: count, cuts });
  });
  test('and a gap in what is trimmed off is no hindrance', () => {
    const gone = { x: inches(5), y: inches(1.5), w: inches(1), h: inches(0.5) };
    const strip = sheet('strip', 12, 2, { missing: [gone] });
    expect(planCuts(job([strip], [piece('square', 1.25, 1.25, 9)]), LITTLE).stats).toMatchObject({
      pieces: 9,
      cuts: 10,
    });
  });
  test('but not where the trimmer is too short for it', () => {
    const short = job([sheet('strip', 12, 1.5)], [piece('square', 1.25, 1.25, 9)], { longestCut: inches(6) });
    const plan = planCuts(short, LITTLE);
    expect(replay(short, plan)).toEqual([]);
    expect(plan.stats.pieces).toBe(9);
  });
});

describe('what matters next is hers to say', () => {
  const halves = [
    sheet('half-1', 12, 6, { fresh: true }),
    sheet('half-2', 12, 6, { fresh: true }),
    sheet('whole', 12, 12, { fresh: true }),
  ];
  const two = [piece('strip', 12, 6, 2)];
  test('fresh sheets are saved by default, cuts where she prefers it', () => {
    expect(planCuts(job(halves, two)).stats).toMatchObject({ fresh: 1, cuts: 1 });
    expect(planCuts(job(halves, two, { prefer: 'cuts' })).stats).toMatchObject({ fresh: 2, cuts: 0 });
  });
  test('a pinned piece comes from its paper, or not at all', () => {
    const pinned = [piece('strip', 12, 6, 1, { pinnedTo: 'half-2' })];
    expect(planCuts(job(halves, pinned)).sheets.map(({ stock }) => stock)).toEqual(['half-2']);
    expect(planCuts(job(halves.slice(0, 1), pinned)).notCut).toHaveLength(1);
  });
});

describe('which paper goes first', () => {
  test('a small leftover goes before a large one, and a leftover before a fresh sheet', () => {
    const plan = planCuts(
      job(
        [sheet('fresh', 12, 12, { fresh: true }), sheet('large', 8, 8), sheet('small', 4, 5)],
        [piece('mat', 3.25, 4.25)],
      ),
    );
    expect(plan.sheets.map(({ stock }) => stock)).toEqual(['small']);
  });
  test('fresh sheets are opened when nothing else serves', () => {
    const plan = planCuts(
      job(
        [sheet('fresh', 12, 12, { fresh: true, count: 3 }), sheet('small', 4, 5)],
        [piece('ground', 12, 12), piece('mat', 3.25, 4.25)],
      ),
    );
    expect(plan.stats).toMatchObject({ pieces: 2, fresh: 1, optimal: true });
  });
  test('of two papers alike, the older one goes first', () => {
    const plan = planCuts(
      job(
        [sheet('new', 5, 5, { since: 24300 }), sheet('old', 5, 5, { since: 24288 }), sheet('undated', 5, 5)],
        [piece('a', 4, 4, 2)],
      ),
    );
    expect(plan.sheets.map(({ stock }) => stock)).toEqual(['old', 'undated']);
  });
  test('one large piece is kept rather than two halves', () => {
    const plan = planCuts(job([sheet('a')], [piece('strip', 12, 3), piece('tag', 2, 3)]));
    expect(plan.stats.largestNubbin).toBe(inches(10) * inches(9));
  });
});

describe('two faces, right ways up, gaps and trimmers', () => {
  test('a design on the back serves, and the face is said', () => {
    const plan = planCuts(
      job([sheet('m', 12, 12, { front: 'moths', back: 'lamplight' })], [piece('tag', 2, 4, 1, { of: ['lamplight'] })]),
    );
    expect(plan.sheets[0]!.pieces[0]).toMatchObject({ id: 'tag', face: 'back' });
  });
  test('a piece says why it is not cut', () => {
    const plan = planCuts(
      job(
        [sheet('m', 6, 6, { front: 'moths' })],
        [
          piece('lost', 2, 2, 1, { of: ['nowhere'] }),
          piece('huge', 7, 7),
          piece('idle', 1, 1, 1, { optional: true }),
          piece('fits', 6, 6, 2),
        ],
      ),
    );
    expect(Object.fromEntries(plan.notCut.map(({ id, why }) => [id, why]))).toEqual({
      lost: 'no paper here has this design',
      huge: 'larger than any paper it may come from',
      idle: 'it does not pay',
      fits: 'no room',
    });
  });
  test('an upright print is turned only where the piece says so', () => {
    const strips = sheet('s', 12, 3, { upright: true });
    expect(planCuts(job([strips], [piece('a', 3, 12)])).stats.pieces).toBe(0);
    expect(planCuts(job([strips], [piece('a', 3, 12, 1, { turn: true })])).stats.pieces).toBe(1);
  });
  test('a gap in the sheet is gone round, and what is left beside it is kept', () => {
    const holed = sheet('h', 10, 10, { missing: [{ x: inches(4), y: inches(4), w: inches(2), h: inches(2) }] });
    const all = job([holed], [piece('a', 4, 10), piece('b', 4, 10), piece('c', 2, 4, 2)]);
    expect(planCuts(all).stats).toMatchObject({ pieces: 4, wasteArea: 0 });
    const one = planCuts(job([holed], [piece('c', 2, 4)]));
    expect(replay(job([holed], [piece('c', 2, 4)]), one)).toEqual([]);
    expect(one.stats.nubbinArea + one.stats.pieceArea).toBe(inches(1) ** 2 * 96);
  });
  test('no cut is longer than the trimmer', () => {
    const long = job([sheet('l', 12, 24)], [piece('a', 5, 5, 8)], { longestCut: inches(12) });
    const plan = planCuts(long);
    expect(plan.stats.pieces).toBe(8);
    expect(replay(long, plan)).toEqual([]);
    expect(planCuts(job([sheet('l', 24, 24)], [piece('a', 5, 5)], { longestCut: inches(12) })).stats.pieces).toBe(0);
  });
  test('optional pieces are chosen by their worth', () => {
    const plan = planCuts(
      job(
        [sheet('s', 6, 6)],
        [piece('a', 6, 6, 1, { optional: true, value: 10 }), piece('b', 3, 3, 4, { optional: true, value: 3 })],
      ),
    );
    expect(plan.stats).toMatchObject({ value: 12, optimal: true });
  });
  test('millimetres are as exact as inches', () => {
    const plan = planCuts({
      ...job([], []),
      stock: [{ ...sheet('a4'), w: mm(210), h: mm(297) }],
      pieces: [{ ...piece('a7', 1, 1, 8), w: mm(74.25), h: mm(105) }],
    });
    expect(plan.stats).toMatchObject({ pieces: 8, wasteArea: 0 });
  });
});

test('dissections made by random guillotine cuts are put together again without waste', () =>
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.boolean(), fc.nat(), fc.nat()), { minLength: 3, maxLength: 6 }), (cuts) => {
      const parts = [{ w: 12, h: 12 }];
      for (const [upright, which, where] of cuts) {
        const at = which % parts.length;
        const { w, h } = parts[at]!;
        const side = upright ? w : h;
        if (side < 2) continue;
        const cut = 1 + (where % (side - 1));
        parts.splice(
          at,
          1,
          ...(upright
            ? [
                { w: cut, h },
                { w: w - cut, h },
              ]
            : [
                { w, h: cut },
                { w, h: h - cut },
              ]),
        );
      }
      const all = job(
        [sheet('s')],
        parts.map(({ w, h }, i) => piece(`p${i}`, w, h, 1, { turn: false })),
      );
      expect(planCuts(all, 400_000).stats).toMatchObject({ pieces: parts.length, wasteArea: 0, optimal: true });
    }),
    { numRuns: 25 },
  ));

test('a little sheet more lets a sheet that was full take dearer pieces', () => {
  const full: CutJob = job(
    [sheet('full', 4.25, 4, { front: 'lamplight', back: 'moths' })],
    [
      piece('tag', 2.5, 1.25, 1, { of: ['lamplight'], optional: true, value: 3 }),
      piece('square', 1, 1, 2, { optional: true, value: 2 }),
      piece('strip', 1, 3.25, 3, { of: ['moths'] }),
    ],
  );
  expect(planCuts(full).stats).toMatchObject({ pieces: 3, value: 5, optimal: true });
  expect(planCuts({ ...full, stock: [...full.stock, sheet('little', 4, 4)] }).stats).toMatchObject({
    pieces: 3,
    value: 7,
    optimal: true,
  });
});

test('a larger stock never gives a worse plan', () =>
  fc.assert(
    fc.property(anyJob, fc.integer({ min: 4, max: 12 }), (any, n) => {
      const more = { ...any, stock: [...any.stock, sheet('more', n, n)] };
      const [before, after] = [planCuts(any, 60_000).stats, planCuts(more, 60_000).stats];
      const worse =
        after.pieces < before.pieces ||
        (after.pieces === before.pieces &&
          (after.value < before.value || (after.value === before.value && after.fresh > before.fresh)));
      expect(worse).toBe(false);
    }),
    { numRuns: 20 },
  ));

test('told that it is over, at whatever asking, it ends with a plan that can be cut', () =>
  fc.assert(
    fc.property(anyJob, fc.integer({ min: 0, max: 60 }), (job, askings) => {
      let asked = 0;
      const isOver = (): boolean => ++asked > askings;
      let last: CutPlan | null = null;
      for (const { plan } of searchPlans(job, Infinity, isOver)) last = plan;
      expect(replay(job, last!)).toEqual([]);
    }),
    { numRuns: 25 },
  ));

test.each([[30], [40]])(
  'made job %d, with gaps and with pieces that are optional: all is cut, without a sheet more than it was cut up from',
  (seed) => {
    const { job: made, fresh, value } = perfectCut(seed);
    const plan = planCuts(made);
    expect(replay(made, plan)).toEqual([]);
    expect(plan.notCut).toEqual([]);
    expect(plan.stats).toMatchObject({ fresh, value });
  },
);

describe('a plan begun elsewhere', () => {
  const wanted = job([sheet('a'), sheet('b', 6, 6)], [piece('tall', 3, 12), piece('wide', 12, 3)]);
  const told = [
    {
      stock: 'a',
      whole: {
        axis: 'x' as const,
        at: inches(3),
        near: { piece: 'tall' },
        far: { axis: 'x' as const, at: inches(3), near: { piece: 'wide' }, far: { piece: null } },
      },
    },
  ];
  test('is the first plan, and the last is no worse', () => {
    const [first] = searchPlans(wanted, LITTLE, () => false, told);
    expect(replay(wanted, first!.plan)).toEqual([]);
    expect(first!.plan.notCut).toEqual([]);
    expect(first!.plan.sheets[0]!.pieces.map(({ id, turned }) => [id, turned])).toEqual([
      ['tall', false],
      ['wide', true],
    ]);
  });
  test.each([
    ['a stock that is not there', [{ ...told[0]!, stock: 'c' }]],
    ['a sheet too many', [told[0]!, told[0]!]],
    ['a piece that is not wanted', [{ stock: 'a', whole: { piece: 'round' } }]],
    ['a part that is no piece', [{ stock: 'a', whole: { piece: 'tall' } }]],
  ])('%s is refused', (_, begun) => {
    expect(() => beginWith(readProblem(wanted), begun)).toThrow(RangeError);
  });
});

test('twice as large is the same plan but for the numbers', () =>
  fc.assert(
    fc.property(anyJob, (any) => {
      const twice: CutJob = {
        ...any,
        stock: doubled(any.stock),
        pieces: any.pieces.map((one) => ({ ...one, w: 2 * one.w, h: 2 * one.h })),
        keepAtLeast: { w: 2 * any.keepAtLeast.w, h: 2 * any.keepAtLeast.h },
        longestCut: any.longestCut === null ? null : 2 * any.longestCut,
      };
      const places = ({ sheets }: CutPlan, by: number): unknown =>
        sheets.map(({ stock, pieces }) => [
          stock,
          pieces.map(({ id, copy, x, y, turned }) => [id, copy, by * x, by * y, turned]),
        ]);
      expect(places(planCuts(twice, LITTLE), 1)).toEqual(places(planCuts(any, LITTLE), 2));
    }),
    { numRuns: 15 },
  ));

test('a sheet of which nothing is there is never opened', () => {
  const gone = sheet('gone', 12, 12, { fresh: true, missing: [{ x: 0, y: 0, w: inches(12), h: inches(12) }] });
  const wanted = job([gone, sheet('a', 6, 6)], [piece('half', 3, 6, 2)]);
  const plan = planCuts(wanted, 200_000);
  expect(replay(wanted, plan)).toEqual([]);
  expect(plan.sheets.map(({ stock }) => stock)).toEqual(['a']);
});
