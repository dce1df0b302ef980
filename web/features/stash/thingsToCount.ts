import type { Amounts, PieceState } from '../../../core/stock/ledger';
import type { Lot } from '../../../core/stock/things';
import { type Bench } from '../../../core/stock/bench';
import { heldIn } from '../../../core/ground/heldIn';

/** Something to look for at a place: a piece of paper, or an amount of a lot. */
export interface ToCount {
  readonly id: string;
  readonly lot: Lot;
  readonly piece: PieceState | null;
  readonly here: Amounts;
}

/** What should lie at a place, papers first, the largest first, and the pieces that were not found there before. */
export function thingsToCount({ ledger, lots }: Pick<Bench, 'ledger' | 'lots'>, place: string): ToCount[] {
  const placeOf = (lot: string): string => ledger.lots.get(lot)?.place ?? '';
  const pieces = [...ledger.pieces.values()]
    .filter(
      (piece) =>
        (piece.where === 'here' || piece.where === 'missed') && placeOf(piece.lot) === place && lots.has(piece.lot),
    )
    .sort(
      (a, b) =>
        heldIn(lots, a.lot).name.localeCompare(heldIn(lots, b.lot).name) ||
        b.solid - a.solid ||
        a.id.localeCompare(b.id),
    )
    .map((piece): ToCount => ({ id: piece.id, lot: heldIn(lots, piece.lot), piece, here: {} }));
  const counted = [...ledger.lots.values()]
    .filter(
      ({ lot, here, place: own }) =>
        own === place && lots.has(lot) && heldIn(lots, lot).measure !== 'sheets' && Object.keys(here).length > 0,
    )
    .map(({ lot, here }): ToCount => ({ id: lot, lot: heldIn(lots, lot), piece: null, here }))
    .sort((a, b) => a.lot.name.localeCompare(b.lot.name) || a.id.localeCompare(b.id));
  return [...pieces, ...counted];
}
