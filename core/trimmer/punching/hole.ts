import type { Point, Rect } from '../../ground/geometry';
import type { Hole, RoundLie } from '../../stock/things';

/** Less than a hundredth of a tick is nothing: middles of staggered holes are not whole ticks. */
export const NEAR = 0.01;

const HALF_ROOT3 = Math.sqrt(3) / 2;

/** Directions square to a hexagon's flats. */
/** A hole that is a circle or a hexagon. */
export type RoundHole = Hole & { readonly lie: RoundLie };

export const isRound = (hole: Hole): hole is RoundHole => hole.lie !== 'upright' && hole.lie !== 'across';

export const FLATS: Record<Exclude<RoundLie, 'round'>, readonly Point[]> = {
  'point-up': [
    { x: 1, y: 0 },
    { x: 0.5, y: HALF_ROOT3 },
    { x: 0.5, y: -HALF_ROOT3 },
  ],
  'flat-up': [
    { x: 0, y: 1 },
    { x: HALF_ROOT3, y: 0.5 },
    { x: HALF_ROOT3, y: -0.5 },
  ],
};

const dot = (a: Point, b: Point): number => a.x * b.x + a.y * b.y;

/** From flat to flat once divided by this: from point to point of a hexagon; a circle has neither. */
const acrossPoints = ({ size, lie }: Pick<RoundHole, 'size' | 'lie'>): number =>
  lie === 'round' ? size : size / HALF_ROOT3;

/** Of a hole, square ticks. */
export function holeArea({ size, height = size, lie }: Pick<Hole, 'size' | 'height' | 'lie'>): number {
  if (lie === 'upright' || lie === 'across') return size * height;
  return lie === 'round' ? (Math.PI * size * size) / 4 : HALF_ROOT3 * size * size;
}

/** Half of what a hole takes across and down. */
export function halfExtent({ size, height = size, lie }: Pick<Hole, 'size' | 'height' | 'lie'>): Point {
  if (lie === 'upright') return { x: size / 2, y: height / 2 };
  if (lie === 'across') return { x: height / 2, y: size / 2 };
  const [flat, point] = [size / 2, acrossPoints({ size, lie }) / 2];
  return lie === 'flat-up' ? { x: point, y: flat } : { x: flat, y: point };
}

/**
 * How far apart two middles count, as the shape between them measures it: Euclid's for circles, a hexagon's own for
 * hexagons.
 */
export function span(dx: number, dy: number, lie: RoundLie): number {
  if (lie === 'round') return Math.hypot(dx, dy);
  return Math.max(...FLATS[lie].map((flat) => Math.abs(dot(flat, { x: dx, y: dy }))));
}

/** How far apart the middles must be, and by which measure; unlike holes count as the circles round them. */
export function apart(
  a: Pick<RoundHole, 'size' | 'lie'>,
  b: Pick<RoundHole, 'size' | 'lie'>,
): { lie: RoundLie; least: number } {
  if (a.lie === b.lie) return { lie: a.lie, least: (a.size + b.size) / 2 };
  return { lie: 'round', least: (acrossPoints(a) + acrossPoints(b)) / 2 };
}

export function areApart(a: Hole, b: Hole): boolean {
  if (!isRound(a) || !isRound(b)) {
    const [own, other] = [halfExtent(a), halfExtent(b)];
    return Math.abs(a.x - b.x) >= own.x + other.x - NEAR || Math.abs(a.y - b.y) >= own.y + other.y - NEAR;
  }
  const { lie, least } = apart(a, b);
  return span(a.x - b.x, a.y - b.y, lie) >= least - NEAR;
}

export function touches(a: RoundHole, b: RoundHole): boolean {
  const { lie, least } = apart(a, b);
  return Math.abs(span(a.x - b.x, a.y - b.y, lie) - least) < 10 * NEAR;
}

/** Whether a hole keeps off an area that is gone. */
export function isOff(hole: Hole, { x, y, w, h }: Rect): boolean {
  if (hole.lie === 'round') {
    const dx = Math.max(x - hole.x, 0, hole.x - (x + w));
    const dy = Math.max(y - hole.y, 0, hole.y - (y + h));
    return Math.hypot(dx, dy) >= hole.size / 2 - NEAR;
  }
  if (!isRound(hole)) return false;
  // Two convex shapes are apart where a line square to a side of one parts them.
  const half = halfExtent(hole);
  if (
    hole.x + half.x <= x + NEAR ||
    hole.x - half.x >= x + w - NEAR ||
    hole.y + half.y <= y + NEAR ||
    hole.y - half.y >= y + h - NEAR
  )
    return true;
  return FLATS[hole.lie].some((flat) => {
    const corners = [
      { x, y },
      { x: x + w, y },
      { x, y: y + h },
      { x: x + w, y: y + h },
    ].map((corner) => dot(flat, corner) - dot(flat, hole));
    return Math.min(...corners) >= hole.size / 2 - NEAR || Math.max(...corners) <= -hole.size / 2 + NEAR;
  });
}
