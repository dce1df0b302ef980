import { overlaps, type Rect, type Size } from './rect';

function holdsAsItLies(sheet: Size, missing: readonly Rect[], { w, h }: Size): boolean {
  if (w > sheet.w || h > sheet.h) return false;
  if (missing.length === 0) return true;
  // If it fits anywhere, it fits pushed up and left until it meets an edge or a gap.
  const xs = [0, ...missing.map((gap) => gap.x + gap.w)].filter((x) => x >= 0 && x + w <= sheet.w);
  const ys = [0, ...missing.map((gap) => gap.y + gap.h)].filter((y) => y >= 0 && y + h <= sheet.h);
  return xs.some((x) => ys.some((y) => !missing.some((gap) => overlaps(gap, { x, y, w, h }))));
}

/**
 * Whether a sheet with gaps still holds a piece of this size, as it lies or, where it may be turned, turned a quarter.
 */
export const holds = (sheet: Size, missing: readonly Rect[], piece: Size, mayTurn: boolean): boolean =>
  holdsAsItLies(sheet, missing, piece) || (mayTurn && holdsAsItLies(sheet, missing, { w: piece.h, h: piece.w }));
