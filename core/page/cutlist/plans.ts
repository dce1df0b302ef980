import type { Ticks } from '../../ground/length';
import type { Ledger } from '../../stock/ledger';
import type { Plan, PlanPiece, PlanSheet } from '../../stock/things';
import { isLostWithWindow, partsUnder, pieceId } from './partsOfSheet';

/** Plans, by id. */
export type Plans = ReadonlyMap<string, Plan>;

/** A planned piece's own id once it is cut. */
export const idOfPiece = (sheet: Pick<PlanSheet, 'stock'>, { part }: Pick<PlanPiece, 'part'>): string =>
  pieceId(sheet.stock, part);

/** Whether a planned piece is still to be cut: not if it was to come of a middle that is no longer to be had. */
export const isToCut = (sheet: PlanSheet, piece: Pick<PlanPiece, 'part'>, ledger: Ledger): boolean =>
  !ledger.pieces.has(idOfPiece(sheet, piece)) && !isLostWithWindow(sheet, piece, ledger);

/** Whether something is still to be cut of a middle that lies in a page's piece: it is cut out before that is glued. */
const waitsForWindow = (sheet: PlanSheet, page: string, ledger: Ledger): boolean =>
  (sheet.windows ?? []).some((window) => {
    const from = sheet.pieces.find(({ part }) => part === window.from);
    if (from?.page !== page || ledger.pieces.has(pieceId(sheet.stock, window.part))) return false;
    const under = partsUnder(sheet, window.part);
    return sheet.pieces.some((piece) => under.has(piece.part) && isToCut(sheet, piece, ledger));
  });

/** The pages that a plan is for. */
export const pagesOf = ({ sheets }: Pick<Plan, 'sheets'>): string[] => [
  ...new Set(sheets.flatMap(({ pieces }) => pieces.map(({ page }) => page))),
];

/** The plans that still have something to cut for a page, or out of a piece of it. */
export const plansFor = (plans: Plans, page: string, ledger: Ledger): Plan[] =>
  [...plans.values()].filter(({ sheets }) =>
    sheets.some(
      (sheet) =>
        sheet.pieces.some((piece) => piece.page === page && isToCut(sheet, piece, ledger)) ||
        waitsForWindow(sheet, page, ledger),
    ),
  );

/** Pieces still to be cut for a page, with the sheet each comes from. */
export const toCutFor = (plans: Plans, page: string, ledger: Ledger): { sheet: PlanSheet; piece: PlanPiece }[] =>
  [...plans.values()].flatMap(({ sheets }) =>
    sheets.flatMap((sheet) =>
      sheet.pieces
        .filter((piece) => piece.page === page && isToCut(sheet, piece, ledger))
        .map((piece) => ({ sheet, piece })),
    ),
  );

/** A part of a piece that is promised to a page. */
export interface Promised {
  readonly page: string;
  readonly w: Ticks;
  readonly h: Ticks;
  readonly count: number;
}

/** What of a planned sheet is cut from a piece of paper, the sheet itself or a part of it; null: nothing. */
function partsFrom(piece: string, sheet: PlanSheet): Set<string> | null {
  const punched = sheet.pieces.filter((one) => one.punched).map(({ part }) => part);
  const middles = (sheet.windows ?? []).map(({ part }) => part);
  const part = ['A', ...sheet.cuts.flatMap(({ gives }) => gives), ...middles, ...punched].find(
    (one) => pieceId(sheet.stock, one) === piece,
  );
  return part === undefined ? null : partsUnder(sheet, part);
}

/** What of a piece of paper, a sheet not cut into yet or a part that is cut further, is promised to which page. */
export function promisedOf(piece: string, plans: Plans, ledger: Ledger): Promised[] {
  const found = new Map<string, Promised>();
  for (const { sheets } of plans.values())
    for (const sheet of sheets) {
      const from = partsFrom(piece, sheet);
      if (!from) continue;
      for (const part of sheet.pieces.filter((one) => from.has(one.part) && isToCut(sheet, one, ledger))) {
        const [w, h] = part.turned ? [part.h, part.w] : [part.w, part.h];
        const key = `${part.page} ${w} ${h}`;
        found.set(key, { page: part.page, w, h, count: (found.get(key)?.count ?? 0) + 1 });
      }
    }
  return [...found.values()];
}
