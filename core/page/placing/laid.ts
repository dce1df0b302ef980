import { own, type Amounts, type Ledger } from '../../stock/ledger';
import type { Page, Placed, PlacedItem, PlacedStrip, PlacedWhat } from '../../stock/things';

/** What of its lot something that is laid takes. */
export const amountsOf = (what: PlacedItem | PlacedStrip): Amounts =>
  'part' in what ? { [what.part]: what.count ?? 1 } : { '': what.length };

/** The piece or lot that something laid is of; null: it is drawn. */
export const stockOf = (what: PlacedWhat): string | null =>
  'piece' in what ? what.piece : 'lot' in what ? what.lot : null;

/** What of a lot is laid on a page, by part. */
export function laidOf({ placed = [] }: Pick<Page, 'placed'>, lot: string): Amounts {
  const sum = new Map<string, number>();
  for (const { what } of placed) {
    if (!('lot' in what) || what.lot !== lot) continue;
    for (const [part, n] of Object.entries(amountsOf(what))) sum.set(part, (sum.get(part) ?? 0) + n);
  }
  return Object.fromEntries(sum);
}

/** What of a lot is out for a page or used on it, by part. */
export function outOrUsed(ledger: Ledger, lot: string, page: string): Amounts {
  const state = ledger.lots.get(lot);
  const sum = new Map<string, number>();
  for (const amounts of [own(state?.claimed ?? {}, page), own(state?.used ?? {}, page)])
    for (const [part, n] of Object.entries(amounts ?? {})) sum.set(part, (sum.get(part) ?? 0) + n);
  return Object.fromEntries(sum);
}

const isOutFor = (ledger: Ledger, piece: string, page: string): boolean => {
  const state = ledger.pieces.get(piece);
  return (state?.where === 'claimed' || state?.where === 'used') && state.page === page;
};

/** Of what is laid on a page, that which is out for it or used on it, each once; the lowest first stay. */
export function founded({ id, placed = [] }: Pick<Page, 'id' | 'placed'>, ledger: Ledger): readonly Placed[] {
  const left = new Map<string, number>();
  const pieces = new Set<string>();
  return placed.filter(({ what }) => {
    if ('piece' in what) {
      if (pieces.has(what.piece) || !isOutFor(ledger, what.piece, id)) return false;
      pieces.add(what.piece);
      return true;
    }
    if ('drawn' in what) return true;
    return Object.entries(amountsOf(what)).every(([part, n]) => {
      const key = `${what.lot}/${part}`;
      const there = left.get(key) ?? outOrUsed(ledger, what.lot, id)[part] ?? 0;
      if (there < n) return false;
      left.set(key, there - n);
      return true;
    });
  });
}
