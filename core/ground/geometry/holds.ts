import { overlaps, type Point, type Rect, type Size } from './rect';

/** Spots on a sheet with gaps, of which one is free where any is. */
function spotsFor(sheet: Size, missing: readonly Rect[], { w, h }: Size): Point[] {
  if (w > sheet.w || h > sheet.h) return [];
  // If it fits anywhere, it fits pushed up and left until it meets an edge or a gap.
  const xs = [0, ...missing.map((gap) => gap.x + gap.w)].filter((x) => x >= 0 && x + w <= sheet.w);
  const ys = [0, ...missing.map((gap) => gap.y + gap.h)].filter((y) => y >= 0 && y + h <= sheet.h);
  return xs.flatMap((x) => ys.map((y) => ({ x, y })));
}

const isFree = (spot: Point, missing: readonly Rect[], { w, h }: Size): boolean =>
  !missing.some((gap) => overlaps(gap, { x: spot.x, y: spot.y, w, h }));

const holdsAsItLies = (sheet: Size, missing: readonly Rect[], piece: Size): boolean =>
  spotsFor(sheet, missing, piece).some((spot) => isFree(spot, missing, piece));

/** Where a sheet with gaps holds a piece of this size as it lies, nearest to its head left corner; null: nowhere. */
export const spotFor = (sheet: Size, missing: readonly Rect[], piece: Size): Point | null =>
  spotsFor(sheet, missing, piece)
    .sort((a, b) => a.x + a.y - b.x - b.y)
    .find((spot) => isFree(spot, missing, piece)) ?? null;

/**
 * Whether a sheet with gaps still holds a piece of this size, as it lies or, where it may be turned, turned a quarter.
 */
export const holds = (sheet: Size, missing: readonly Rect[], piece: Size, mayTurn: boolean): boolean =>
  holdsAsItLies(sheet, missing, piece) || (mayTurn && holdsAsItLies(sheet, missing, { w: piece.h, h: piece.w }));
