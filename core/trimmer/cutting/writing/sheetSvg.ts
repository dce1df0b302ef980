import type { Rect, Size } from '../../../ground/geometry';
import { TICKS_PER_MM, toMm } from '../../../ground/length';
import { pathData, turnedQuarter, type Path } from '../../../ground/shapes';
import type { PlannedPiece } from '../types';

const mm = (ticks: number): string => String(Math.round(toMm(ticks) * 1e4) / 1e4);

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

export interface SheetSvgOptions<P> {
  /** Areas of the sheet that are gone already. */
  readonly missing?: readonly Rect[];
  /**
   * The outlines of a wanted piece that is not just its rectangle, told from its blank as it is wanted; null: the
   * rectangle.
   */
  readonly outlines?: (wanted: P) => readonly Path[] | null;
}

/**
 * A planned sheet as SVG in real units, for a cutting machine: every line to cut as a closed path of class `cut`, the
 * sheet's own edge as a path of class `edge` and what is gone of it as paths of class `gone`, not to be cut. One user
 * unit is 1 mm.
 * @param size of the whole sheet, ticks
 */
export function sheetSvg<P extends PlannedPiece>(
  { pieces }: { readonly pieces: readonly P[] },
  { w, h }: Size,
  { missing = [], outlines = () => null }: SheetSvgOptions<P> = {},
): string {
  const box = ({ x, y, w: width, h: height }: Rect): string =>
    `M${mm(x)} ${mm(y)}h${mm(width)}v${mm(height)}h${mm(-width)}z`;
  const lines = pieces.flatMap((piece): [string, string][] => {
    const { id, turned, ...at } = piece;
    const paths = outlines(piece);
    if (!paths) return [[id, box(at)]];
    return paths.map((path) => [id, pathData(turned ? turnedQuarter(path, at.w) : path, TICKS_PER_MM, at)]);
  });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(w)}mm" height="${mm(h)}mm" viewBox="0 0 ${mm(w)} ${mm(h)}" fill="none" stroke-width="0.1">`,
    `  <path class="edge" stroke="#888888" d="${box({ x: 0, y: 0, w, h })}"/>`,
    ...missing.map((gap) => `  <path class="gone" stroke="#888888" d="${box(gap)}"/>`),
    ...lines.map(([id, d]) => `  <path class="cut" stroke="#ff0000" data-piece="${escaped(id)}" d="${d}"/>`),
    '</svg>',
    '',
  ].join('\n');
}
