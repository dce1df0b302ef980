import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { overlaps, type Rect } from '../../../ground/geometry';
import { divideLeftOver, wholeSpots } from './leftOver';
import { leaves, wholeSheet } from './part';
import { readProblem, type Problem } from '../problem/problem';

const SHEET = { w: 6, h: 5 };
const gap = fc.record({
  x: fc.integer({ min: 0, max: 5 }),
  y: fc.integer({ min: 0, max: 4 }),
  w: fc.integer({ min: 1, max: 3 }),
  h: fc.integer({ min: 1, max: 3 }),
});
const gaps = fc.array(gap, { maxLength: 3 });
const keep = fc.record({ w: fc.integer({ min: 1, max: 3 }), h: fc.integer({ min: 1, max: 3 }) });

const problemOf = (missing: readonly Rect[], keepAtLeast = { w: 1, h: 1 }, longestCut: number | null = null): Problem =>
  readProblem({
    stock: [
      { id: 's', ...SHEET, count: 1, front: null, back: null, upright: false, fresh: false, since: null, missing },
    ],
    pieces: [],
    keepAtLeast,
    longestCut,
  });

/** The best sum of squares over every way to cut along whole units: slow, plain, and apart from the code under test. */
function bruteForce(
  { x, y, w, h }: Rect,
  missing: readonly Rect[],
  least: { w: number; h: number },
  longest: number,
): number {
  const touched = missing.filter((gone) => overlaps(gone, { x, y, w, h }));
  const large = (w >= least.w && h >= least.h) || (w >= least.h && h >= least.w);
  if (touched.length === 0) return large ? (w * h) ** 2 : 0;
  let best = 0;
  if (h <= longest)
    for (let at = 1; at < w; at++)
      best = Math.max(
        best,
        bruteForce({ x, y, w: at, h }, touched, least, longest) +
          bruteForce({ x: x + at, y, w: w - at, h }, touched, least, longest),
      );
  if (w <= longest)
    for (let at = 1; at < h; at++)
      best = Math.max(
        best,
        bruteForce({ x, y, w, h: at }, touched, least, longest) +
          bruteForce({ x, y: y + at, w, h: h - at }, touched, least, longest),
      );
  return best;
}

describe('what is left of a sheet with gaps', () => {
  test('is divided so that no cutting along whole units keeps more', () =>
    fc.assert(
      fc.property(gaps, keep, fc.constantFrom(null, 5, 6), (missing, least, longest) => {
        const problem = problemOf(missing, least, longest);
        const division = divideLeftOver(problem, wholeSheet(problem.kinds[0]!));
        expect(division.kept).toBe(bruteForce({ x: 0, y: 0, ...SHEET }, missing, least, longest ?? Infinity));
      }),
      { numRuns: 60 },
    ));

  test('a division keeps what its whole parts are worth', () =>
    fc.assert(
      fc.property(gaps, keep, (missing, least) => {
        const problem = problemOf(missing, least);
        const division = divideLeftOver(problem, wholeSheet(problem.kinds[0]!));
        const whole = leaves(division.part).filter(({ holes }) => holes.length === 0);
        const worth = whole
          .filter(({ w, h }) => (w >= least.w && h >= least.h) || (w >= least.h && h >= least.w))
          .reduce((sum, { w, h }) => sum + (w * h) ** 2, 0);
        expect(division.kept).toBe(worth);
      }),
    ));

  test('spots keep off the gaps, and any rectangle free of them lies in one', () =>
    fc.assert(
      fc.property(gaps, gap, (missing, probe) => {
        const problem = problemOf(missing);
        const spots = wholeSpots(wholeSheet(problem.kinds[0]!));
        expect(spots.some((spot) => missing.some((gone) => overlaps(gone, spot)))).toBe(false);
        const inside = probe.x + probe.w <= SHEET.w && probe.y + probe.h <= SHEET.h;
        if (!inside || missing.some((gone) => overlaps(gone, probe))) return;
        expect(
          spots.some(
            (s) => s.x <= probe.x && s.y <= probe.y && s.x + s.w >= probe.x + probe.w && s.y + s.h >= probe.y + probe.h,
          ),
        ).toBe(true);
      }),
    ));
});
