import type { CutStock } from '../../../trimmer/cutting';
import { area, intersect, type Rect } from '../../../ground/geometry';
import type { PlanSheet } from '../../../stock/things';
import type { Paper } from './types';

/** What is gone of a part, told from the part's own corner. */
export const missingOn = (missing: readonly Rect[], part: Rect): Rect[] =>
  missing.flatMap((gap) => {
    const own = intersect(gap, part);
    return own ? [{ ...own, x: own.x - part.x, y: own.y - part.y }] : [];
  });

/** All that may be punched: what the plan leaves of its sheets, and papers that it does not open; the smallest first. */
export function papersOf(sheets: readonly PlanSheet[], stock: readonly CutStock[]): Paper[] {
  const paper = (one: CutStock, part: string, place: Rect, isFresh: boolean): Paper => ({
    stock: one,
    part,
    place,
    scrap: { w: place.w, h: place.h, missing: missingOn(one.missing, place), upright: one.upright },
    isFresh,
  });
  const opened = new Map(sheets.map((sheet) => [sheet.stock, sheet]));
  return stock
    .flatMap((one) => {
      const sheet = opened.get(one.id);
      if (!sheet) return [paper(one, 'A', { x: 0, y: 0, w: one.w, h: one.h }, one.fresh)];
      return [...sheet.nubbins, ...sheet.waste].map(({ part, ...place }) => paper(one, part, place, false));
    })
    .sort((a, b) => Number(a.isFresh) - Number(b.isFresh) || area(a.place) - area(b.place));
}
