import { isToCut, NUBBIN, pagesOf, promisedOf, stillWanted, cutListOf, idOfPiece, toCutFor } from '../../page/cutlist';
import { pageLayout } from '../../page/design';
import { contains, overlaps, restAround, solidRects, type Point, type Rect, type Size } from '../../ground/geometry';
import type { CutChild, PieceState } from '../../stock/ledger';
import type { Page } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent } from '../act';
import type { Bench } from '../../stock/bench';
import { released } from '../pages/out';
import { askLess, type Part } from './planning';

/** What was cut out of a paper by hand: where, and what of a page it is; a slot of null: it has no place there yet. */
export interface HandCut extends Rect {
  readonly page: string;
  readonly slot: string | null;
}

/**
 * The ledger's event for a rectangle cut out of a piece: it goes to its page, what is whole round it stays where the
 * piece was, the rest is waste.
 */
export function handCutEvent(piece: PieceState, { page, slot, x, y, w, h }: HandCut): NewEvent {
  const whole: Rect = { x: 0, y: 0, w: piece.w, h: piece.h };
  const own: CutChild = { id: `${piece.id}-hand`, role: 'piece', x, y, w, h, page, ...(slot === null ? {} : { slot }) };
  const gone = [...piece.missing, { x, y, w, h }];
  const left = restAround(piece, gone, NUBBIN);
  const role = piece.where === 'claimed' ? 'rest' : 'nubbin';
  const rests = left.map((rect, i): CutChild => ({ id: `${piece.id}-h${i + 1}`, role, ...rect }));
  const all = [...gone, ...left];
  const waste: CutChild[] =
    solidRects(whole, all).length === 0 ? [] : [{ id: `${piece.id}-hw`, role: 'waste', ...whole, missing: all }];
  return { type: 'cut', piece: piece.id, into: [own, ...rests, ...waste], page: piece.page, how: 'hand' };
}

/** Whether a rectangle lies wholly on what is there of a piece. */
export const liesOnPiece = (piece: PieceState, part: Rect): boolean =>
  contains({ x: 0, y: 0, w: piece.w, h: piece.h }, part) && !piece.missing.some((gone) => overlaps(gone, part));

/** Whether a paper may be cut for a page now: it lies in the stash or is out for the page, promised and laid nowhere. */
export function mayBeCut(piece: PieceState, page: string, { plans, ledger, pages }: Bench): boolean {
  const isThere = piece.where === 'here' || (piece.where === 'claimed' && piece.page === page && piece.slot === null);
  const isLaid = [...pages.values()].some(({ placed = [] }) =>
    placed.some(({ what }) => 'piece' in what && what.piece === piece.id),
  );
  return isThere && !isLaid && promisedOf(piece.id, plans, ledger).length === 0;
}

/** What is planned for a line is no longer wanted of the plan, where all of the line is planned. */
function unplanned(bench: Bench, page: string, slot: string, size: Size): Part {
  const isIt = (one: Size & { readonly slot: string }): boolean =>
    one.slot === slot && ((one.w === size.w && one.h === size.h) || (one.w === size.h && one.h === size.w));
  const planned = toCutFor(bench.plans, page, bench.ledger).find(({ piece }) => isIt(piece));
  if (!planned || !isToCut(planned.sheet, planned.piece, bench.ledger)) return { events: [], records: [] };
  const id = idOfPiece(planned.sheet, planned.piece);
  const plans = [...bench.plans.values()].filter((plan) => pagesOf(plan).includes(page));
  return askLess(bench, plans, (piece) => piece !== id);
}

/** The page with the paper of a slot as it was really taken; null where another piece of the slot is of another. */
function inPaper(page: Page, slot: string, piece: PieceState, { lots, ledger }: Bench): Page | null {
  const lot = lots.get(piece.lot);
  const chosen = page.papers[slot];
  if (!lot || lot.front === null || chosen === lot.front || (chosen !== undefined && chosen === lot.back)) return page;
  const others = [...ledger.pieces.values()].some((one) => one.page === page.id && one.slot === slot);
  return others ? null : { ...page, papers: { ...page.papers, [slot]: lot.front } };
}

/**
 * Notes a piece of a page that she cut by hand: of which paper, where on it. A paper of just its size is taken as it
 * is. @param at from the paper's head left corner, ticks
 */
export const noteHandCut =
  (id: string, wanted: Size & { readonly slot: string }, from: string, at: Point): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    const piece = bench.ledger.pieces.get(from);
    const layout = page ? pageLayout(page) : null;
    if (!page || !piece || !layout?.ok) return refuse('gone');
    const paper = bench.lots.get(piece.lot)?.name ?? '';
    if (page.glued !== null) return refuse('nothing-to-do', page.title);
    if (!mayBeCut(piece, id, bench)) return refuse('in-use', paper);
    const { slot, w, h } = wanted;
    const isOpen = stillWanted(cutListOf(layout.value, page), bench.ledger, id).some(
      (one) => one.slot === slot && ((one.w === w && one.h === h) || (one.w === h && one.h === w)),
    );
    if (!isOpen) return refuse('changed-since', page.title);
    const now = inPaper(page, slot, piece, bench);
    if (!now) return refuse('not-alike', paper);
    const part = { ...at, w, h };
    if (!liesOnPiece(piece, part)) return refuse('off-the-paper', paper);
    const isWhole = w === piece.w && h === piece.h && piece.missing.length === 0;
    const less = unplanned(bench, id, slot, wanted);
    return decided('cut', page.title, {
      events: [
        ...less.events,
        ...(isWhole
          ? [
              ...(piece.where === 'claimed' ? released([piece]) : []),
              { type: 'claimed', piece: from, page: id, slot } as const,
            ]
          : [handCutEvent(piece, { page: id, slot, ...part })]),
      ],
      records: [...less.records, ...(now === page ? [] : [put('pages', now)])],
    });
  };
