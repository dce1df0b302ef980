import type { Ticks } from '../../ground/length';
import { intersect, type Point, type Rect, type Size } from '../../ground/geometry';
import { nth } from '../../ground/nth';

/** A rectangle, turned clockwise by `turn` degrees about its centre. */
export interface RectShape extends Rect {
  readonly shape: 'rect';
  readonly turn?: number;
}
export interface CircleShape {
  readonly shape: 'circle';
  readonly cx: Ticks;
  readonly cy: Ticks;
  readonly d: Ticks;
}
/** A layer of a page, ticks, in page coordinates; layers come from the bottom up. */
export type CoverLayer = { readonly id: string } & (RectShape | CircleShape);

/** From x to x on one horizontal line. */
export type Chord = readonly [from: number, to: number];

/** A convex outline trimmed to the page, as what the scan lines need of it. */
export interface Outline {
  readonly bounds: Rect;
  /** Heights at which the outline turns: corners, and a circle's middle. */
  readonly heights: readonly number[];
  /** The outline's chord at a height, null where it has none. */
  readonly chord: (y: number) => Chord | null;
}

const quarterTurns = (turn = 0): number | null => {
  const quarters = turn / 90;
  return Number.isInteger(quarters) ? quarters : null;
};

/**
 * The layer as an unturned rectangle on the page; null for circles and for other turns than quarters, or when it lies
 * off the page.
 */
export function uprightRect(layer: CoverLayer, page: Size): Rect | null | 'not-upright' {
  if (layer.shape === 'circle') return 'not-upright';
  const quarters = quarterTurns(layer.turn);
  if (quarters === null) return 'not-upright';
  const { x, y, w, h } = layer;
  const rect = quarters % 2 === 0 ? { x, y, w, h } : { x: x + (w - h) / 2, y: y + (h - w) / 2, w: h, h: w };
  return intersect(rect, { x: 0, y: 0, ...page });
}

function corners({ x, y, w, h, turn = 0 }: RectShape): Point[] {
  const angle = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const [cx, cy] = [x + w / 2, y + h / 2];
  const sides: [dx: number, dy: number][] = [
    [-w, -h],
    [w, -h],
    [w, h],
    [-w, h],
  ];
  return sides.map(([dx, dy]) => ({ x: cx + (dx * cos - dy * sin) / 2, y: cy + (dx * sin + dy * cos) / 2 }));
}

function polygonChord(points: readonly Point[], y: number): Chord | null {
  let from = Infinity;
  let to = -Infinity;
  let p = nth(points, points.length - 1);
  for (const q of points) {
    const isMet = p.y <= y ? q.y >= y : q.y <= y;
    if (isMet) {
      const x = p.y === q.y ? p.x : p.x + ((y - p.y) / (q.y - p.y)) * (q.x - p.x);
      if (x < from) from = x;
      if (x > to) to = x;
      if (p.y === q.y && q.x < from) from = q.x;
      if (p.y === q.y && q.x > to) to = q.x;
    }
    p = q;
  }
  return from <= to ? [from, to] : null;
}

function polygonOutline(points: readonly Point[]): Outline {
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return {
    bounds: { x, y, w: Math.max(...xs) - x, h: Math.max(...ys) - y },
    heights: ys,
    chord: (at) => polygonChord(points, at),
  };
}

function circleOutline({ cx, cy, d }: CircleShape): Outline {
  const r = d / 2;
  return {
    bounds: { x: cx - r, y: cy - r, w: d, h: d },
    heights: [cy - r, cy, cy + r],
    chord: (y) => {
      const half2 = r * r - (y - cy) ** 2;
      if (half2 < 0) return null;
      return [cx - Math.sqrt(half2), cx + Math.sqrt(half2)];
    },
  };
}

/** The layer's outline trimmed to the page; null when nothing of it lies there. */
export function outlineOnPage(layer: CoverLayer, page: Size): Outline | null {
  const whole = layer.shape === 'circle' ? circleOutline(layer) : polygonOutline(corners(layer));
  const bounds = intersect(whole.bounds, { x: 0, y: 0, ...page });
  if (!bounds) return null;
  return {
    bounds,
    heights: whole.heights,
    chord: (y) => {
      const chord = y < 0 || y > page.h ? null : whole.chord(y);
      if (!chord) return null;
      const [from, to] = [Math.max(0, chord[0]), Math.min(page.w, chord[1])];
      return from <= to ? [from, to] : null;
    },
  };
}
