import { splitRect, type Rect } from '../geometry';
import type { CutChild, Ledger } from '../ledger';
import type { PlanPiece, PlanSheet } from '../things';
import { bySetting } from './bySetting';

/** A part that a step gives, on its sheet. */
export interface StepPart extends Rect {
  readonly part: string;
  readonly role: CutChild['role'];
  /** What it is for; null for what is cut further, left or wasted. */
  readonly wanted: PlanPiece | null;
}

/** One trimmer cut: which part of which sheet, where, and what comes of it. Lengths in ticks. */
export interface CutStep {
  /** The ledger's piece that is the whole sheet, and the one that is the part. */
  readonly sheet: string;
  readonly piece: string;
  /** The part's name on its sheet, and where it lies there. */
  readonly name: string;
  readonly part: Rect;
  readonly axis: 'x' | 'y';
  readonly at: number;
  readonly gives: readonly [StepPart, StepPart];
}

/** The whole sheet keeps its own id; a part of it is named after both. */
export const pieceId = (sheet: string, part: string): string => (part === 'A' ? sheet : `${sheet}-${part}`);

function sheetSteps(sheet: PlanSheet, whole: Rect): CutStep[] {
  const rects = new Map<string, Rect>([['A', whole]]);
  const wanted = new Map(sheet.pieces.map((piece) => [piece.part, piece]));
  const nubbins = new Set(sheet.nubbins.map(({ part }) => part));
  const waste = new Set(sheet.waste.map(({ part }) => part));
  const roleOf = (part: string): CutChild['role'] =>
    wanted.has(part) ? 'piece' : nubbins.has(part) ? 'nubbin' : waste.has(part) ? 'waste' : 'rest';
  return sheet.cuts.map((cut) => {
    const part = rects.get(cut.part)!;
    const gives = splitRect(part, cut.axis, cut.at).map((rect, i): StepPart => {
      const name = cut.gives[i]!;
      rects.set(name, rect);
      return { ...rect, part: name, role: roleOf(name), wanted: wanted.get(name) ?? null };
    });
    return {
      sheet: sheet.stock,
      piece: pieceId(sheet.stock, cut.part),
      name: cut.part,
      part,
      axis: cut.axis,
      at: cut.at,
      gives: [gives[0]!, gives[1]!],
    };
  });
}

/**
 * All cuts of planned sheets in the order in which they are made: those at the same setting together where that can be.
 */
export const cutSteps = (sheets: readonly PlanSheet[], ledger: Ledger): CutStep[] =>
  bySetting(
    sheets.flatMap((sheet) => {
      const piece = ledger.pieces.get(sheet.stock);
      return piece ? [sheetSteps(sheet, { x: 0, y: 0, w: piece.w, h: piece.h })] : [];
    }),
  );

/** Whether a step's cut has been made. */
export const isMade = (step: CutStep, ledger: Ledger): boolean => ledger.pieces.get(step.piece)?.where === 'cut';
