import { area, intersect, type Rect } from './rect';
import { heldIn } from '../heldIn';
import { nth } from '../nth';

const sorted = (values: Iterable<number>): number[] => [...new Set(values)].sort((a, b) => a - b);

const within = (values: Iterable<number>, from: number, to: number): number[] =>
  sorted([from, to, ...[...values].filter((v) => v > from && v < to)]);

/** Edges of `rects` inside `frame`, as the lines of a grid. */
function gridLines(frame: Rect, rects: readonly Rect[]): { xs: number[]; ys: number[] } {
  return {
    xs: within(
      rects.flatMap((r) => [r.x, r.x + r.w]),
      frame.x,
      frame.x + frame.w,
    ),
    ys: within(
      rects.flatMap((r) => [r.y, r.y + r.h]),
      frame.y,
      frame.y + frame.h,
    ),
  };
}

/** `taken[row][column]` is 1 where a grid cell lies in one of the rects. */
function takenCells(xs: readonly number[], ys: readonly number[], rects: readonly Rect[]): Uint8Array[] {
  const columnOf = new Map(xs.map((x, i) => [x, i]));
  const rowOf = new Map(ys.map((y, i) => [y, i]));
  const rows = Array.from({ length: ys.length - 1 }, () => new Uint8Array(xs.length - 1));
  for (const r of rects) {
    const fromColumn = heldIn(columnOf, r.x);
    const toColumn = heldIn(columnOf, r.x + r.w);
    for (let row = heldIn(rowOf, r.y); row < heldIn(rowOf, r.y + r.h); row++)
      nth(rows, row).fill(1, fromColumn, toColumn);
  }
  return rows;
}

const clip = (frame: Rect, rects: readonly Rect[]): Rect[] =>
  rects.map((r) => intersect(frame, r)).filter((r) => r !== null);

/**
 * What of `frame` is left when `holes` are gone, as disjoint rects: runs of each row, equal runs of neighbouring rows
 * joined.
 */
export function solidRects(frame: Rect, holes: readonly Rect[]): Rect[] {
  const inside = clip(frame, holes);
  if (inside.length === 0) return [frame];
  const { xs, ys } = gridLines(frame, inside);
  const taken = takenCells(xs, ys, inside);
  const done: Rect[] = [];
  let open = new Map<string, Rect>();
  for (let row = 0; row < taken.length; row++) {
    const next = new Map<string, Rect>();
    for (let from = 0; from < xs.length - 1; from++) {
      if (nth(taken, row)[from]) continue;
      let to = from + 1;
      while (to < xs.length - 1 && !nth(taken, row)[to]) to++;
      const key = `${from}:${to}`;
      const above = open.get(key);
      const h = nth(ys, row + 1) - nth(ys, row);
      next.set(
        key,
        above ? { ...above, h: above.h + h } : { x: nth(xs, from), y: nth(ys, row), w: nth(xs, to) - nth(xs, from), h },
      );
      open.delete(key);
      from = to;
    }
    done.push(...open.values());
    open = next;
  }
  return [...done, ...open.values()];
}

/** Area of the part of `frame` that the rects cover together. */
export function unionArea(frame: Rect, rects: readonly Rect[]): number {
  return area(frame) - solidRects(frame, rects).reduce((sum, r) => sum + area(r), 0);
}

/**
 * The largest axis-parallel rectangle in `frame` that meets none of the open rects `forbidden`.
 * Largest rectangle under a histogram, row by row of the grid of all edges: exact; null where nothing is free.
 */
export function largestRectOutside(frame: Rect, forbidden: readonly Rect[]): Rect | null {
  const inside = clip(frame, forbidden);
  const { xs, ys } = gridLines(frame, inside);
  const taken = takenCells(xs, ys, inside);
  const columns = xs.length - 1;
  const top = new Int32Array(columns); // first row of the free run that ends in the present row
  let best: Rect | null = null;
  for (let row = 0; row < taken.length; row++) {
    const stack: { from: number; top: number }[] = [];
    for (let column = 0; column <= columns; column++) {
      if (column < columns && nth(taken, row)[column]) top[column] = row + 1;
      const here = column < columns ? nth(top, column) : row + 1;
      let from = column;
      for (let bar = stack.at(-1); bar && bar.top < here; bar = stack.at(-1)) {
        stack.pop();
        from = bar.from;
        const found = {
          x: nth(xs, from),
          y: nth(ys, bar.top),
          w: nth(xs, column) - nth(xs, from),
          h: nth(ys, row + 1) - nth(ys, bar.top),
        };
        if (found.w > 0 && found.h > 0 && (best === null || area(found) > area(best))) best = found;
      }
      if (here <= row) stack.push({ from, top: here });
    }
  }
  return best;
}
