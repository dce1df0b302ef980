import { groupBy } from '../groupBy';
import { heldIn } from '../heldIn';
import { splitRect, type Rect, type Size } from '../geometry';
import type { PieceState } from '../ledger';
import { inches } from '../length';
import type { PlanCut, PlanPart, PlanPiece, PlanSheet } from '../things';
import { pieceId } from './cutSteps';

/** A planned sheet with less asked of it, and what of it is no longer needed. */
export interface Pruned {
  /** Null: nothing is left to be cut from it. */
  readonly sheet: PlanSheet | null;
  /** Pieces of the ledger that were out for it and can go back. */
  readonly free: readonly string[];
}

/** What of a piece is asked here. */
type Standing = Pick<PieceState, 'id' | 'where' | 'w' | 'h'>;

/** A leftover at least so wide and high is kept. */
const KEPT = inches(1);

/**
 * Takes wanted pieces off a planned sheet that may be half cut: cuts that nothing wanted needs are left out, what they
 * would have divided stays whole.
 * @param isWanted of the pieces not cut yet, which are still wanted
 */
export function pruneSheet(
  sheet: PlanSheet,
  isWanted: (piece: PlanPiece) => boolean,
  ledger: { readonly pieces: ReadonlyMap<string, Standing> },
): Pruned {
  const cutOf = new Map(sheet.cuts.map((cut) => [cut.part, cut]));
  const pieceOf = new Map(sheet.pieces.map((piece) => [piece.part, piece]));
  const stateOf = (part: string) => ledger.pieces.get(pieceId(sheet.stock, part));
  const places = placesOf(sheet, stateOf('A') ?? { w: 0, h: 0 });
  const punchedFrom = groupBy(
    sheet.pieces.filter((piece) => piece.punched),
    ({ punched }) => punched?.from ?? '',
  );
  const isStillWanted = (piece: PlanPiece): boolean => stateOf(piece.part) === undefined && isWanted(piece);
  const isNeeded = (part: string): boolean => {
    const piece = pieceOf.get(part);
    if (piece) return isStillWanted(piece);
    return (punchedFrom.get(part)?.some(isStillWanted) ?? false) || (cutOf.get(part)?.gives.some(isNeeded) ?? false);
  };
  const cuts: PlanCut[] = [];
  const pieces: PlanPiece[] = [];
  const left: PlanPart[] = [];
  const free: string[] = [];
  let isOpen = false;
  const walk = (part: string): void => {
    const [cut, piece, punched, state] = [cutOf.get(part), pieceOf.get(part), punchedFrom.get(part), stateOf(part)];
    const isCut = state?.where === 'cut';
    if (punched && (isCut || isNeeded(part))) {
      isOpen ||= !isCut;
      pieces.push(...punched.filter((one) => isCut || isWanted(one)));
      left.push({ part, ...heldIn(places, part) });
      return;
    }
    if (cut && (isCut || isNeeded(part))) {
      isOpen ||= !isCut;
      cuts.push(cut);
      cut.gives.forEach(walk);
    } else if (piece && (state || isWanted(piece))) pieces.push(piece);
    else if (state?.where === 'claimed' && (cut || punched)) free.push(state.id);
    else left.push({ part, ...heldIn(places, part) });
  };
  walk('A');
  const isKept = ({ w, h }: PlanPart): boolean => Math.min(w, h) >= KEPT;
  const inOrder = sheet.cuts.filter((cut) => cuts.includes(cut));
  const waste = new Set(sheet.waste.map(({ part }) => part));
  const isWaste = (part: PlanPart): boolean => waste.has(part.part) || !isKept(part);
  return {
    free,
    sheet: isOpen
      ? { ...sheet, cuts: inOrder, pieces, nubbins: left.filter((p) => !isWaste(p)), waste: left.filter(isWaste) }
      : null,
  };
}

/** Where each part lies on its sheet. */
function placesOf(sheet: PlanSheet, whole: Size): Map<string, Rect> {
  const places = new Map<string, Rect>([['A', { x: 0, y: 0, w: whole.w, h: whole.h }]]);
  for (const { part, axis, at, gives } of sheet.cuts) {
    const [near, far] = splitRect(heldIn(places, part), axis, at);
    places.set(gives[0], near);
    places.set(gives[1], far);
  }
  return places;
}
