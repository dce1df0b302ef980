import SvgPath from 'svg-path-commander';
import type { Point } from '../../ground/geometry';
import type { Contour } from './contour';

/** Each curve of a path is told by so many points. */
const STEPS = 8;

const onCurve = (from: Point, [x1, y1, x2, y2, x, y]: readonly number[], t: number): Point => {
  const s = 1 - t;
  const at = (a: number, b = 0, c = 0, d = 0): number =>
    s * s * s * a + 3 * s * s * t * b + 3 * s * t * t * c + t * t * t * d;
  return { x: at(from.x, x1, x2, x), y: at(from.y, y1, y2, y) };
};

/** SVG path data as lines of points, in its own units: curves and arcs are told by points on them. */
export function pathContours(d: string): readonly Contour[] {
  const lines: Point[][] = [];
  for (const [kind, ...to] of SvgPath.pathToCurve(d)) {
    if (kind === 'M') lines.push([{ x: to[0] ?? 0, y: to[1] ?? 0 }]);
    const line = lines.at(-1);
    const from = line?.at(-1);
    if (kind === 'C' && line && from)
      for (let step = 1; step <= STEPS; step++) line.push(onCurve(from, to as number[], step / STEPS));
  }
  return lines.filter((line) => line.length > 2);
}
