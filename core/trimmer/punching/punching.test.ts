import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { area, contains, overlaps, unionArea } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { Hole, Punch } from '../../stock/things';
import { isRound, type RoundHole } from './hole';
import { halfExtent, holeRects, punchOut, punchSpots, type Scrap } from '.';

const circle = (size: number, reach: number | null = null): Punch => ({ shape: 'circle', size, reach });
const scrap = (w: number, h: number, missing: Scrap['missing'] = []): Scrap => ({ w, h, missing, upright: false });
const count = (on: Scrap, punch: Punch): number => punchSpots(on, punch).length;

describe('circles in a square, against published greatest least distances', () => {
  // R. Peikert, D. Wuertz, M. Monagan, C. de Groot, Packing circles in a square: a review and new results, 1992: the
  // greatest least distance of n points in the unit square. From memory, to six places.
  test.each([
    [2, 1.414214],
    [3, 1.035276],
    [4, 1],
    [5, 0.707107],
    [6, 0.600925],
    [7, 0.535898],
    [9, 0.5],
    [12, 0.38873],
    [14, 0.348915],
    [16, 0.333333],
    [18, 0.300463],
  ])('%d of them', (n, distance) => {
    const side = Math.ceil(10_000 * (1 + 1 / distance)) + 2;
    expect(count(scrap(side, side), circle(10_000))).toBeGreaterThanOrEqual(n);
  });
});

/** Most circles whose middles lie on a grid, by trying every set: shares no code with what is tested. */
function mostOnGrid(w: number, h: number, d: number, step: number): number {
  const middles: [number, number][] = [];
  for (let x = d / 2; x <= w - d / 2; x += step) for (let y = d / 2; y <= h - d / 2; y += step) middles.push([x, y]);
  let best = 0;
  const extend = (from: number, chosen: [number, number][]): void => {
    best = Math.max(best, chosen.length);
    for (let i = from; i < middles.length; i++) {
      const [x, y] = middles[i]!;
      if (chosen.every(([cx, cy]) => (x - cx) ** 2 + (y - cy) ** 2 >= d * d)) extend(i + 1, [...chosen, [x, y]]);
    }
  };
  extend(0, []);
  return best;
}

test('no fewer circles than a brute force over a grid', () =>
  fc.assert(
    fc.property(fc.integer({ min: 8, max: 19 }), fc.integer({ min: 8, max: 19 }), (w, h) => {
      expect(count(scrap(w * 1000, h * 1000), circle(8000))).toBeGreaterThanOrEqual(mostOnGrid(w, h, 8, 1));
    }),
    { numRuns: 40 },
  ));

const anyScrap = fc.record({
  w: fc.integer({ min: 500, max: 6000 }),
  h: fc.integer({ min: 500, max: 6000 }),
  upright: fc.boolean(),
  missing: fc.array(
    fc.record({
      x: fc.integer({ min: -200, max: 5000 }),
      y: fc.integer({ min: -200, max: 5000 }),
      w: fc.integer({ min: 1, max: 2000 }),
      h: fc.integer({ min: 1, max: 2000 }),
    }),
    { maxLength: 2 },
  ),
});
const anyPunch = fc.record({
  shape: fc.constantFrom('circle' as const, 'hexagon' as const),
  size: fc.integer({ min: 600, max: 2500 }),
  reach: fc.option(fc.integer({ min: 600, max: 4000 })),
});
const rounds = (holes: readonly Hole[]): RoundHole[] => holes.filter(isRound);

/** Points of a hole's edge and middle, worked out from its shape alone. */
function edgePoints({ x, y, size, lie }: RoundHole): { x: number; y: number }[] {
  return Array.from({ length: 72 }, (_, i) => {
    const angle = (i * Math.PI) / 36;
    const toFlat =
      lie === 'round'
        ? 0
        : (((angle - (lie === 'point-up' ? 0 : Math.PI / 6)) % (Math.PI / 3)) + Math.PI / 3) % (Math.PI / 3);
    const r = lie === 'round' ? size / 2 : size / 2 / Math.cos(Math.min(toFlat, Math.PI / 3 - toFlat));
    return { x: x + r * Math.cos(angle), y: y + r * Math.sin(angle) };
  });
}

/** Whether a point lies inside a hole, by more than a hundred-thousandth of an inch. */
function isInside({ x, y, size, lie }: Hole, at: { x: number; y: number }): boolean {
  const [dx, dy] = [at.x - x, at.y - y];
  if (lie === 'round') return Math.hypot(dx, dy) < size / 2 - 0.1;
  return [0, 1, 2].every((third) => {
    const angle = (third * Math.PI) / 3 + (lie === 'point-up' ? 0 : Math.PI / 6);
    return Math.abs(dx * Math.cos(angle) + dy * Math.sin(angle)) < size / 2 - 0.1;
  });
}

/** Whether no hole reaches into another, by their edges and middles. */
const areAllApart = (holes: readonly Hole[]): boolean =>
  rounds(holes).every((a, i) =>
    rounds(holes).every((b, j) => i === j || ![a, ...edgePoints(a)].some((at) => isInside(b, at))),
  );

test('every hole is on the paper, off what is gone, apart from the others and within reach', () =>
  fc.assert(
    fc.property(anyScrap, anyPunch, (on, punch) => {
      const holes = punchSpots(on, punch);
      expect(areAllApart(holes)).toBe(true);
      for (const hole of rounds(holes)) {
        const points = edgePoints(hole);
        expect(points.every(({ x, y }) => x > -0.1 && y > -0.1 && x < on.w + 0.1 && y < on.h + 0.1)).toBe(true);
        expect(
          points.some(({ x, y }) =>
            on.missing.some(
              (gap) => x > gap.x + 0.1 && y > gap.y + 0.1 && x < gap.x + gap.w - 0.1 && y < gap.y + gap.h - 0.1,
            ),
          ),
        ).toBe(false);
        if (on.upright && punch.shape === 'hexagon') expect(hole.lie).toBe('point-up');
        const half = halfExtent(hole);
        if (punch.reach !== null)
          expect(
            Math.min(hole.x + half.x, on.w - hole.x + half.x, hole.y + half.y, on.h - hole.y + half.y),
          ).toBeLessThan(punch.reach + 0.1);
      }
    }),
    { numRuns: 30 },
  ));

test('never fewer than the best of square and staggered rows', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1000, max: 9000 }), fc.integer({ min: 1000, max: 9000 }), (w, h) => {
      const d = 1000;
      const staggered = (along: number, deep: number): number => {
        const rows = Math.floor((deep - d) / (d * Math.sqrt(0.75)) + 1e-9) + 1;
        return Math.ceil(rows / 2) * Math.floor(along / d) + Math.floor(rows / 2) * Math.floor((along - d / 2) / d);
      };
      expect(count(scrap(w, h), circle(d))).toBeGreaterThanOrEqual(
        Math.max(Math.floor(w / d) * Math.floor(h / d), staggered(w, h), staggered(h, w)),
      );
    }),
    { numRuns: 30 },
  ));

describe('worked by hand (common practice, no source)', () => {
  test('a 2 in scrap with a hole in its middle gives no large circle, but small ones beside the hole', () => {
    const holed = scrap(inches(2), inches(2), [{ x: inches(0.75), y: inches(0.75), w: inches(0.5), h: inches(0.5) }]);
    expect(count(holed, circle(inches(2)))).toBe(0);
    expect(count(holed, circle(inches(0.625)))).toBeGreaterThanOrEqual(4);
  });
  test('a strip gives its length over the diameter', () => {
    expect(count(scrap(inches(12), inches(1)), circle(inches(1)))).toBe(12);
  });
  test('a punch that reaches 1 1/2 in takes no 1 in circle from the middle of a sheet', () => {
    const holes = punchSpots(scrap(inches(6), inches(6)), circle(inches(1), inches(1.5)));
    expect(holes.length).toBeGreaterThanOrEqual(20);
    expect(holes.some(({ x, y }) => Math.abs(x - inches(3)) < inches(1) && Math.abs(y - inches(3)) < inches(1))).toBe(
      false,
    );
  });
  test('mixed sizes: the large ones first, small ones in what is left, and no more than are wanted', () => {
    const [small, large] = punchOut(scrap(inches(6), inches(4)), [
      { punch: circle(inches(0.625)), most: null },
      { punch: circle(inches(2)), most: 5 },
    ]);
    expect(large).toHaveLength(5);
    expect(small!.length).toBeGreaterThanOrEqual(8);
    expect(areAllApart([...small!, ...large!])).toBe(true);
  });
  test('whatever sizes are mixed, on a scrap punched before, no two holes meet', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 8000, max: 30_000 }),
        fc.integer({ min: 8000, max: 30_000 }),
        fc.array(
          fc.record({
            shape: fc.constantFrom('circle' as const, 'hexagon' as const, 'tag' as const),
            size: fc.constantFrom(0.625, 1, 1.25, 2).map(inches),
            height: fc.constantFrom(0.75, 1.5).map(inches),
            most: fc.integer({ min: 1, max: 9 }),
          }),
          { minLength: 2, maxLength: 4 },
        ),
        (w, h, wishes) => {
          const asked = wishes.map(({ most, height, ...punch }) => ({
            punch: { ...punch, ...(punch.shape === 'tag' ? { height } : {}), reach: null },
            most,
          }));
          const before = punchOut(scrap(w, h), asked.slice(0, 1)).flat();
          const holes = punchOut(scrap(w, h), asked.slice(1), before);
          expect(areAllApart([...before, ...holes.flat()])).toBe(true);
          const rects = [...before, ...holes.flat()].map((hole) => holeRects(hole, 'within'));
          rects.forEach((own, i) =>
            expect(rects.slice(i + 1).some((other) => other.some((r) => own.some((s) => overlaps(r, s))))).toBe(false),
          );
          holes.forEach((own, i) => expect(own.length).toBeLessThanOrEqual(asked[i + 1]!.most));
        },
      ),
      { numRuns: 80 },
    ));
});

test("a hole's rectangles lie within it, or around it", () =>
  fc.assert(
    fc.property(
      fc.record({
        x: fc.integer({ min: 0, max: 9999 }),
        y: fc.integer({ min: 0, max: 9999 }),
        size: fc.integer({ min: 100, max: 9000 }),
        lie: fc.constantFrom('round' as const, 'point-up' as const, 'flat-up' as const),
      }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (whole, part) => {
        const hole = { ...whole, x: whole.x + part };
        const [within, around] = [holeRects(hole, 'within'), holeRects(hole, 'around')];
        const half = halfExtent(hole);
        const own = hole.lie === 'round' ? (Math.PI * hole.size ** 2) / 4 : (Math.sqrt(3) / 2) * hole.size ** 2;
        const frame = {
          x: Math.floor(hole.x - half.x),
          y: Math.floor(hole.y - half.y),
          w: Math.ceil(2 * half.x) + 2,
          h: Math.ceil(2 * half.y) + 2,
        };
        expect(unionArea(frame, within)).toBeLessThanOrEqual(own);
        expect(unionArea(frame, around)).toBeGreaterThanOrEqual(own * 0.9999);
        expect(unionArea(frame, around) - unionArea(frame, within)).toBeLessThan(area(frame) * 0.16 + 4 * hole.size);
        expect(within.every((r) => around.some((other) => overlaps(other, r)))).toBe(true);
        expect([...within, ...around].every((r) => contains(frame, r))).toBe(true);
        // The edge lies between the two.
        for (const at of edgePoints(hole)) {
          const towards = { x: hole.x + (at.x - hole.x) * 0.999, y: hole.y + (at.y - hole.y) * 0.999 };
          expect(
            around.some(
              (r) => towards.x >= r.x && towards.y >= r.y && towards.x <= r.x + r.w && towards.y <= r.y + r.h,
            ),
          ).toBe(true);
          const beyond = { x: hole.x + (at.x - hole.x) * 1.001, y: hole.y + (at.y - hole.y) * 1.001 };
          expect(
            within.some((r) => beyond.x > r.x && beyond.y > r.y && beyond.x < r.x + r.w && beyond.y < r.y + r.h),
          ).toBe(false);
        }
      },
    ),
    { numRuns: 80 },
  ));

describe('tags', () => {
  const tag = (w: number, h: number, reach: number | null = null): Punch => ({
    shape: 'tag',
    size: inches(w),
    height: inches(h),
    reach,
  });
  test('lie side by side as they hang, or turned where that gives more', () => {
    expect(count(scrap(inches(4), inches(2)), tag(1, 2))).toBe(4);
    expect(count(scrap(inches(2), inches(4)), tag(1, 2))).toBe(4);
    expect(count({ ...scrap(inches(4), inches(1)), upright: true }, tag(1, 2))).toBe(0);
    expect(count(scrap(inches(4), inches(1)), tag(1, 2))).toBe(2);
  });
  test('keep off what is gone, and within reach', () => {
    const gone = [{ x: 0, y: 0, w: inches(2), h: inches(2) }];
    expect(count(scrap(inches(4), inches(2), gone), tag(1, 2))).toBe(2);
    const holes = punchSpots(scrap(inches(6), inches(6)), tag(1, 1, inches(1.5)));
    expect(holes.length).toBe(20);
  });
});
