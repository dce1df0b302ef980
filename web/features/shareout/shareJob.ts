import { pageLayout } from '../../../core/design';
import { shareJobFor, type ShareWishes, type SharingPage } from '../../../core/sharing';
import { stockOnHand } from '../../../core/stock';
import type { ShareJob } from '../../../core/shareout';
import type { Page } from '../../../core/things';
import { shelfOf, type Bench } from '../../../core/making';

/**
 * Her school for strips over a spread, where the page's own options do not say: four from one sheet, or three each from
 * two.
 */
const STRIPS = { one: '4', two: '3' } as const;

/** The page in her school; pages of other designs are as they are. */
export const inSchool = (page: Page, spread: 'one' | 'two'): Page =>
  page.format.spread && page.design === 'strip-bands' && page.options?.['strips'] === undefined
    ? { ...page, options: { ...page.options, strips: STRIPS[spread] } }
    : page;

/** Pages as they are laid out, with the colours of their photos; those whose photos do not fit are left out. */
export const layForSharing = (pages: readonly Page[], bench: Bench): SharingPage[] =>
  pages.flatMap((page) => {
    const layout = pageLayout(page);
    return layout.ok
      ? [
          {
            page,
            layout: layout.value,
            colours: page.photos.flatMap(({ photo }) => bench.photos.get(photo ?? '')?.colours ?? []),
          },
        ]
      : [];
  });

export interface Sources {
  readonly kits: ReadonlySet<string>;
  /** Papers (lots) that are not cut. */ readonly never: readonly string[];
}

/** The share-out of what is on hand of some kits. */
export function jobOf(
  pages: readonly SharingPage[],
  bench: Bench,
  { kits, never }: Sources,
  wishes: ShareWishes,
  longestCut: number | null,
): ShareJob {
  const stock = stockOnHand(shelfOf(bench), null).filter(({ id }) => {
    const lot = bench.lots.get(bench.ledger.pieces.get(id)!.lot)!;
    return kits.has(lot.kit) && !never.includes(lot.id);
  });
  return shareJobFor(pages, stock, [...bench.faces.values()], longestCut, wishes);
}
