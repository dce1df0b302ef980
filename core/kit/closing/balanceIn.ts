import { balanceOf, NOTHING, totalOf, type Balance, type Ledger, type PieceState } from '../../stock/ledger';
import type { Kit, Lot } from '../../stock/things';
import { hereWith, lotsPutInto } from './belonging';
import type { Wrapped } from './leftOf';
import { throughKit } from './throughKit';

/** Of pieces gathered into a kit, with all that was cut of them since. */
function areaIn(kit: string, lot: string, { pieces }: Ledger): Balance {
  const own: PieceState[] = [...pieces.values()].filter((piece) => piece.kit === kit && piece.lot === lot);
  // The kit's own, as if nothing else were there: what was put in is its sheets.
  const asCame = own.map(({ kit: _, ...piece }): [string, PieceState] => {
    const isPutIn = pieces.get(piece.from ?? '')?.kit !== kit;
    return [piece.id, isPutIn ? { ...piece, from: null } : piece];
  });
  const { area } = balanceOf({ pieces: new Map(asCame), lots: new Map() }, lot);
  const wentBack = [...pieces.values()].filter(
    (piece) => piece.lot === lot && piece.kit !== kit && pieces.get(piece.from ?? '')?.kit === kit,
  );
  return { ...area, received: wentBack.reduce((sum, { solid }) => sum - solid, area.received) };
}

/** The account of a thing in a kit: of what came with it all, of one gathered into it what went through it. */
export function balanceIn(kit: string, lot: Lot, ledger: Ledger): { readonly area: Balance; readonly count: Balance } {
  if (lot.kit === kit) return balanceOf(ledger, lot.id);
  if (lot.measure === 'sheets') return { area: areaIn(kit, lot.id, ledger), count: NOTHING };
  return { area: NOTHING, count: throughKit(kit, lot.id, ledger, totalOf(hereWith(kit, lot, ledger))).balance };
}

/** Lots that something of was put into a kit, or came with it; in the order of their lists. */
export function lotsIn({ id }: Pick<Kit, 'id'>, { lots, ledger }: Wrapped): Lot[] {
  const put = lotsPutInto(id, ledger);
  return [...lots.values()].filter((lot) => lot.kit === id || put.has(lot.id)).sort((a, b) => a.line - b.line);
}
