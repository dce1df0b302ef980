import { own, stands, type Amounts, type Ledger, type PieceState } from '../../stock/ledger';
import type { Lot } from '../../stock/things';

/** Something that goes into a kit of her own: a piece, or all that is here of some parts of a counted thing. */
export type Part = { readonly piece: string } | { readonly lot: string; readonly parts: readonly string[] };

/** The kit that a piece is with: one of her own, or the one it came with. */
export const kitOfPiece = ({ kit, lot }: PieceState, lots: ReadonlyMap<string, Lot>): string | null =>
  kit ?? lots.get(lot)?.kit ?? null;

/** The kit that a part of a counted thing is with. */
export const kitOfPart = ({ id, kit }: Lot, part: string, { lots }: Ledger): string =>
  own(lots.get(id)?.kits ?? {}, part) ?? kit;

/** What is here of a counted thing and with a kit, by part. */
export const hereWith = (kit: string, lot: Lot, ledger: Ledger): Amounts =>
  Object.fromEntries(
    Object.entries(ledger.lots.get(lot.id)?.here ?? {}).filter(([part]) => kitOfPart(lot, part, ledger) === kit),
  );

/** Lots that something of was ever put into a kit of her own, wherever it is by now. */
export function lotsPutInto(kit: string, ledger: Ledger): ReadonlySet<string> {
  const put = new Set<string>();
  for (const event of ledger.events.values()) {
    if (event.type !== 'gathered' || event.to !== kit || !stands(ledger, event)) continue;
    const lot = 'lot' in event ? event.lot : ledger.pieces.get(event.piece)?.lot;
    if (lot !== undefined) put.add(lot);
  }
  return put;
}
