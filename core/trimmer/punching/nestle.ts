import type { Point } from '../../ground/geometry';
import { apart, areApart, FLATS, NEAR, touches, type RoundHole } from './hole';
import type { Room } from './room';

/** Where a new hole's middle lies when it touches something: on a line `normal . p = at`, or on a circle. */
type Touch = { readonly normal: Point; readonly at: number } | { readonly middle: Point; readonly r: number };

function crossings(a: Touch, b: Touch): Point[] {
  if ('normal' in a && 'normal' in b) {
    const det = a.normal.x * b.normal.y - a.normal.y * b.normal.x;
    return Math.abs(det) < 1e-9
      ? []
      : [{ x: (a.at * b.normal.y - b.at * a.normal.y) / det, y: (a.normal.x * b.at - b.normal.x * a.at) / det }];
  }
  if ('normal' in a) return crossings(b, a);
  if ('normal' in b) {
    const off = b.at - (b.normal.x * a.middle.x + b.normal.y * a.middle.y);
    const half = a.r ** 2 - off ** 2;
    if (half < 0) return [];
    const root = Math.sqrt(half);
    return [root, -root].map((along) => ({
      x: a.middle.x + off * b.normal.x - along * b.normal.y,
      y: a.middle.y + off * b.normal.y + along * b.normal.x,
    }));
  }
  const [dx, dy] = [b.middle.x - a.middle.x, b.middle.y - a.middle.y];
  const d = Math.hypot(dx, dy);
  if (d < 1e-9) return [];
  const along = (d ** 2 + a.r ** 2 - b.r ** 2) / (2 * d);
  const half = a.r ** 2 - along ** 2;
  if (half < 0) return [];
  const root = Math.sqrt(half);
  return [root, -root].map((side) => ({
    x: a.middle.x + (along * dx - side * dy) / d,
    y: a.middle.y + (along * dy + side * dx) / d,
  }));
}

const line = (x: number, y: number, at: number): Touch => ({ normal: { x, y }, at });

/** The paper's four edges and what is gone of it. */
function edgeTouches({ scrap: { w, h, missing }, half, size, lie }: Room): Touch[] {
  const edges = [line(1, 0, half.x), line(1, 0, w - half.x), line(0, 1, half.y), line(0, 1, h - half.y)];
  const gaps = missing.flatMap((gap): Touch[] => {
    const corners = [
      { x: gap.x, y: gap.y },
      { x: gap.x + gap.w, y: gap.y },
      { x: gap.x, y: gap.y + gap.h },
      { x: gap.x + gap.w, y: gap.y + gap.h },
    ];
    const sides = [
      line(1, 0, gap.x - half.x),
      line(1, 0, gap.x + gap.w + half.x),
      line(0, 1, gap.y - half.y),
      line(0, 1, gap.y + gap.h + half.y),
    ];
    if (lie === 'round') return [...sides, ...corners.map((middle): Touch => ({ middle, r: size / 2 }))];
    return [
      ...sides,
      ...FLATS[lie].flatMap((flat) => {
        const along = corners.map(({ x, y }) => flat.x * x + flat.y * y);
        return [
          line(flat.x, flat.y, Math.min(...along) - size / 2),
          line(flat.x, flat.y, Math.max(...along) + size / 2),
        ];
      }),
    ];
  });
  return [...edges, ...gaps];
}

function holeTouches(hole: RoundHole, room: Room): Touch[] {
  const { lie, least } = apart(hole, room);
  if (lie === 'round') return [{ middle: { x: hole.x, y: hole.y }, r: least }];
  return FLATS[lie].flatMap((flat) =>
    [1, -1].map((side) => line(flat.x, flat.y, flat.x * hole.x + flat.y * hole.y + side * least)),
  );
}

/** A hexagon's points reach this much further than its flats, and a little more. */
const POINTED = 1.2;

/**
 * Fills a scrap with holes that each nestle against two things (edges, gaps, other holes), always the furthest back
 * along a direction first.
 * @param placed holes of the same punch that are there already; they are kept
 * @param along the direction in which the holes grow, a unit vector
 */
export function nestle(room: Room, placed: readonly Point[], along: Point): Point[] {
  const { size, lie } = room;
  const toHole = ({ x, y }: Point): RoundHole => ({ x, y, size, lie });
  const holes = [...placed];
  const edges = edgeTouches(room);
  const open = new Map<string, Point>();
  const offer = (a: Touch, b: Touch, close: readonly RoundHole[], beside: RoundHole | null = null): void => {
    for (const at of crossings(a, b)) {
      // A hexagon's lines go on beyond it: what does not touch it is offered elsewhere.
      if (
        (beside && !touches(beside, toHole(at))) ||
        !room.allows(at) ||
        !close.every((other) => areApart(toHole(at), other))
      )
        continue;
      open.set(`${Math.round(at.x)} ${Math.round(at.y)}`, at);
    }
  };
  /** What touches the hole lies near it, so only its neighbours can be in the way. */
  const offerAround = (hole: RoundHole, others: readonly RoundHole[]): void => {
    const close = others.filter(
      (other) =>
        Math.max(Math.abs(other.x - hole.x), Math.abs(other.y - hole.y)) <
        POINTED * (hole.size / 2 + size + other.size / 2),
    );
    const own = holeTouches(hole, room);
    const theirs = close.flatMap((other) => holeTouches(other, room));
    const all = [...close, hole];
    own.forEach((a, i) => {
      [...edges, ...theirs, ...own.slice(i + 1)].forEach((b) => offer(a, b, all, hole));
    });
  };
  const before = [...room.earlier, ...holes.map(toHole)];
  edges.forEach((a, i) => edges.slice(i + 1).forEach((b) => offer(a, b, before)));
  before.forEach((hole) => offerAround(hole, before));
  for (;;) {
    let first: Point | null = null;
    let least = Infinity;
    for (const at of open.values()) {
      const ahead = at.x * along.x + at.y * along.y;
      if (ahead < least - NEAR) {
        least = ahead;
        first = at;
      }
    }
    if (!first) return holes;
    const hole = toHole(first);
    const others = [...room.earlier, ...holes.map(toHole)];
    holes.push(first);
    for (const [key, at] of open) if (!areApart(hole, toHole(at))) open.delete(key);
    offerAround(hole, others);
  }
}
