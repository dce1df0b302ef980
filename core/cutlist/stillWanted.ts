import type { Ledger } from '../ledger';
import type { WantedPiece } from './cutList';

/** What of a cut list is still to be cut: pieces that lie on the bench for the page, or are glued on it, are taken off. */
export function stillWanted(list: readonly WantedPiece[], ledger: Ledger, page: string): WantedPiece[] {
  const done = [...ledger.pieces.values()].filter((piece) => piece.page === page && piece.slot !== null);
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
