import type { Point, Size } from '../../ground/geometry';
import { err, ok, type Result } from '../../ground/result';
import { nth } from '../../ground/nth';

/** Four corners of a paper on a picture of it, in dots: head left, head right, foot right, foot left. */
export type Corners = readonly [Point, Point, Point, Point];

/** Dots of a picture, row by row, four bytes each. */
export interface Dots {
  readonly data: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
}

export interface StraightenError {
  readonly kind: 'not-four-sided';
}

/** Where a place on the straight paper (0 to 1 across and down) lies on the picture. */
export type Lens = (u: number, v: number) => Point;

const cross = (a: Point, b: Point, c: Point): number => (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);

/** Whether the corners go round a convex figure in their order. */
function isConvex(corners: Corners): boolean {
  const turns = corners.map((_, i) => cross(nth(corners, i), nth(corners, (i + 1) % 4), nth(corners, (i + 2) % 4)));
  return turns.every((turn) => turn > 1e-9);
}

/**
 * The projective map from the unit square to four corners. Source: P. S. Heckbert, "Fundamentals of Texture Mapping and
 * Image Warping", University of California, Berkeley, 1989, section 2.2.3 (from memory).
 */
export function lensOf(corners: Corners): Result<Lens, StraightenError> {
  if (!isConvex(corners)) return err({ kind: 'not-four-sided' });
  const [p0, p1, p2, p3] = corners;
  const [s, d1, d2] = [
    { x: p0.x - p1.x + p2.x - p3.x, y: p0.y - p1.y + p2.y - p3.y },
    { x: p1.x - p2.x, y: p1.y - p2.y },
    { x: p3.x - p2.x, y: p3.y - p2.y },
  ];
  const under = d1.x * d2.y - d2.x * d1.y;
  const g = (s.x * d2.y - d2.x * s.y) / under;
  const h = (d1.x * s.y - s.x * d1.y) / under;
  return ok((u, v) => {
    const w = g * u + h * v + 1;
    return {
      x: ((p1.x - p0.x + g * p1.x) * u + (p3.x - p0.x + h * p3.x) * v + p0.x) / w,
      y: ((p1.y - p0.y + g * p1.y) * u + (p3.y - p0.y + h * p3.y) * v + p0.y) / w,
    };
  });
}

/** How large the paper is on the picture, dots: the mean of its opposite edges. */
export function sizeBetween([p0, p1, p2, p3]: Corners): Size {
  const far = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);
  return { w: (far(p0, p1) + far(p3, p2)) / 2, h: (far(p0, p3) + far(p1, p2)) / 2 };
}

/**
 * The paper between four corners, seen straight from above: each dot from the four nearest of the picture (bilinear).
 */
export function straighten({ data, width, height }: Dots, corners: Corners, to: Size): Result<Dots, StraightenError> {
  const lens = lensOf(corners);
  if (!lens.ok) return lens;
  const out = new Uint8ClampedArray(to.w * to.h * 4);
  for (let row = 0; row < to.h; row++)
    for (let column = 0; column < to.w; column++) {
      const at = lens.value((column + 0.5) / to.w, (row + 0.5) / to.h);
      const [x, y] = [Math.min(width - 1, Math.max(0, at.x - 0.5)), Math.min(height - 1, Math.max(0, at.y - 0.5))];
      const [left, top] = [Math.floor(x), Math.floor(y)];
      const [right, low] = [Math.min(width - 1, left + 1), Math.min(height - 1, top + 1)];
      const [fx, fy] = [x - left, y - top];
      for (let c = 0; c < 4; c++) {
        const head = nth(data, 4 * (top * width + left) + c) * (1 - fx) + nth(data, 4 * (top * width + right) + c) * fx;
        const foot = nth(data, 4 * (low * width + left) + c) * (1 - fx) + nth(data, 4 * (low * width + right) + c) * fx;
        out[4 * (row * to.w + column) + c] = head * (1 - fy) + foot * fy;
      }
    }
  return ok({ data: out, width: to.w, height: to.h });
}
