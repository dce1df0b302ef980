import { idOfPiece, isToCut, pagesOf, pruneSheet } from '../../page/cutlist';
import { own, piecesFor, type Amounts, type PieceState } from '../../stock/ledger';
import type { Plan } from '../../stock/things';
import type { NewEvent } from '../act';
import type { Bench } from '../../stock/bench';

/** Something that is out for a page: used or put away as it is chosen. */
export type Chosen = { readonly piece: string } | { readonly lot: string; readonly amounts: Amounts };

/** All that is out for a page. */
export interface Out {
  /** Cut for it, each with its slot. */
  readonly cut: readonly PieceState[];
  /** Taken out by hand: without a place on the page yet. */
  readonly loose: readonly PieceState[];
  /** Papers of its plans that are still to be cut, also for other pages. */
  readonly toCut: readonly { readonly plan: string; readonly sheet: string; readonly piece: PieceState }[];
  readonly amounts: readonly { readonly lot: string; readonly amounts: Amounts }[];
}

/** The sheet of a plan that a piece is, or was cut from. */
function sheetOf(piece: PieceState, plan: Plan, { ledger }: Bench): string | null {
  const sheets = new Set(plan.sheets.map(({ stock }) => stock));
  for (let at: string | null = piece.id; at !== null; at = ledger.pieces.get(at)?.from ?? null)
    if (sheets.has(at)) return at;
  return null;
}

/** Pieces claimed for a plan: its sheets, and parts of them that are still to be cut. */
const claimedFor = ({ ledger }: Bench, plan: string): PieceState[] =>
  piecesFor(ledger, plan).filter(({ where }) => where === 'claimed');

export function outFor(bench: Bench, page: string): Out {
  const mine = claimedFor(bench, page);
  const plans = [...bench.plans.values()].filter((plan) => pagesOf(plan).includes(page));
  const toCut = plans.flatMap((plan) => {
    // A sheet lies on the bench of each page that something of it is still cut for.
    const open = new Set(
      plan.sheets
        .filter((sheet) => sheet.pieces.some((part) => part.page === page && isToCut(sheet, part, bench.ledger)))
        .map(({ stock }) => stock),
    );
    return claimedFor(bench, plan.id).flatMap((piece) => {
      const sheet = sheetOf(piece, plan, bench);
      return sheet !== null && open.has(sheet) ? [{ plan: plan.id, sheet, piece }] : [];
    });
  });
  return {
    cut: mine.filter(({ slot }) => slot !== null),
    loose: mine.filter(({ slot }) => slot === null),
    toCut,
    amounts: [...bench.ledger.lots.values()].flatMap((state) => {
      const amounts = own(state.claimed, page);
      return amounts ? [{ lot: state.lot, amounts }] : [];
    }),
  };
}

/** How many things are out. */
export const countOf = ({ cut, loose, toCut, amounts }: Out): number =>
  cut.length + loose.length + toCut.length + amounts.length;

/** Entries that bring pieces back to the stash. */
export const released = (pieces: readonly PieceState[]): NewEvent[] =>
  pieces.flatMap(({ id, page, slot }): NewEvent[] =>
    page === null ? [] : [{ type: 'released', piece: id, page, slot }],
  );

/** Plans with less asked of them, as they are to be written, and the papers that can go back. */
export interface LessPlanned {
  readonly plans: readonly Plan[];
  /** Plans with nothing left to cut. */
  readonly ended: readonly string[];
  readonly free: readonly PieceState[];
}

/**
 * Takes wanted pieces off a plan.
 * @param isWanted of the pieces not cut yet, which are still wanted
 */
export function lessOf(plan: Plan, isWanted: (piece: string, page: string) => boolean, { ledger }: Bench): LessPlanned {
  const pruned = plan.sheets.map((sheet) =>
    pruneSheet(sheet, (piece) => isWanted(idOfPiece(sheet, piece), piece.page), ledger),
  );
  const sheets = pruned.flatMap((one) => (one.sheet ? [one.sheet] : []));
  const open = sheets.length > 0;
  return {
    plans: open ? [{ ...plan, sheets }] : [],
    ended: open ? [] : [plan.id],
    free: pruned.flatMap(({ free }) => free.flatMap((id) => ledger.pieces.get(id) ?? [])),
  };
}
