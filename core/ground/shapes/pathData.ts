import type { Path } from './shape';
import { nth } from '../nth';

/**
 * A path as SVG path data. @param unit how many ticks one unit of the drawing is; @param at where the blank lies, in
 * ticks
 */
export function pathData(
  path: Path,
  unit: number,
  at: { readonly x: number; readonly y: number } = { x: 0, y: 0 },
): string {
  const n = (ticks: number): string => String(Math.round((ticks / unit) * 1e4) / 1e4);
  const point = ({ x, y }: { x: number; y: number }): string => `${n(x + at.x)} ${n(y + at.y)}`;
  const last = nth(path, path.length - 1);
  return `M${point(last)}${path.map((to) => (to.arc ? `A${n(to.arc.r)} ${n(to.arc.r)} 0 0 ${to.arc.bulges === 'left' ? 1 : 0} ${point(to)}` : `L${point(to)}`)).join('')}z`;
}

/**
 * A path turned a quarter clockwise, so that it lies in its blank with the sides exchanged. @param width of the blank
 * once it is turned
 */
export const turnedQuarter = (path: Path, width: number): Path =>
  path.map(({ x, y, ...stroke }) => ({ ...stroke, x: width - y, y: x }));
