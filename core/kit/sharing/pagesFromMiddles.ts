import { partsUnder } from '../../page/cutlist';
import type { SharePlan } from '../shareout';

/** How many pages of a share-out have pieces that are cut from the hidden middles of others. */
export function pagesFromMiddles(plan: SharePlan | null): number {
  const pages = (plan?.sheets ?? []).flatMap((sheet) => {
    const pieces = sheet.pieces.map((piece) => ({ ...piece, id: piece.slot }));
    const under = (sheet.windows ?? []).flatMap(({ part }) => [...partsUnder({ ...sheet, pieces }, part)]);
    return sheet.pieces.flatMap(({ part, page }) => (under.includes(part) ? [page] : []));
  });
  return new Set(pages).size;
}
