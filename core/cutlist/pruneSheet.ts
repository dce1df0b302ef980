import { splitRect, type Rect, type Size } from '../geometry';
import type { Ledger } from '../ledger';
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

/** A leftover at least so wide and high is kept. */
const KEPT = inches(1);

/**
 * Takes wanted pieces off a planned sheet that may be half cut: cuts that nothing wanted needs are left out, what they
 * would have divided stays whole.
 * @param isWanted of the pieces not cut yet, which are still wanted
 */
export function pruneSheet(sheet: PlanSheet, isWanted: (piece: PlanPiece) => boolean, ledger: Ledger): Pruned {
  const cutOf = new Map(sheet.cuts.map((cut) => [cut.part, cut]));
  const pieceOf = new Map(sheet.pieces.map((piece) => [piece.part, piece]));
  const stateOf = (part: string) => ledger.pieces.get(pieceId(sheet.stock, part));
  const places = placesOf(sheet, stateOf('A') ?? { w: 0, h: 0 });
  const isNeeded = (part: string): boolean => {
    const piece = pieceOf.get(part);
    if (piece) return stateOf(part) === undefined && isWanted(piece);
    return cutOf.get(part)?.gives.some(isNeeded) ?? false;
  };
  const cuts: PlanCut[] = [];
  const pieces: PlanPiece[] = [];
  const left: PlanPart[] = [];
  const free: string[] = [];
  let isOpen = false;
  const walk = (part: string): void => {
    const [cut, piece, state] = [cutOf.get(part), pieceOf.get(part), stateOf(part)];
    const isCut = state?.where === 'cut';
    if (cut && (isCut || isNeeded(part))) {
      isOpen ||= !isCut;
      cuts.push(cut);
      cut.gives.forEach(walk);
    } else if (piece && (state || isWanted(piece))) pieces.push(piece);
    else if (state?.where === 'claimed' && cut) free.push(state.id);
    else left.push({ part, ...places.get(part)! });
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
    const [near, far] = splitRect(places.get(part)!, axis, at);
    places.set(gives[0], near);
    places.set(gives[1], far);
  }
  return places;
}
