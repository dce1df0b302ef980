import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches, toInches } from '../../ground/length';
import { seededRandom } from '../../ground/random';
import { coverLayers, type CoverLayer } from '.';

const page = { w: inches(12), h: inches(12) };
const rect = (id: string, x: number, y: number, w: number, h: number, turn = 0): CoverLayer => ({
  id,
  shape: 'rect',
  x: inches(x),
  y: inches(y),
  w: inches(w),
  h: inches(h),
  turn,
});
const circle = (id: string, cx: number, cy: number, d: number): CoverLayer => ({
  id,
  shape: 'circle',
  cx: inches(cx),
  cy: inches(cy),
  d: inches(d),
});
const sq = (area: number): number => area / inches(1) ** 2;
const windowOf = (layers: CoverLayer[], hold: number, at = 0): number[] | null => {
  const { window } = coverLayers(page, layers, inches(hold))[at]!;
  return window && [window.x, window.y, window.w, window.h].map(toInches);
};

describe('upright layers', () => {
  // Common practice, no source: a 12x12 with a 10x10 panel and a 1/4 lip gives back 9 1/2 x 9 1/2; a 4x6 mat under a
  // 3x5 photo 2 1/2 x 4 1/2.
  test('a hollowed sheet gives back 9 1/2 x 9 1/2', () => {
    expect(windowOf([rect('ground', 0, 0, 12, 12), rect('panel', 1, 1, 10, 10)], 0.25)).toEqual([1.25, 1.25, 9.5, 9.5]);
  });
  test('a 4x6 mat under a 3x5 photo gives back 2 1/2 x 4 1/2', () => {
    expect(windowOf([rect('mat', 0, 0, 4, 6), rect('photo', 0.5, 0.5, 3, 5)], 0.25)).toEqual([0.75, 0.75, 2.5, 4.5]);
  });
  test('a covered edge is cut right off, and a layer covered whole is taken back whole', () => {
    expect(windowOf([rect('under', 2, 2, 4, 4), rect('over', 1, 1, 6, 3)], 0.5)).toEqual([2, 2, 4, 1.5]);
    expect(windowOf([rect('under', 2, 2, 4, 4), rect('over', 1, 1, 6, 6)], 0.5)).toEqual([2, 2, 4, 4]);
  });
  test('what lies off the page does not count', () => {
    const [off, half] = coverLayers(page, [rect('off', 13, 0, 2, 2), rect('half', -1, 0, 2, 2)], 0);
    expect(off).toMatchObject({ area: 0, window: null });
    expect(sq(half!.area)).toBe(2);
  });
  test('a quarter turn is still upright', () => {
    expect(windowOf([rect('mat', 2, 3, 6, 4, 90), rect('photo', 3.5, 2.5, 3, 5)], 0.25)).toEqual([
      3.75, 2.75, 2.5, 4.5,
    ]);
  });
});

/** Whether a page point lies on a layer: written apart from the code under test. */
function on(layer: CoverLayer, x: number, y: number): boolean {
  if (layer.shape === 'circle') return Math.hypot(x - layer.cx, y - layer.cy) <= layer.d / 2;
  const angle = (-(layer.turn ?? 0) * Math.PI) / 180;
  const [dx, dy] = [x - layer.x - layer.w / 2, y - layer.y - layer.h / 2];
  return (
    Math.abs(dx * Math.cos(angle) - dy * Math.sin(angle)) <= layer.w / 2 &&
    Math.abs(dx * Math.sin(angle) + dy * Math.cos(angle)) <= layer.h / 2
  );
}

const half = fc.integer({ min: 0, max: 18 }).map((n) => n / 2);
const side = fc.integer({ min: 2, max: 12 }).map((n) => n / 2);
const anyLayer = fc.oneof(
  fc
    .tuple(half, half, side, side, fc.constantFrom(0, 2, -3, 30, 45))
    .map(([x, y, w, h, turn]) => rect('r', x, y, w, h, turn)),
  fc.tuple(half, half, side).map(([cx, cy, d]) => circle('c', cx, cy, d)),
);

describe('layers of any shape, against a raster', () => {
  const GRID = 150;
  const points = Array.from(
    { length: GRID * GRID },
    (_, i) => [(((i % GRID) + 0.5) * page.w) / GRID, ((Math.floor(i / GRID) + 0.5) * page.h) / GRID] as const,
  );

  test('areas are near, and the window takes nothing that shows', () =>
    fc.assert(
      fc.property(
        fc.array(anyLayer, { minLength: 2, maxLength: 5 }),
        fc.constantFrom(0, 0.25, 0.5),
        (layers, holdIn) => {
          const hold = inches(holdIn);
          const upper = points.map(([x, y]) => layers.findLastIndex((layer) => on(layer, x, y)));
          coverLayers(page, layers, hold).forEach((cover, i) => {
            const own = points.filter(([x, y], at) => upper[at] === i || (upper[at]! > i && on(layers[i]!, x, y)));
            const bare = points.filter((_, at) => upper[at] === i);
            const cell = (page.w / GRID) * (page.h / GRID);
            const edge = 4 * inches(12) * (page.w / GRID);
            expect(Math.abs(cover.area - own.length * cell)).toBeLessThan(edge);
            expect(Math.abs(cover.visible - bare.length * cell)).toBeLessThan(edge);
            const { window: w } = cover;
            if (!w) return;
            expect(
              [
                [w.x, w.y],
                [w.x + w.w, w.y],
                [w.x, w.y + w.h],
                [w.x + w.w, w.y + w.h],
              ].every(([x, y]) => on(shrunk(layers[i]!, -2), x!, y!)),
            ).toBe(true);
            expect(
              bare.filter(([x, y]) => x > w.x - hold && x < w.x + w.w + hold && y > w.y - hold && y < w.y + w.h + hold),
            ).toEqual([]);
          });
        },
      ),
      { numRuns: 40 },
    ));

  /** A layer grown by `-by` ticks on each side, for rounding at its very edge. */
  function shrunk(layer: CoverLayer, by: number): CoverLayer {
    if (layer.shape === 'circle') return { ...layer, d: layer.d - 2 * by };
    return { ...layer, x: layer.x + by, y: layer.y + by, w: layer.w - 2 * by, h: layer.h - 2 * by };
  }

  test('the window in a disc under a larger disc is near the inscribed square', () => {
    const found = windowOf([circle('under', 6, 6, 8), circle('over', 6, 6, 8)], 0)!;
    expect(found[2]! * found[3]!).toBeGreaterThan(0.99 * 32);
    expect(found[2]! * found[3]!).toBeLessThanOrEqual(32);
  });

  test('the window under a turned square is near the square inscribed in it', () => {
    // A square of side s turned 45 degrees holds an upright square of side s / sqrt 2.
    const found = windowOf([rect('ground', 0, 0, 12, 12), rect('over', 4, 4, 4, 4, 45)], 0)!;
    expect(found[2]! * found[3]!).toBeGreaterThan(0.97 * 8);
    expect(found[2]! * found[3]!).toBeLessThanOrEqual(8);
  });
});

test('with a great many layers above, the window is near that of the upright ones, which is exact', () => {
  const random = seededRandom(12);
  const between = (from: number, to: number): number => Math.round((from + random() * (to - from)) * 64) / 64;
  for (const count of [60, 120, 198]) {
    const above = Array.from({ length: count }, (_, i) =>
      rect(`r${i}`, between(0, 10), between(0, 10), between(0.5, 1.5), between(0.5, 1.5)),
    );
    // One that lies turned, all of it on a larger one of them: it hides nothing more.
    const dot = rect('dot', 5, 5, 0.25, 0.25, 30);
    const layers = [rect('ground', 0, 0, 12, 12), ...above, rect('under-the-dot', 4.5, 4.5, 1.5, 1.5)];
    const exact = coverLayers(page, layers, inches(1 / 4))[0]!.window!;
    const scanned = coverLayers(page, [...layers, dot], inches(1 / 4))[0]!.window!;
    expect((scanned.w * scanned.h) / (exact.w * exact.h)).toBeGreaterThan(0.97);
    expect(scanned.w * scanned.h).toBeLessThanOrEqual(exact.w * exact.h);
  }
});
