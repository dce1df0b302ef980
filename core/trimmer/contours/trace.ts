import { contours as contourLines } from 'd3-contour';
import simplify from 'simplify-js';
import type { Point, Size } from '../../ground/geometry';

/** A picture's dots: red, green, blue and opacity of each, row by row. */
export interface Dots extends Size {
  readonly data: ArrayLike<number>;
}

/** How much two colours may differ and still be the same ground, of 441 at the most. */
const ALIKE = 42;
/** How far the line may be off the thing's edge: parts of the picture's longer side. */
const OFF_BY = 0.003;

const near = ({ data }: Dots, a: number, [r, g, b]: readonly [number, number, number]): boolean =>
  Math.hypot((data[a] ?? 0) - r, (data[a + 1] ?? 0) - g, (data[a + 2] ?? 0) - b) < ALIKE;

/** The colour that most of the picture's edge has: each channel's middle value. */
function groundOf({ data, w, h }: Dots): readonly [number, number, number] {
  const at: number[] = [];
  for (let x = 0; x < w; x++) at.push(x, (h - 1) * w + x);
  for (let y = 0; y < h; y++) at.push(y * w, y * w + w - 1);
  const middle = (channel: number): number => {
    const values = at.map((i) => data[4 * i + channel] ?? 0).sort((a, b) => a - b);
    return values[values.length >> 1] ?? 0;
  };
  return [middle(0), middle(1), middle(2)];
}

/** Which dots are ground: of its colour, and joined to the picture's edge by such. */
function groundDots(dots: Dots): Uint8Array {
  const { w, h } = dots;
  const ground = groundOf(dots);
  const seen = new Uint8Array(w * h);
  const waiting: number[] = [];
  const visit = (i: number): void => {
    if (seen[i] === 1 || !near(dots, 4 * i, ground)) return;
    seen[i] = 1;
    waiting.push(i);
  };
  for (let x = 0; x < w; x++) [x, (h - 1) * w + x].forEach(visit);
  for (let y = 0; y < h; y++) [y * w, y * w + w - 1].forEach(visit);
  for (let i = waiting.pop(); i !== undefined; i = waiting.pop()) {
    if (i % w > 0) visit(i - 1);
    if (i % w < w - 1) visit(i + 1);
    if (i >= w) visit(i - w);
    if (i < w * (h - 1)) visit(i + w);
  }
  return seen;
}

const areaIn = (line: readonly Point[]): number =>
  Math.abs(
    line.reduce((sum, { x, y }, i) => {
      const next = line[(i + 1) % line.length] ?? { x, y };
      return sum + x * next.y - next.x * y;
    }, 0) / 2,
  );

/**
 * The line round what stands on an even ground in a picture: the largest thing, without its holes; null: nothing does.
 * Points in parts of the picture, 0 to 1.
 * Method: the ground is filled in from the edges, the rest is traced by marching squares (d3-contour) and straightened
 * after Douglas and Peucker (simplify-js).
 */
export function traceOutline(dots: Dots): readonly Point[] | null {
  const { w, h } = dots;
  const ground = groundDots(dots);
  // A rim of ground, so that what goes off the picture is closed along its edge.
  const field = new Array<number>((w + 2) * (h + 2)).fill(0);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) field[(y + 1) * (w + 2) + x + 1] = 1 - (ground[y * w + x] ?? 0);
  const [traced] = contourLines()
    .size([w + 2, h + 2])
    .thresholds([0.5])(field);
  const lines = (traced?.coordinates ?? []).map(([outer = []]) =>
    outer.slice(1).map(([x = 0, y = 0]) => ({ x: x - 1, y: y - 1 })),
  );
  const [largest] = lines.toSorted((a, b) => areaIn(b) - areaIn(a));
  if (!largest || areaIn(largest) < 16) return null;
  const clamp = (n: number): number => Math.min(1, Math.max(0, n));
  return simplify([...largest], Math.max(1, OFF_BY * Math.max(w, h)), true).map(({ x, y }) => ({
    x: clamp(x / w),
    y: clamp(y / h),
  }));
}
