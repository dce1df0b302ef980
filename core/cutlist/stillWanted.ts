import { piecesFor, type Ledger } from '../ledger';
import { toCutFor, type Plans } from './plans';
import type { WantedPiece } from './wanted';

/** What of a cut list is still to be cut: pieces that lie on the bench for the page, or are glued on it, are taken off. */
export function stillWanted(list: readonly WantedPiece[], ledger: Ledger, page: string): WantedPiece[] {
  const done = piecesFor(ledger, page).filter(({ slot }) => slot !== null);
  const taken = new Set<string>();
  return list
    .map((wanted) => {
      const own = done
        .filter(
          ({ id, slot, w, h }) =>
            !taken.has(id) &&
            slot === wanted.slot &&
            ((w === wanted.w && h === wanted.h) || (w === wanted.h && h === wanted.w)),
        )
        .slice(0, wanted.count);
      own.forEach(({ id }) => taken.add(id));
      return { ...wanted, count: wanted.count - own.length };
    })
    .filter(({ count }) => count > 0);
}

/** What of a cut list is neither cut nor planned yet. */
export function notPlanned(list: readonly WantedPiece[], ledger: Ledger, plans: Plans, page: string): WantedPiece[] {
  const planned = new Map<string, number>();
  for (const { piece } of toCutFor(plans, page, ledger)) planned.set(piece.id, (planned.get(piece.id) ?? 0) + 1);
  return stillWanted(list, ledger, page)
    .map((wanted) => ({ ...wanted, count: wanted.count - (planned.get(wanted.id) ?? 0) }))
    .filter(({ count }) => count > 0);
}
