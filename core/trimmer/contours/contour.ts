import type { Point, Rect } from '../../ground/geometry';

/** A closed line of straight strokes, in whole ticks; the last point is joined to the first. */
export type Contour = readonly Point[];

/** So many corners stand for a circle: at one foot across the line is off by less than 1/64 in. */
const ROUND = 96;

export const rectContour = ({ x, y, w, h }: Rect): Contour => [
  { x, y },
  { x: x + w, y },
  { x: x + w, y: y + h },
  { x, y: y + h },
];

/** An ellipse that fills a rectangle; a circle where it is square. */
export const ellipseContour = ({ x, y, w, h }: Rect): Contour =>
  Array.from({ length: ROUND }, (_, i) => {
    const at = (2 * Math.PI * i) / ROUND;
    return { x: Math.round(x + w / 2 + (w / 2) * Math.cos(at)), y: Math.round(y + h / 2 + (h / 2) * Math.sin(at)) };
  });

export const movedBy = (contour: Contour, dx: number, dy: number): Contour =>
  contour.map(({ x, y }) => ({ x: x + dx, y: y + dy }));

/** The upright rectangle round contours; at least one point must be there. */
export function boxOf(contours: readonly Contour[]): Rect {
  const points = contours.flat();
  const x = Math.min(...points.map((p) => p.x));
  const y = Math.min(...points.map((p) => p.y));
  return { x, y, w: Math.max(...points.map((p) => p.x)) - x, h: Math.max(...points.map((p) => p.y)) - y };
}

/**
 * Contours as SVG path data; where one lies within another it is a hole, by the even-odd rule. @param unit how many
 * ticks one unit of the drawing is
 */
export const contourPath = (contours: readonly Contour[], unit: number): string =>
  contours.map((points) => `M${points.map(({ x, y }) => `${round(x / unit)} ${round(y / unit)}`).join('L')}z`).join('');

const round = (n: number): number => Math.round(n * 1e4) / 1e4;
