import { cutListOf } from '../../page/cutlist';
import { area } from '../../ground/geometry';
import type { SharePlan } from '../shareout';
import type { Page, PlanSheet, Sharing } from '../../stock/things';
import type { SharingPage } from './shareJobFor';
import { heldIn } from '../../ground/heldIn';

/** The cut lists of pages by their lines' keys: a share-out names pieces by these. */
const slotsByKey = (pages: readonly SharingPage[]): ReadonlyMap<string, string> =>
  new Map(pages.flatMap(({ page, layout }) => cutListOf(layout, page).map(({ id, slot }) => [id, slot] as const)));

/** A share-out's cuts as sheets of a plan: what was drawn is what is cut. */
export function sheetsOfShare({ sheets }: SharePlan, pages: readonly SharingPage[]): PlanSheet[] {
  const slots = slotsByKey(pages);
  const copies = new Map<string, number>();
  return sheets.map((sheet) => ({
    ...sheet,
    pieces: sheet.pieces.map(({ page, slot: id, ...piece }) => {
      copies.set(id, (copies.get(id) ?? 0) + 1);
      return { ...piece, id, page, slot: heldIn(slots, id), copy: heldIn(copies, id) };
    }),
  }));
}

/**
 * What is kept of a share-out when it is claimed. @param kits the kits whose papers it was made of; @param wanted pages
 * that were asked for
 */
export function sharingOf(
  plan: SharePlan,
  pages: readonly Page[],
  kits: readonly string[],
  id: string,
  day: string,
): Sharing {
  return {
    id,
    day,
    kits,
    wanted: plan.pages.length,
    pages: plan.pages
      .filter(({ complete }) => complete)
      .map(({ id: page }) => ({
        page,
        title: pages.find((one) => one.id === page)?.title ?? '',
        papers: plan.sheets.flatMap(({ stock, pieces }) => {
          const own = pieces.filter((piece) => piece.page === page).reduce((sum, piece) => sum + area(piece), 0);
          return own > 0 ? [{ piece: stock, area: own }] : [];
        }),
      })),
  };
}
