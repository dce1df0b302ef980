import { cutListOf, heldAgainst, idOfPiece, pagesOf, toCutFor, type ForSlot } from '../../page/cutlist';
import { pageLayout } from '../../page/design';
import { piecesFor, type PieceState } from '../../stock/ledger';
import type { Page } from '../../stock/things';
import type { Bench } from '../../stock/bench';
import { released } from './out';
import { askLess, type Part } from '../cutting/planning';

/** A piece that is there, or planned, for a page: of which paper, and whether it lies on the bench or is glued. */
interface Own extends ForSlot {
  /** Its id; of a planned one, what it will have once it is cut. */
  readonly id: string;
  readonly lot: string;
  readonly cut: PieceState | null;
}

/** What is glued, then what is cut, then what is planned: the first stay where there are more than are wanted. */
function ownOf(bench: Bench, page: string): Own[] {
  const { ledger, plans } = bench;
  const there = piecesFor(ledger, page).flatMap((cut): Own[] =>
    cut.slot === null ? [] : [{ id: cut.id, lot: cut.lot, slot: cut.slot, w: cut.w, h: cut.h, cut }],
  );
  const planned = toCutFor(plans, page, ledger).map(({ sheet, piece }): Own => {
    const { slot, w, h } = piece;
    return { id: idOfPiece(sheet, piece), lot: ledger.pieces.get(sheet.stock)?.lot ?? '', slot, w, h, cut: null };
  });
  return [
    ...there.filter(({ cut }) => cut?.where === 'used'),
    ...there.filter(({ cut }) => cut?.where !== 'used'),
    ...planned,
  ];
}

/** Whether a piece is of another paper than its slot now takes. */
function isOfAnother({ lots }: Bench, was: Page, now: Page, { slot, lot }: Own): boolean {
  const face = now.papers[slot];
  const of = lots.get(lot);
  return face !== undefined && face !== was.papers[slot] && of?.front !== face && of?.back !== face;
}

/**
 * What a page no longer wants, once it is changed, of what is cut or planned for it: cut pieces go back with their
 * size, planned ones leave their plans. What is glued on it stays. Nothing is touched while its photos cannot be laid
 * out.
 * @returns how many cut pieces go back, and the entries and records for that
 */
export function refit(bench: Bench, was: Page, now: Page): { cut: number; part: Part } {
  const layout = now.glued === null ? pageLayout(now) : null;
  const own = layout?.ok ? ownOf(bench, now.id) : [];
  if (!layout?.ok || own.length === 0) return { cut: 0, part: { events: [], records: [] } };
  const another = own.filter((piece) => isOfAnother(bench, was, now, piece));
  const fitting = own.filter((piece) => !another.includes(piece));
  const spare = [...another, ...heldAgainst(cutListOf(layout.value, now), fitting).spare];
  const back = spare.flatMap(({ cut }) => (cut?.where === 'claimed' ? [cut] : []));
  const gone = new Set(spare.filter(({ cut }) => cut === null).map(({ id }) => id));
  const plans = [...bench.plans.values()].filter((plan) => pagesOf(plan).includes(now.id));
  const less = gone.size === 0 ? { events: [], records: [] } : askLess(bench, plans, (piece) => !gone.has(piece));
  return { cut: back.length, part: { events: [...released(back), ...less.events], records: less.records } };
}

/** Whether all that is cut or planned for a page is wanted by it. */
export function isFitted(bench: Bench, page: Page): boolean {
  const { cut, part } = refit(bench, page, page);
  return cut === 0 && part.records.length === 0;
}
