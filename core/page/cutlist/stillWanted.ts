import type { Size } from '../../ground/geometry';
import { piecesFor, type Ledger } from '../../stock/ledger';
import { toCutFor, type Plans } from './plans';
import type { WantedPiece } from './wanted';

/** A piece that is there, or planned, for a slot of the page. */
export type ForSlot = Size & { readonly slot: string };

/** A cut list held against what there is for it: what is left of it, and pieces that it has no line for. */
export interface HeldAgainst<T extends ForSlot> {
  readonly left: WantedPiece[];
  readonly spare: readonly T[];
}

const isSame = (a: Size, b: Size): boolean => (a.w === b.w && a.h === b.h) || (a.w === b.h && a.h === b.w);
const long = ({ w, h }: Size): number => Math.max(w, h);
const short = ({ w, h }: Size): number => Math.min(w, h);

/** Parts that laid end to end come to a strip: as wide as it, none as long; null where they fall short. */
function partsOf<T extends ForSlot>(strip: WantedPiece, own: readonly T[]): readonly T[] | null {
  const width = short(strip);
  const along = (piece: ForSlot): number => (piece.w === width ? piece.h : piece.h === width ? piece.w : 0);
  const parts = own.filter((piece) => piece.slot === strip.slot && along(piece) > 0 && along(piece) < long(strip));
  let length = 0;
  const taken = parts.filter((part) => {
    const isNeeded = length < long(strip);
    if (isNeeded) length += along(part);
    return isNeeded;
  });
  return length >= long(strip) && taken.length > 1 ? taken : null;
}

/**
 * Takes what there is for a cut list off it, what stands first before the rest: pieces of its sizes, then strips joined
 * of shorter ones.
 */
export function heldAgainst<T extends ForSlot>(list: readonly WantedPiece[], own: readonly T[]): HeldAgainst<T> {
  let spare = [...own];
  const whole = list.map((wanted) => {
    const taken = spare.filter((piece) => piece.slot === wanted.slot && isSame(piece, wanted)).slice(0, wanted.count);
    spare = spare.filter((piece) => !taken.includes(piece));
    return { ...wanted, count: wanted.count - taken.length };
  });
  const left = whole.map((wanted) => {
    let { count } = wanted;
    for (let parts = partsOf(wanted, spare); count > 0 && parts; parts = partsOf(wanted, spare)) {
      const joined = parts;
      spare = spare.filter((piece) => !joined.includes(piece));
      count--;
    }
    return { ...wanted, count };
  });
  return { left: left.filter(({ count }) => count > 0), spare };
}

/** The pieces that lie on the bench for a page with a slot, or are glued on it. */
const cutFor = (ledger: Ledger, page: string): ForSlot[] =>
  piecesFor(ledger, page).flatMap(({ slot, w, h }) => (slot === null ? [] : [{ slot, w, h }]));

/** What of a cut list is still to be cut. */
export const stillWanted = (list: readonly WantedPiece[], ledger: Ledger, page: string): WantedPiece[] =>
  heldAgainst(list, cutFor(ledger, page)).left;

/** What of a cut list is neither cut nor planned yet. */
export const notPlanned = (list: readonly WantedPiece[], ledger: Ledger, plans: Plans, page: string): WantedPiece[] =>
  heldAgainst(list, [...cutFor(ledger, page), ...toCutFor(plans, page, ledger).map(({ piece }) => piece)]).left;
