import { own, piecesFor, totalOf } from '../../stock/ledger';
import type { Kit, Lot, Page } from '../../stock/things';
import type { Wrapped } from './leftOf';

/** How many of a thing. */
export interface SomeOf {
  readonly lot: Lot;
  readonly count: number;
}

/** What a page has of the parts that its kit marks for another layout, and what that one has of its own. */
export interface Borrowing {
  /** The kit's so-manieth layout that it was borrowed from. */
  readonly from: number;
  readonly borrowed: readonly SomeOf[];
  /** Of this page's parts, what lies on pages of that layout. */
  readonly paidBack: readonly SomeOf[];
  /** Borrowed less paid back, in things; below 0: that layout owes. */
  readonly owes: number;
}

const total = (some: readonly SomeOf[]): number => some.reduce((sum, { count }) => sum + count, 0);

/** What is out for a page or on it of a kit's parts for one layout: pieces, or things by count. */
function partsOn(page: string, kit: string, layout: number, { ledger, lots }: Wrapped): SomeOf[] {
  const pieces = piecesFor(ledger, page);
  return [...lots.values()]
    .filter((lot) => lot.kit === kit && lot.forLayout === layout)
    .flatMap((lot): SomeOf[] => {
      const state = ledger.lots.get(lot.id);
      const counted = totalOf(own(state?.claimed ?? {}, page) ?? {}) + totalOf(own(state?.used ?? {}, page) ?? {});
      // Of a roll or of what nobody counts there is some, or none.
      const things = lot.measure === 'count' || lot.measure === 'letters' ? counted : Math.min(1, counted);
      const count = pieces.filter((piece) => piece.lot === lot.id).length + things;
      return count > 0 ? [{ lot, count }] : [];
    });
}

/** The layouts that a kit marks parts for, in order. */
export const layoutsOf = ({ id }: Pick<Kit, 'id'>, { lots }: Pick<Wrapped, 'lots'>): number[] =>
  [...new Set([...lots.values()].flatMap(({ kit, forLayout }) => (kit === id && forLayout ? [forLayout] : [])))].sort(
    (a, b) => a - b,
  );

/** What was borrowed between a page and the other layouts of its kit, and paid back. */
export function borrowingsOf(
  page: Pick<Page, 'id' | 'kitLayout'>,
  shelf: Wrapped & { readonly pages: ReadonlyMap<string, Page> },
): readonly Borrowing[] {
  const { kitLayout } = page;
  if (!kitLayout) return [];
  const { kit, nth } = kitLayout;
  return layoutsOf({ id: kit }, shelf)
    .filter((layout) => layout !== nth)
    .flatMap((from): Borrowing[] => {
      const borrowed = partsOn(page.id, kit, from, shelf);
      const paidBack = [...shelf.pages.values()]
        .filter((other) => other.kitLayout?.kit === kit && other.kitLayout.nth === from)
        .flatMap((other) => partsOn(other.id, kit, nth, shelf));
      const owes = total(borrowed) - total(paidBack);
      return borrowed.length + paidBack.length === 0 ? [] : [{ from, borrowed, paidBack, owes }];
    });
}
