import { area, solidRects, type Rect } from '../../ground/geometry';
import { ok } from '../../ground/result';
import type { Checked, Draft, Refuse } from './draft';
import type { NewPiece } from './events';
import type { PieceState, PieceWhere } from './ledger';

export const solidOf = (rect: Rect, missing: readonly Rect[]): number =>
  solidRects(rect, missing).reduce((sum, r) => sum + area(r), 0);

/** Sides longer than this (in ticks; more than 300 m) are no paper's: areas would no longer be exact. */
const LONGEST = 1e8 - 1;
const isSide = (n: number): boolean => Number.isSafeInteger(n) && n > 0 && n <= LONGEST;
const isPlace = (n: number): boolean => Number.isSafeInteger(n) && n >= 0;

/** Whether a rectangle's measures are whole ticks that areas can be reckoned of. */
export const isMeasured = (rect: Rect): boolean =>
  isSide(rect.w) && isSide(rect.h) && isPlace(rect.x) && isPlace(rect.y) && Number.isSafeInteger(rect.w * rect.h);

export function pieceFrom({ id, w, h, missing = [] }: NewPiece, lot: string): PieceState {
  const at = { x: 0, y: 0, w, h };
  return {
    id,
    lot,
    from: null,
    cutFor: null,
    at,
    w,
    h,
    missing,
    solid: solidOf(at, missing),
    where: 'here',
    page: null,
    slot: null,
  };
}

/** What a piece must be before, and becomes after, an act; its opposite goes the other way. */
interface Step {
  readonly from: PieceWhere;
  readonly to: PieceWhere;
}
export const STEPS = {
  claimed: { from: 'here', to: 'claimed' },
  released: { from: 'claimed', to: 'here' },
  used: { from: 'claimed', to: 'used' },
  returned: { from: 'used', to: 'here' },
  given: { from: 'here', to: 'given' },
  sold: { from: 'here', to: 'sold' },
  recycled: { from: 'here', to: 'recycled' },
  lent: { from: 'here', to: 'lent' },
  back: { from: 'lent', to: 'here' },
  missed: { from: 'here', to: 'missed' },
  found: { from: 'missed', to: 'here' },
} as const satisfies Record<string, Step>;
export type StockAct = keyof typeof STEPS;

/** On whose account an act is, and what the piece is there where that is told. */
export interface For {
  readonly page: string | null;
  readonly slot?: string | null | undefined;
}

const pageBound = (where: PieceWhere): boolean => where === 'claimed' || where === 'used';

/** What a piece is on its page from now on. Entries that do not tell it are from before: it is what it was cut for. */
function slotThen(
  piece: PieceState,
  to: PieceWhere,
  page: string | null,
  told: string | null | undefined,
): string | null {
  if (!pageBound(to)) return null;
  if (pageBound(piece.where)) return piece.slot;
  return told !== undefined ? told : piece.cutFor?.page === page ? piece.cutFor.slot : null;
}

export function actOnPiece(
  draft: Draft,
  id: string,
  act: StockAct,
  { page, slot }: For,
  back: boolean,
  refuse: Refuse,
): Checked {
  const { from, to } = back ? { from: STEPS[act].to, to: STEPS[act].from } : STEPS[act];
  const piece = draft.pieces.get(id);
  if (!piece) return refuse('no-such-piece', id);
  if (piece.where !== from) return refuse('piece-not-here', id);
  if (pageBound(from) && piece.page !== page) return refuse('piece-not-on-page', id);
  // What is told of a piece that leaves its page must be so: its way back rests on it.
  if (slot !== undefined && pageBound(from) && piece.slot !== slot) return refuse('slot-differs', id);
  const then = slotThen(piece, to, page, slot);
  return ok(() => {
    draft.pieces.set(id, { ...piece, where: to, page: pageBound(to) ? page : null, slot: then });
  });
}
