import { nth } from '../nth';
import { area, type Point, type Rect } from '../geometry';
import { pathArea } from './pathArea';
import type { Line, Path, Stroke } from './shape';

/** A stroke that is no straight line. */
type Arc = Stroke & Required<Pick<Stroke, 'arc'>>;
const isArc = (stroke: Stroke): stroke is Arc => stroke.arc !== undefined;

interface Piece {
  readonly from: Point;
  readonly to: Stroke;
}

/** How far a point lies from a line's way on, to its right; negative to its left (y down). */
function rightOf({ from, to }: Line, { x, y }: Point): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  return (dx * (y - from.y) - dy * (x - from.x)) / Math.hypot(dx, dy);
}

/** The middle of the circle that an arc is part of. */
function centreOf(from: Point, { x, y, arc }: Arc): Point {
  const [dx, dy] = [x - from.x, y - from.y];
  const chord = Math.hypot(dx, dy);
  const back = Math.sqrt(Math.max(0, arc.r ** 2 - (chord / 2) ** 2)) * (arc.bulges === 'left' ? 1 : -1);
  return { x: (from.x + x) / 2 - (back * dy) / chord, y: (from.y + y) / 2 + (back * dx) / chord };
}

/** The middle of an arc. */
function arcMiddle(from: Point, to: Arc): Point {
  const centre = centreOf(from, to);
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const chord = Math.hypot(dx, dy);
  const out = to.arc.bulges === 'left' ? to.arc.r : -to.arc.r;
  return { x: centre.x + (out * dy) / chord, y: centre.y - (out * dx) / chord };
}

/** Where an arc meets a line, in the order of its way: cut at most twice, being at most half a circle. */
function arcMeets(line: Line, from: Point, to: Arc): Point[] {
  const centre = centreOf(from, to);
  const off = rightOf(line, centre);
  const { r } = to.arc;
  if (Math.abs(off) >= r) return [];
  const [dx, dy] = [line.to.x - line.from.x, line.to.y - line.from.y];
  const length = Math.hypot(dx, dy);
  const foot = { x: centre.x + (off * dy) / length, y: centre.y - (off * dx) / length };
  const half = Math.sqrt(r * r - off * off);
  const chord = Math.hypot(to.x - from.x, to.y - from.y);
  const along = ({ x, y }: Point): number => ((x - from.x) * (to.x - from.x) + (y - from.y) * (to.y - from.y)) / chord;
  const bulgesOut = (at: Point): boolean => rightOf({ from, to }, at) * (to.arc.bulges === 'left' ? -1 : 1) >= 0;
  return [half, -half]
    .map((by) => ({ x: foot.x + (by * dx) / length, y: foot.y + (by * dy) / length }))
    .filter(bulgesOut)
    .sort((a, b) => along(a) - along(b));
}

/** Where a stroke goes over a line. */
function meets(line: Line, from: Point, to: Stroke): Point[] {
  if (isArc(to)) return arcMeets(line, from, to);
  const [a, b] = [rightOf(line, from), rightOf(line, to)];
  if (a * b >= 0) return [];
  const share = a / (a - b);
  return [{ x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) }];
}

const isSame = (a: Point, b: Point): boolean => Math.hypot(a.x - b.x, a.y - b.y) < 1e-6;

/** A stroke in the pieces into which a line divides it. */
function divided(line: Line, from: Point, to: Stroke): Piece[] {
  const stops = meets(line, from, to).filter((at) => !isSame(at, from) && !isSame(at, to));
  const ends: Stroke[] = [...stops.map((at): Stroke => ({ ...at, ...(to.arc ? { arc: to.arc } : {}) })), to];
  return ends.map((end, i) => ({ from: i === 0 ? from : nth(stops, i - 1), to: end }));
}

/** What of a path lies to one side of a line, closed along the line; empty where nothing does. */
export function clipPath(path: Path, line: Line, keeps: 'left' | 'right'): Path {
  const sign = keeps === 'left' ? -1 : 1;
  const kept = path
    .flatMap((to, i) => divided(line, nth(path, (i + path.length - 1) % path.length), to))
    .filter(({ from, to }) => {
      const middle = isArc(to) ? arcMiddle(from, to) : { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
      return sign * rightOf(line, middle) > 1e-6;
    });
  return kept.flatMap(({ from, to }, i): Stroke[] => {
    const before = nth(kept, (i + kept.length - 1) % kept.length).to;
    return isSame(before, from) ? [to] : [{ x: from.x, y: from.y }, to];
  });
}

/** The rectangle of whole ticks round a path. */
export function pathBounds(path: Path): Rect {
  const points = path.flatMap((to, i): Point[] => {
    if (!isArc(to)) return [to];
    const from = nth(path, (i + path.length - 1) % path.length);
    const centre = centreOf(from, to);
    const { r, bulges } = to.arc;
    const tips = [
      { x: centre.x + r, y: centre.y },
      { x: centre.x - r, y: centre.y },
      { x: centre.x, y: centre.y + r },
      { x: centre.x, y: centre.y - r },
    ];
    return [to, ...tips.filter((tip) => rightOf({ from, to }, tip) * (bulges === 'left' ? -1 : 1) > 0)];
  });
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  // A hair over a whole tick is that tick.
  const [x, y] = [Math.floor(Math.min(...xs) + 1e-3), Math.floor(Math.min(...ys) + 1e-3)];
  return { x, y, w: Math.ceil(Math.max(...xs) - 1e-3) - x, h: Math.ceil(Math.max(...ys) - 1e-3) - y };
}

/** Whether all of a rectangle lies within a path. */
export function pathHolds(path: Path, rect: Rect): boolean {
  const corners = [
    { x: rect.x, y: rect.y },
    { x: rect.x + rect.w, y: rect.y },
    { x: rect.x + rect.w, y: rect.y + rect.h },
    { x: rect.x, y: rect.y + rect.h },
  ];
  const within = corners.reduce(
    (left, from, i) => (left.length === 0 ? left : clipPath(left, { from, to: nth(corners, (i + 1) % 4) }, 'right')),
    path,
  );
  return pathArea(within) >= area(rect) - 1;
}
