import type { CutStock } from '../../trimmer/cutting';
import { kitOfPiece } from '../closing';
import { stockOnHand } from '../../trimmer/onHand';
import type { Shelf } from '../../stock/bench';
import { newestMonth, type Kit, type Lot } from '../../stock/things';

/** A piece of stock and the kit it came with. */
export interface Leftover {
  readonly stock: CutStock;
  readonly kit: Kit | null;
  readonly lot: Lot;
  /** It is still to be cut out of what another page hides. */
  readonly isHidden?: true;
}

export interface Sources {
  /** Only what is with one of these kits; null: whatever is there. */
  readonly kits: ReadonlySet<string> | null;
  /** The newest kit's whole sheets, too. */
  readonly withNewest: boolean;
}

/**
 * All paper left over: pieces cut off something, scraps, and whatever older and half-used kits still have. The sheets
 * of the newest month's kits are not touched, unless she says so.
 */
export function leftoversOf(
  shelf: Shelf,
  { kits, withNewest }: Sources = { kits: null, withNewest: false },
): Leftover[] {
  const newest = newestMonth(shelf.kits.values());
  return stockOnHand(shelf, null).flatMap((stock) => {
    const piece = shelf.ledger.pieces.get(stock.id);
    const lot = shelf.lots.get(piece?.lot ?? '');
    if (!piece || !lot || (kits && !kits.has(kitOfPiece(piece, shelf.lots) ?? ''))) return [];
    const kit = shelf.kits.get(lot.kit) ?? null;
    const isNew = kit !== null && kit.month === newest && newest !== '' && !kit.isOpened && !lot.isLeftover;
    return withNewest || piece.from !== null || piece.kit !== undefined || !isNew ? [{ stock, kit, lot }] : [];
  });
}
