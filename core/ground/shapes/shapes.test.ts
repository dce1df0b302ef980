import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { area, contains } from '../geometry';
import { inches } from '../length';
import { drawPart, drawShape, pathData, pathHolds, type DrawnShape, type Path, type Shape } from '.';

const drawn = (shape: Shape): DrawnShape => {
  const result = drawShape(shape);
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  return result.value;
};

const length = (least: number, most: number) => fc.integer({ min: least, max: most });
const size = { w: length(40, 400), h: length(40, 400) };
const anyShape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({ kind: fc.constant('rectangle' as const), ...size }),
  fc.record({
    kind: fc.constant('banner' as const),
    end: fc.constantFrom('dovetail' as const, 'point' as const),
    depth: length(1, 39),
    ...size,
  }),
  fc.record({
    kind: fc.constant('tag' as const),
    corners: fc.constantFrom('clipped' as const, 'round' as const),
    corner: length(1, 20),
    ...size,
  }),
  fc.record({ kind: fc.constant('circle' as const), d: length(2, 400) }),
  fc.record({ kind: fc.constant('hexagon' as const), d: length(8, 400) }),
  fc.record({ kind: fc.constant('half-circle' as const), d: length(2, 400) }),
  fc.record({ kind: fc.constant('pennant' as const), ...size }),
  fc.record({ kind: fc.constant('scallop-strip' as const), scallop: length(4, 40), ...size }),
  fc.record({ kind: fc.constant('pocket' as const), flap: length(1, 20), ...size }),
  fc.record({ kind: fc.constant('frame' as const), border: length(1, 19), ...size }),
);

/** The path as many short straight lines: an arc's middle lies on the side it bulges to. */
function flattened(path: Path): { x: number; y: number }[] {
  return path.flatMap((to, i) => {
    const from = path[(i + path.length - 1) % path.length]!;
    if (!to.arc) return [{ x: to.x, y: to.y }];
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    const chord = Math.hypot(dx, dy);
    const side = to.arc.bulges === 'left' ? 1 : -1;
    const back = side * Math.sqrt(Math.max(0, to.arc.r ** 2 - (chord / 2) ** 2));
    // y goes down: to the left of the way (dx, dy) is (dy, -dx).
    const centre = { x: from.x + dx / 2 - (back * dy) / chord, y: from.y + dy / 2 + (back * dx) / chord };
    const start = Math.atan2(from.y - centre.y, from.x - centre.x);
    const sweep = side * 2 * Math.asin(Math.min(1, chord / 2 / to.arc.r));
    return Array.from({ length: 64 }, (_, n) => ({
      x: centre.x + to.arc!.r * Math.cos(start + (sweep * (n + 1)) / 64),
      y: centre.y + to.arc!.r * Math.sin(start + (sweep * (n + 1)) / 64),
    }));
  });
}

/** Even and odd crossings, point by point: shares no code with what is tested. */
function rasterArea(path: Path, w: number, h: number, steps = 220): number {
  const points = flattened(path);
  let inside = 0;
  for (let i = 0; i < steps; i++)
    for (let j = 0; j < steps; j++) {
      const [x, y] = [((i + 0.5) * w) / steps, ((j + 0.5) * h) / steps];
      let crossings = 0;
      points.forEach((p, k) => {
        const q = points[(k + 1) % points.length]!;
        if (p.y > y !== q.y > y && x < p.x + ((y - p.y) / (q.y - p.y)) * (q.x - p.x)) crossings++;
      });
      inside += crossings % 2;
    }
  return (inside / steps ** 2) * w * h;
}

test('shape, what it gives back and its waste are the blank', () =>
  fc.assert(
    fc.property(anyShape, (shape) => {
      const { blank, area: own, waste, givesBack, outline } = drawn(shape);
      expect(own + waste + (givesBack ? area(givesBack) : 0)).toBeCloseTo(area(blank), 3);
      expect(own).toBeGreaterThan(0);
      expect(waste).toBeGreaterThanOrEqual(-1e-6);
      if (givesBack) expect(contains({ x: 0, y: 0, ...blank }, givesBack)).toBe(true);
      for (const { x, y } of flattened(outline))
        expect(x > -1e-6 && y > -1e-6 && x < blank.w + 1e-6 && y < blank.h + 1e-6).toBe(true);
    }),
  ));

test('an area is what a raster of its outline counts', () =>
  fc.assert(
    fc.property(anyShape, (shape) => {
      const { blank, area: own, givesBack, outline } = drawn(shape);
      expect(Math.abs(own + (givesBack ? area(givesBack) : 0) - rasterArea(outline, blank.w, blank.h))).toBeLessThan(
        area(blank) * 0.02,
      );
    }),
    { numRuns: 30 },
  ));

describe('measures known from elsewhere', () => {
  test('a regular hexagon of flats d apart is √3/2 d² (textbook geometry), and 2/√3 d from point to point', () => {
    const d = inches(2);
    const { area: own, blank } = drawn({ kind: 'hexagon', d });
    expect(Math.abs(own - (Math.sqrt(3) / 2) * d * d)).toBeLessThan(d);
    expect(blank).toEqual({ w: d, h: Math.ceil((2 * d) / Math.sqrt(3)) });
  });
  test("a circle and its half, by the circle's formula", () => {
    const d = inches(2);
    expect(drawn({ kind: 'circle', d }).area).toBeCloseTo((Math.PI * d * d) / 4, 0);
    expect(drawn({ kind: 'half-circle', d })).toMatchObject({ blank: { w: d, h: d / 2 } });
    expect(drawn({ kind: 'half-circle', d }).area).toBeCloseTo((Math.PI * d * d) / 8, 0);
  });
  test('a pocket for a 3 x 4 card with 1/2 in flaps wants 4 x 4 1/2 (common practice, no source)', () => {
    const pocket = drawn({ kind: 'pocket', w: inches(3), h: inches(4), flap: inches(0.5) });
    expect(pocket.blank).toEqual({ w: inches(4), h: inches(4.5) });
    expect(pocket.folds).toHaveLength(3);
  });
  test('a 4 1/4 x 6 1/4 mat with 5/8 in of border gives 3 x 5 back', () => {
    expect(drawn({ kind: 'frame', w: inches(4.25), h: inches(6.25), border: inches(0.625) }).givesBack).toMatchObject({
      w: inches(3),
      h: inches(5),
    });
  });
  test('a dovetail takes a triangle away, a point two', () => {
    expect(drawn({ kind: 'banner', end: 'dovetail', w: 20, h: 60, depth: 10 }).waste).toBe(100);
    expect(drawn({ kind: 'banner', end: 'point', w: 20, h: 60, depth: 10 }).waste).toBe(100);
    expect(drawn({ kind: 'pennant', w: 20, h: 60 }).waste).toBe(600);
  });
});

test.each<[Shape, string, number]>([
  [{ kind: 'banner', end: 'point', w: 20, h: 60, depth: 60 }, 'depth', 59],
  [{ kind: 'tag', corners: 'round', w: 20, h: 60, corner: 11 }, 'corner', 10],
  [{ kind: 'scallop-strip', w: 200, h: 20, scallop: 40 }, 'scallop', 39],
  [{ kind: 'pocket', w: 40, h: 60, flap: 21 }, 'flap', 20],
  [{ kind: 'frame', w: 40, h: 60, border: 20 }, 'border', 19],
])('%o has too much %s', (shape, measure, most) => {
  expect(drawShape(shape)).toMatchObject({ ok: false, error: { kind: 'too-much', measure, most } });
});

test('an outline is written as path data in the unit asked for', () => {
  expect(pathData(drawn({ kind: 'rectangle', w: 320, h: 640 }).outline, 320)).toBe('M0 2L0 0L1 0L1 2L0 2z');
  expect(pathData(drawn({ kind: 'circle', d: 640 }).outline, 320, { x: 320, y: 0 })).toBe(
    'M1 1A1 1 0 0 1 3 1A1 1 0 0 1 1 1z',
  );
});

test.each([[0], [7], [-20]])('the two pieces of any shape, the gutter at %d degrees, are all of it', (lean) =>
  fc.assert(
    fc.property(anyShape, fc.double({ min: 0.1, max: 0.9, noNaN: true }), (shape, share) => {
      const whole = drawn(shape);
      const x = whole.blank.w * share;
      const slope = Math.tan((lean * Math.PI) / 180) * whole.blank.h;
      const gutter = { from: { x: x - slope, y: 0 }, to: { x: x + slope, y: whole.blank.h } };
      const parts = (['left', 'right'] as const).flatMap(
        (page) => drawPart({ kind: 'part', of: shape, page, gutter }) ?? [],
      );
      const all = whole.area + (whole.givesBack ? area(whole.givesBack) : 0);
      expect(parts.reduce((sum, { drawn: piece }) => sum + piece.area, 0)).toBeCloseTo(all, 3);
      for (const { drawn: piece, at } of parts) {
        expect(contains({ x: 0, y: 0, w: whole.blank.w, h: whole.blank.h }, at)).toBe(true);
        const raster = rasterArea(piece.outline, piece.blank.w, piece.blank.h, 60);
        expect(Math.abs(raster - piece.area)).toBeLessThan(0.06 * area(piece.blank) + 1);
      }
    }),
    { numRuns: 40 },
  ),
);

test('a circle of 3 in whose middle is 1/2 in left of the gutter: pieces 2 and 1 in wide', () => {
  const gutter = { from: { x: inches(2), y: 0 }, to: { x: inches(2), y: inches(3) } };
  const [left, right] = (['left', 'right'] as const).map((page) =>
    drawPart({ kind: 'part', of: { kind: 'circle', d: inches(3) }, page, gutter }),
  );
  expect(left!.drawn.blank).toEqual({ w: inches(2), h: inches(3) });
  // The chord 1/2 in off the middle of a circle of radius 1 1/2 in is 2√2 in long.
  expect(right!.drawn.blank.w).toBe(inches(1));
  expect(right!.drawn.blank.h / inches(1)).toBeCloseTo(2 * Math.SQRT2, 3);
});

test('a circle holds the square within it and no larger one', () => {
  const { outline } = drawn({ kind: 'circle', d: 1000 });
  expect(pathHolds(outline, { x: 147, y: 147, w: 706, h: 706 })).toBe(true);
  expect(pathHolds(outline, { x: 140, y: 140, w: 720, h: 720 })).toBe(false);
});
