import type { Ledger, PieceState } from './ledger';

/** A ledger is never changed once made, so what was looked up of it stands. */
const known = new WeakMap<Ledger, ReadonlyMap<string, readonly PieceState[]>>();

/** The pieces that are out for a page or plan, or used on it. */
export function piecesFor(ledger: Ledger, page: string): readonly PieceState[] {
  let byPage = known.get(ledger);
  if (!byPage) {
    const found = new Map<string, PieceState[]>();
    for (const piece of ledger.pieces.values()) {
      if (piece.page === null) continue;
      const own = found.get(piece.page);
      if (own) own.push(piece);
      else found.set(piece.page, [piece]);
    }
    known.set(ledger, (byPage = found));
  }
  return byPage.get(page) ?? [];
}
