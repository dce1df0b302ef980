import type { CutStock } from '../cutting';
import { stockOnHand, type Shelf } from '../stock';
import { newestMonth, type Kit, type Lot } from '../things';

/** A piece of stock and the kit it came with. */
export interface Leftover {
  readonly stock: CutStock;
  readonly kit: Kit | null;
  readonly lot: Lot;
}

/**
 * All paper left over: pieces cut off something, scraps, and whatever older and half-used kits still have. The sheets
 * of the newest month's kits are not touched.
 */
export function leftoversOf(shelf: Shelf): Leftover[] {
  const newest = newestMonth(shelf.kits.values());
  return stockOnHand(shelf, null).flatMap((stock) => {
    const piece = shelf.ledger.pieces.get(stock.id)!;
    const lot = shelf.lots.get(piece.lot)!;
    const kit = shelf.kits.get(lot.kit) ?? null;
    const isNew = kit !== null && kit.month === newest && newest !== '' && !kit.isOpened && !lot.isLeftover;
    return piece.from !== null || !isNew ? [{ stock, kit, lot }] : [];
  });
}
