import { isPaper, type Kit, type Lot } from '../../stock/things';
import { kitOfPiece } from './belonging';
import type { Wrapped } from './leftOf';

/** Papers of a kit of which nothing was ever cut, taken out or given: they lie there as they came. */
export function neverUsed({ id }: Pick<Kit, 'id'>, { lots, ledger }: Wrapped): Lot[] {
  const untouched = new Map<string, boolean>();
  for (const piece of ledger.pieces.values()) {
    if (kitOfPiece(piece, lots) !== id) continue;
    const isAsItCame = piece.from === null && piece.where === 'here';
    untouched.set(piece.lot, isAsItCame && untouched.get(piece.lot) !== false);
  }
  return [...lots.values()]
    .filter((lot) => untouched.get(lot.id) === true && isPaper(lot))
    .sort((a, b) => a.line - b.line);
}
