import { splitRect, type Rect, type Size } from '../geometry';
import type { CutChild, Ledger } from '../ledger';
import { heldIn } from '../heldIn';
import { nth } from '../nth';
import type { PlanPiece, PlanSheet } from '../things';
import { inOrder, type CutOrder } from './inOrder';
import { measuredFrom, type Measured } from './measuredFrom';

/** What one act at the desk is done to: a part of a sheet. Lengths in ticks. */
interface OnPart {
  /** The ledger's piece that is the whole sheet, and the one that is the part. */
  readonly sheet: string;
  readonly piece: string;
  /** The part's name on its sheet, and where it lies there. */
  readonly name: string;
  readonly part: Rect;
}

/** A part that a step gives, on its sheet. */
export interface StepPart extends Rect {
  readonly part: string;
  readonly role: CutChild['role'];
  /** What it is for; null for what is cut further, left or wasted. */
  readonly wanted: PlanPiece | null;
}

/** One trimmer cut: where, and what comes of it. */
export interface CutStep extends OnPart, Measured {
  readonly kind: 'cut';
  readonly axis: 'x' | 'y';
  readonly at: number;
  readonly gives: readonly [StepPart, StepPart];
}

/** All shapes that are punched out of one part, in the order of the punching. */
export interface PunchStep extends OnPart {
  readonly kind: 'punch';
  readonly pieces: readonly PlanPiece[];
  /** What becomes of the part when they are out. */
  readonly rest: 'nubbin' | 'waste';
}

export type Step = CutStep | PunchStep;

/** The whole sheet keeps its own id; a part of it is named after both. */
export const pieceId = (sheet: string, part: string): string => (part === 'A' ? sheet : `${sheet}-${part}`);

function sheetSteps(sheet: PlanSheet, { w, h, missing }: Size & { readonly missing: readonly Rect[] }): Step[] {
  const rects = new Map<string, Rect>([['A', { x: 0, y: 0, w, h }]]);
  const wanted = new Map(sheet.pieces.map((piece) => [piece.part, piece]));
  const punched = new Set(sheet.pieces.flatMap((piece) => piece.punched?.from ?? []));
  const nubbins = new Set(sheet.nubbins.map(({ part }) => part));
  const waste = new Set(sheet.waste.map(({ part }) => part));
  const roleOf = (part: string): CutChild['role'] =>
    wanted.has(part)
      ? 'piece'
      : punched.has(part)
        ? 'rest'
        : nubbins.has(part)
          ? 'nubbin'
          : waste.has(part)
            ? 'waste'
            : 'rest';
  const on = (part: string): OnPart => ({
    sheet: sheet.stock,
    piece: pieceId(sheet.stock, part),
    name: part,
    part: heldIn(rects, part),
  });
  const cuts = sheet.cuts.map((cut): CutStep => {
    const gives = splitRect(heldIn(rects, cut.part), cut.axis, cut.at).map((rect, i): StepPart => {
      const name = nth(cut.gives, i);
      rects.set(name, rect);
      return { ...rect, part: name, role: roleOf(name), wanted: wanted.get(name) ?? null };
    });
    const own = on(cut.part);
    const { axis, at } = cut;
    const measured = measuredFrom(own.part, missing, axis, at);
    return { kind: 'cut', ...own, axis, at, ...measured, gives: [nth(gives, 0), nth(gives, 1)] };
  });
  const punches = [...punched].map((from): PunchStep => ({
    kind: 'punch',
    ...on(from),
    pieces: sheet.pieces.filter((piece) => piece.punched?.from === from),
    rest: waste.has(from) ? 'waste' : 'nubbin',
  }));
  return [...cuts, ...punches];
}

/**
 * All steps of planned sheets in an order in which they can be made.
 * @param by what stays together where that can be; by page: those for `pages` first, in their order
 */
export const cutSteps = (
  sheets: readonly PlanSheet[],
  ledger: Pick<Ledger, 'pieces'>,
  by: CutOrder = 'setting',
  pages: readonly string[] = [],
): Step[] =>
  inOrder(
    sheets.flatMap((sheet) => {
      const piece = ledger.pieces.get(sheet.stock);
      return piece ? [sheetSteps(sheet, piece)] : [];
    }),
    by,
    pages,
  );

/** Whether a step has been made. */
export const isMade = (step: Step, ledger: Ledger): boolean => ledger.pieces.get(step.piece)?.where === 'cut';
