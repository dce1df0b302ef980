import type { Ticks } from '../../ground/length';
import type { Rect, Size } from '../../ground/geometry';
import type { CutChild, Ledger } from '../../stock/ledger';
import { heldIn } from '../../ground/heldIn';
import { nth } from '../../ground/nth';
import type { PlanPiece, PlanSheet, PlanWindow } from '../../stock/things';
import { inOrder, type CutOrder } from './inOrder';
import { measuredFrom, type Measured } from './measuredFrom';
import { isOpenWindow, partsUnder, pieceId, placesOf } from './partsOfSheet';

type Pieces = Pick<Ledger, 'pieces'>;

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
  readonly at: Ticks;
  /** What the cut takes away beside it, ticks. */
  readonly lost: Ticks;
  readonly gives: readonly [StepPart, StepPart];
}

/** All shapes that are punched out of one part, in the order of the punching. */
export interface PunchStep extends OnPart {
  readonly kind: 'punch';
  readonly pieces: readonly PlanPiece[];
  /** What becomes of the part when they are out. */
  readonly rest: 'nubbin' | 'waste';
}

/** A hidden middle that is cut out of a piece of a page, for other pieces to be cut from. */
export interface WindowStep extends OnPart {
  readonly kind: 'window';
  /** Whose piece it is cut out of, and as what it lies there. */
  readonly page: string;
  readonly slot: string;
  /** Where the middle lies on the sheet. */
  readonly middle: PlanWindow;
}

export type Step = CutStep | PunchStep | WindowStep;

function sheetSteps(sheet: PlanSheet, piece: Size & { readonly missing: readonly Rect[] }, ledger: Pieces): Step[] {
  const { missing } = piece;
  const places = placesOf(sheet, piece);
  const wanted = new Map(sheet.pieces.map((one) => [one.part, one]));
  const punched = new Set(sheet.pieces.flatMap((one) => one.punched?.from ?? []));
  const nubbins = new Set(sheet.nubbins.map(({ part }) => part));
  const waste = new Set(sheet.waste.map(({ part }) => part));
  const lost = new Set(
    (sheet.windows ?? [])
      .filter((window) => !isOpenWindow(sheet, window, ledger))
      .flatMap(({ part }) => [...partsUnder(sheet, part)]),
  );
  const roleOf = (part: string): CutChild['role'] => {
    if (wanted.has(part)) return 'piece';
    if (punched.has(part)) return 'rest';
    return nubbins.has(part) ? 'nubbin' : waste.has(part) ? 'waste' : 'rest';
  };
  const on = (part: string): OnPart => ({
    sheet: sheet.stock,
    piece: pieceId(sheet.stock, part),
    name: part,
    part: heldIn(places, part),
  });
  const cuts = sheet.cuts.map((cut): CutStep => {
    const gives = cut.gives.map((part): StepPart => ({
      ...heldIn(places, part),
      part,
      role: roleOf(part),
      wanted: wanted.get(part) ?? null,
    }));
    const own = on(cut.part);
    const { axis, at, lost = 0 } = cut;
    const measured = measuredFrom(own.part, missing, { axis, at, lost });
    return { kind: 'cut', ...own, axis, at, lost, ...measured, gives: [nth(gives, 0), nth(gives, 1)] };
  });
  const windows = (sheet.windows ?? []).flatMap((middle): WindowStep[] => {
    const from = wanted.get(middle.from);
    if (!from || lost.has(middle.part)) return [];
    return [{ kind: 'window', ...on(middle.from), page: from.page, slot: from.slot, middle }];
  });
  const punches = [...punched].map((from): PunchStep => ({
    kind: 'punch',
    ...on(from),
    pieces: sheet.pieces.filter((one) => one.punched?.from === from),
    rest: waste.has(from) ? 'waste' : 'nubbin',
  }));
  return [...cuts, ...windows, ...punches].filter(({ name }) => !lost.has(name));
}

/**
 * All steps of planned sheets in an order in which they can be made.
 * @param by what stays together where that can be; by page: those for `pages` first, in their order
 */
export const cutSteps = (
  sheets: readonly PlanSheet[],
  ledger: Pieces,
  by: CutOrder = 'setting',
  pages: readonly string[] = [],
): Step[] =>
  inOrder(
    sheets.flatMap((sheet) => {
      const piece = ledger.pieces.get(sheet.stock);
      return piece ? [sheetSteps(sheet, piece, ledger)] : [];
    }),
    by,
    pages,
  );

/** Whether a step has been made. */
export const isMade = (step: Step, ledger: Ledger): boolean => ledger.pieces.get(step.piece)?.where === 'cut';
