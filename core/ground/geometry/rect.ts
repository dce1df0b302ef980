/** Width and height; ticks, or a whole multiple of them. */
export interface Size {
  readonly w: number;
  readonly h: number;
}
/** x to the right, y down, from the top left corner. */
export interface Point {
  readonly x: number;
  readonly y: number;
}
export interface Rect extends Point, Size {}

export const area = ({ w, h }: Size): number => w * h;

/** The shared part, or null where they do not overlap (touching edges do not count). */
export function intersect(a: Rect, b: Rect): Rect | null {
  const x = Math.max(a.x, b.x);
  const y = Math.max(a.y, b.y);
  const w = Math.min(a.x + a.w, b.x + b.w) - x;
  const h = Math.min(a.y + a.h, b.y + b.h) - y;
  return w > 0 && h > 0 ? { x, y, w, h } : null;
}

export const overlaps = (a: Rect, b: Rect): boolean =>
  a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h;

export const contains = (outer: Rect, inner: Rect): boolean =>
  inner.x >= outer.x &&
  inner.y >= outer.y &&
  inner.x + inner.w <= outer.x + outer.w &&
  inner.y + inner.h <= outer.y + outer.h;

/**
 * The two parts that one cut right across gives, `at` from the rectangle's own left ('x') or head ('y'). @param lost
 * what the cut takes away between them
 */
export const splitRect = (rect: Rect, axis: 'x' | 'y', at: number, lost = 0): [Rect, Rect] =>
  axis === 'x'
    ? [
        { ...rect, w: at },
        { ...rect, x: rect.x + at + lost, w: rect.w - at - lost },
      ]
    : [
        { ...rect, h: at },
        { ...rect, y: rect.y + at + lost, h: rect.h - at - lost },
      ];

/** Larger by `by` on all four sides. */
export const inflate = ({ x, y, w, h }: Rect, by: number): Rect => ({
  x: x - by,
  y: y - by,
  w: w + 2 * by,
  h: h + 2 * by,
});
