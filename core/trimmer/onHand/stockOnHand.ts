import type { CutStock } from '../cutting';
import { inches } from '../../ground/length';
import type { Shelf } from '../../stock/bench';
import type { PieceState } from '../../stock/ledger';
import { isPaper, monthNumber, type Lot } from '../../stock/things';

/** A whole sheet at least this large both ways is one she would rather not open. */
const SHEET = inches(5);

/** Whether a piece is a sheet never cut, which counts as fresh; a card that nobody cut, or a scrap, is not. */
export const isFreshSheet = (
  { from, w, h }: Pick<PieceState, 'from' | 'w' | 'h'>,
  { isLeftover = false }: Pick<Lot, 'isLeftover'>,
): boolean => from === null && !isLeftover && Math.min(w, h) >= SHEET;

/**
 * All paper that a page may be cut from: what lies in the stash, and what is out for this page already. Each piece is
 * a stock of its own, named by its id; a sheet never cut counts as fresh.
 */
export function stockOnHand({ ledger, lots, kits }: Shelf, page: string | null): CutStock[] {
  const stock: CutStock[] = [];
  for (const piece of ledger.pieces.values()) {
    const lot = lots.get(piece.lot);
    const free =
      piece.where === 'here' ||
      (piece.where === 'claimed' && page !== null && piece.page === page && piece.slot === null);
    if (!lot || !free || !isPaper(lot)) continue;
    const kit = kits.get(lot.kit);
    stock.push({
      id: piece.id,
      w: piece.w,
      h: piece.h,
      count: 1,
      front: lot.front,
      back: lot.back,
      upright: lot.upright,
      fresh: isFreshSheet(piece, lot),
      since: kit ? monthNumber(kit.month) : null,
      missing: piece.missing,
    });
  }
  return stock;
}
