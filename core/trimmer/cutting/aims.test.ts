import fc from 'fast-check';
import { expect, test } from 'vitest';
import { planCuts, type CutJob, type CutPlan } from '.';

/** kept, then waste (less is better), then cuts (fewer is better): sums, compared in turn. */
type Yield = readonly [kept: number, waste: number, cuts: number];

const isBetter = (a: Yield, b: Yield): boolean =>
  a[0] !== b[0] ? a[0] > b[0] : a[1] !== b[1] ? a[1] < b[1] : a[2] < b[2];

/**
 * The best that exactly these pieces leave of a part, over every cut and every sharing-out: slow, plain, apart from the
 * planner.
 */
function bestOf(
  w: number,
  h: number,
  pieces: readonly (readonly [number, number])[],
  set: number,
  keep: { w: number; h: number },
  memo: Map<string, Yield | null>,
): Yield | null {
  const key = `${w}x${h}:${set}`;
  const known = memo.get(key);
  if (known !== undefined) return known;
  const large = (w >= keep.w && h >= keep.h) || (w >= keep.h && h >= keep.w);
  let best: Yield | null = set === 0 ? (large ? [(w * h) ** 2, 0, 0] : [0, w * h, 0]) : null;
  const single = pieces.findIndex((_, i) => set === 1 << i);
  if (single >= 0 && pieces[single]![0] === w && pieces[single]![1] === h) best = [0, 0, 0];
  if (set !== 0) {
    for (const upright of [true, false])
      for (let at = 1; at < (upright ? w : h); at++) {
        for (let near = set; ; near = (near - 1) & set) {
          const a = upright ? bestOf(at, h, pieces, near, keep, memo) : bestOf(w, at, pieces, near, keep, memo);
          const b =
            a &&
            (upright
              ? bestOf(w - at, h, pieces, set ^ near, keep, memo)
              : bestOf(w, h - at, pieces, set ^ near, keep, memo));
          if (a && b) {
            const sum: Yield = [a[0] + b[0], a[1] + b[1], a[2] + b[2] + 1];
            if (!best || isBetter(sum, best)) best = sum;
          }
          if (near === 0) break;
        }
      }
  }
  memo.set(key, best);
  return best;
}

interface Total {
  readonly pieces: number;
  readonly fresh: number;
  readonly kept: number;
  readonly ages: readonly number[];
  readonly waste: number;
  readonly cuts: number;
}

function compare(a: Total, b: Total): number {
  for (const [x, y] of [
    [a.pieces, b.pieces],
    [-a.fresh, -b.fresh],
    [a.kept, b.kept],
  ] as const)
    if (x !== y) return x - y;
  for (let i = 0; i < Math.max(a.ages.length, b.ages.length); i++) {
    const [x, y] = [a.ages[i], b.ages[i]];
    if (x !== y) return x === undefined ? 1 : y === undefined ? -1 : y - x;
  }
  return b.waste - a.waste || b.cuts - a.cuts;
}

/** The best plan of all: every sharing-out of every set of pieces over the sheets. */
function bruteForce({ stock, pieces, keepAtLeast }: CutJob): Total {
  const sizes = pieces.map(({ w, h }) => [w, h] as const);
  const memos = stock.map(() => new Map<string, Yield | null>());
  let best: Total | null = null;
  const go = (s: number, left: number, total: Total): void => {
    if (s === stock.length) {
      const ages = [...total.ages].sort((a, b) => b - a);
      if (!best || compare({ ...total, ages }, best) > 0) best = { ...total, ages };
      return;
    }
    const { w, h, fresh, since } = stock[s]!;
    for (let set = left; ; set = (set - 1) & left) {
      if (set === 0) {
        go(s + 1, left, { ...total, kept: total.kept + (w * h) ** 2 });
        break;
      }
      const own = bestOf(w, h, sizes, set, keepAtLeast, memos[s]!);
      if (own)
        go(s + 1, left ^ set, {
          pieces: total.pieces + set.toString(2).replaceAll('0', '').length,
          fresh: total.fresh + Number(fresh),
          kept: total.kept + own[0],
          ages: [...total.ages, since ?? -Infinity],
          waste: total.waste + own[1],
          cuts: total.cuts + own[2],
        });
    }
  };
  go(0, (1 << pieces.length) - 1, { pieces: 0, fresh: 0, kept: 0, ages: [], waste: 0, cuts: 0 });
  return best!;
}

const totalOf = ({ stock }: CutJob, { sheets, stats }: CutPlan): Total => ({
  pieces: stats.pieces,
  fresh: stats.fresh,
  kept: stats.kept,
  waste: stats.wasteArea,
  cuts: stats.cuts,
  ages: sheets.map((sheet) => stock.find(({ id }) => id === sheet.stock)!.since ?? -Infinity).sort((a, b) => b - a),
});

const side = (from: number, to: number) => fc.integer({ min: from, max: to });
const tinyJob = fc.record({
  stock: fc
    .array(
      fc.record({ w: side(3, 6), h: side(2, 5), fresh: fc.boolean(), since: fc.option(fc.constantFrom(1, 2, 3)) }),
      { minLength: 1, maxLength: 3 },
    )
    .map((list) =>
      list.map((s, i) => ({ id: `s${i}`, ...s, count: 1, front: null, back: null, upright: true, missing: [] })),
    ),
  pieces: fc
    .array(fc.record({ w: side(1, 4), h: side(1, 3) }), { minLength: 1, maxLength: 4 })
    .map((list) =>
      list.map((p, i) => ({ id: `p${i}`, ...p, count: 1, of: null, turn: null, optional: false, value: 0 })),
    ),
  keepAtLeast: fc.constantFrom({ w: 1, h: 1 }, { w: 1, h: 2 }, { w: 2, h: 2 }),
  longestCut: fc.constant(null),
});

test('no plan of a tiny job serves the seven aims better, in their order', () =>
  fc.assert(
    fc.property(tinyJob, (job) => {
      const best = bruteForce(job);
      const own = totalOf(job, planCuts(job));
      expect({ ...own, better: compare(best, own) > 0 }).toEqual({ ...best, better: false });
    }),
    { numRuns: 100 },
  ));
