import type { CutPlan, PlannedCut, PlannedSheet } from '../cutting';
import type { Rect } from '../geometry';
import type { CutChild, Ledger, LedgerEvent } from '../ledger';
import { missingIn } from './missingIn';

/** A part that a step gives, on its sheet. */
export interface StepPart extends Rect {
  readonly part: string;
  readonly role: CutChild['role'];
  /** The wanted piece that it is; null for what is cut further, left or wasted. */
  readonly wanted: string | null;
}

/** One trimmer cut: which part of which sheet, where, and what comes of it. Lengths in ticks. */
export interface CutStep {
  /** The ledger's piece that is the whole sheet, and the one that is the part. */
  readonly sheet: string;
  readonly piece: string;
  readonly part: Rect;
  readonly axis: 'x' | 'y';
  readonly at: number;
  readonly gives: readonly [StepPart, StepPart];
}

/** The whole sheet keeps its own id; a part of it is named after both. */
const pieceId = (sheet: string, part: string): string => (part === 'A' ? sheet : `${sheet}-${part}`);

const halvesOf = (part: Rect, { axis, at }: PlannedCut): [Rect, Rect] => (axis === 'x'
  ? [{ ...part, w: at }, { ...part, x: part.x + at, w: part.w - at }]
  : [{ ...part, h: at }, { ...part, y: part.y + at, h: part.h - at }]);

function sheetSteps(sheet: PlannedSheet, whole: Rect): CutStep[] {
  const rects = new Map<string, Rect>([['A', whole]]);
  const wanted = new Map(sheet.pieces.map(({ part, id }) => [part, id]));
  const nubbins = new Set(sheet.nubbins.map(({ part }) => part));
  const waste = new Set(sheet.waste.map(({ part }) => part));
  const roleOf = (part: string): CutChild['role'] => (wanted.has(part) ? 'piece' : nubbins.has(part) ? 'nubbin' : waste.has(part) ? 'waste' : 'rest');
  return sheet.cuts.map((cut) => {
    const part = rects.get(cut.part)!;
    const gives = halvesOf(part, cut).map((rect, i): StepPart => {
      const name = cut.gives[i]!;
      rects.set(name, rect);
      return { ...rect, part: name, role: roleOf(name), wanted: wanted.get(name) ?? null };
    });
    return { sheet: sheet.stock, piece: pieceId(sheet.stock, cut.part), part, axis: cut.axis, at: cut.at, gives: [gives[0]!, gives[1]!] };
  });
}

/** All cuts of a plan in order, sheet by sheet; sheets used whole have none. */
export const cutSteps = (plan: CutPlan, ledger: Ledger): CutStep[] => plan.sheets.flatMap((sheet) => {
  const piece = ledger.pieces.get(sheet.stock);
  return piece ? sheetSteps(sheet, { x: 0, y: 0, w: piece.w, h: piece.h }) : [];
});

/** Whether a step's cut has been made. */
export const isMade = (step: CutStep, ledger: Ledger): boolean => ledger.pieces.get(step.piece)?.where === 'cut';

/** The ledger's event for a step. @param slotOf the slot that a wanted piece is for */
export function cutEvent(step: CutStep, ledger: Ledger, page: string, slotOf: (wanted: string) => string, id: string, day: string): LedgerEvent {
  const parent = ledger.pieces.get(step.piece)!;
  const into = step.gives.map(({ part, role, wanted, x, y, w, h }): CutChild => {
    const place = { x: x - step.part.x, y: y - step.part.y, w, h };
    return { id: pieceId(step.sheet, part), role, ...place, missing: missingIn(parent, place), ...(wanted === null ? {} : { slot: slotOf(wanted) }) };
  });
  return { id, day, type: 'cut', piece: step.piece, into, page };
}

/** The pieces of the ledger that a page's plan makes: id, and the wanted piece each is. */
export const planPieces = (plan: CutPlan): { piece: string; wanted: string }[] =>
  plan.sheets.flatMap((sheet) => sheet.pieces.map(({ part, id }) => ({ piece: pieceId(sheet.stock, part), wanted: id })));
