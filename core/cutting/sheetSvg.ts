import type { Size } from '../geometry';
import { toMm } from '../length';
import type { PlannedSheet } from './types';

const mm = (ticks: number): string => String(Math.round(toMm(ticks) * 1e4) / 1e4);

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

/**
 * A planned sheet as SVG in real units, for a cutting machine: the outline of every piece as a closed path of class
 * `cut`, the sheet's own edge as a path of class `edge`, not to be cut. One user unit is 1 mm.
 * @param size of the whole sheet, ticks
 */
export function sheetSvg({ pieces }: PlannedSheet, { w, h }: Size): string {
  const outline = (x: number, y: number, width: number, height: number): string => `M${mm(x)} ${mm(y)}h${mm(width)}v${mm(height)}h${mm(-width)}z`;
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(w)}mm" height="${mm(h)}mm" viewBox="0 0 ${mm(w)} ${mm(h)}" fill="none" stroke-width="0.1">`,
    `  <path class="edge" stroke="#888888" d="${outline(0, 0, w, h)}"/>`,
    ...pieces.map(({ id, x, y, w: width, h: height }) => `  <path class="cut" stroke="#ff0000" data-piece="${escaped(id)}" d="${outline(x, y, width, height)}"/>`),
    '</svg>',
    '',
  ].join('\n');
}
