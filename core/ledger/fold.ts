import { area, contains, overlaps, solidRects, type Rect } from '../geometry';
import { err, ok, type Result } from '../result';
import { addAmounts, partBelowZero } from './amounts';
import type { Amounts, CutChild, LedgerEvent, NewPiece, Stock } from './events';
import { emptyLot, type Ledger, type LotState, type PieceState, type PieceWhere } from './ledger';
import type { LedgerError } from './ledgerError';

export const emptyLedger: Ledger = {
  pieces: new Map(),
  lots: new Map(),
  events: new Set(),
  undone: new Set(),
  backward: new Set(),
};

/** A ledger being written, and how to answer that an event breaks a rule. */
interface Draft {
  pieces: Map<string, PieceState>;
  lots: Map<string, LotState>;
  events: Set<string>;
  undone: Set<string>;
  backward: Set<string>;
}

/** A change that was checked and only needs carrying out. */
type Change = () => void;
type Checked = Result<Change, LedgerError>;
type Refuse = (kind: LedgerError['kind'], subject: string, has?: number, wants?: number) => Checked;

const solidOf = (rect: Rect, missing: readonly Rect[]): number =>
  solidRects(rect, missing).reduce((sum, r) => sum + area(r), 0);

function pieceFrom({ id, w, h, missing = [] }: NewPiece, lot: string): PieceState {
  const at = { x: 0, y: 0, w, h };
  return { id, lot, from: null, at, w, h, missing, solid: solidOf(at, missing), where: 'here', page: null, slot: null };
}

/** A cut's part as a piece of its own; missing areas are told from its own corner. */
function partFrom(child: CutChild, parent: PieceState, page: string | null): PieceState {
  const { id, x, y, w, h, role, missing = [], slot = null } = child;
  const own = role === 'piece' ? (child.page ?? page) : page;
  const where: PieceWhere = role === 'waste' ? 'waste' : role === 'nubbin' || own === null ? 'here' : 'claimed';
  return {
    id,
    lot: parent.lot,
    from: parent.id,
    at: { x, y, w, h },
    w,
    h,
    missing,
    solid: solidOf({ x: 0, y: 0, w, h }, missing),
    where,
    page: where === 'claimed' ? own : null,
    slot,
  };
}

const lotOf = (draft: Draft, lot: string): LotState => draft.lots.get(lot) ?? emptyLot(lot);

/** A lot with some of its amounts changed, refused when one falls below zero or is no whole number. @param page whose claims or uses change */
function changeLot(
  draft: Draft,
  lot: string,
  change: Amounts,
  apply: (state: LotState) => Partial<LotState>,
  refuse: Refuse,
  page: string | null = null,
): Checked {
  const broken = Object.entries(change).find(([, n]) => !Number.isSafeInteger(n));
  if (broken) return refuse('not-whole', lot, broken[1]);
  const before = lotOf(draft, lot);
  const after = { ...before, ...apply(before) };
  const ofPage = page === null ? [] : [after.claimed[page] ?? {}, after.used[page] ?? {}];
  for (const amounts of [
    after.received,
    after.owed,
    after.here,
    after.given,
    after.sold,
    after.lent,
    after.recycled,
    ...ofPage,
  ]) {
    const part = partBelowZero(amounts);
    if (part !== null)
      return refuse('below-zero', part === '' ? lot : `${lot}: ${part}`, before.here[part] ?? 0, change[part]);
  }
  return ok(() => {
    draft.lots.set(lot, after);
  });
}

const byPage = (pages: LotState['used'], page: string, change: Amounts, sign: 1 | -1): LotState['used'] => {
  const { [page]: own = {}, ...others } = pages;
  const sum = addAmounts(own, change, sign);
  return Object.keys(sum).length === 0 ? others : { ...others, [page]: sum };
};

/** What a piece must be before, and becomes after, an act; its opposite goes the other way. */
interface Step {
  readonly from: PieceWhere;
  readonly to: PieceWhere;
}
const STEPS = {
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
type Act = keyof typeof STEPS;

const pageBound = (where: PieceWhere): boolean => where === 'claimed' || where === 'used';

function actOnPiece(draft: Draft, id: string, act: Act, page: string | null, back: boolean, refuse: Refuse): Checked {
  const { from, to } = back ? { from: STEPS[act].to, to: STEPS[act].from } : STEPS[act];
  const piece = draft.pieces.get(id);
  if (!piece) return refuse('no-such-piece', id);
  if (piece.where !== from) return refuse('piece-not-here', id);
  if (pageBound(from) && piece.page !== page) return refuse('piece-not-on-page', id);
  return ok(() => {
    draft.pieces.set(id, { ...piece, where: to, page: pageBound(to) ? page : null });
  });
}

/** The column of a lot's account that each state of a piece corresponds to. */
function shift(
  state: LotState,
  where: PieceWhere,
  page: string | null,
  change: Amounts,
  sign: 1 | -1,
): Partial<LotState> {
  if (where === 'claimed' || where === 'used') return { [where]: byPage(state[where], page!, change, sign) };
  if (where === 'given' || where === 'sold' || where === 'lent' || where === 'recycled')
    return { [where]: addAmounts(state[where], change, sign) };
  return { here: addAmounts(state.here, change, sign) };
}

function actOnStock(draft: Draft, stock: Stock, act: Act, page: string | null, back: boolean, refuse: Refuse): Checked {
  if ('piece' in stock) return actOnPiece(draft, stock.piece, act, page, back, refuse);
  const { from, to } = STEPS[act];
  const sign = back ? -1 : 1;
  return changeLot(
    draft,
    stock.lot,
    stock.amounts,
    (state) => ({
      ...shift(state, from, page, stock.amounts, sign === 1 ? -1 : 1),
      ...shift(state, to, page, stock.amounts, sign),
    }),
    refuse,
    page,
  );
}

function receive(
  draft: Draft,
  event: LedgerEvent & { type: 'received' | 'arrived' },
  back: boolean,
  refuse: Refuse,
): Checked {
  const sign = back ? -1 : 1;
  const pieces = (event.pieces ?? []).map((piece) => pieceFrom(piece, event.lot));
  const amounts = event.amounts ?? {};
  for (const piece of pieces) {
    const there = draft.pieces.get(piece.id);
    if (!back && there) return refuse('same-piece-twice', piece.id);
    if (back && (there?.where !== 'here' || there.from !== null)) return refuse('parts-are-gone', piece.id);
  }
  const arrived =
    event.type === 'arrived'
      ? {
          owed: addAmounts(
            lotOf(draft, event.lot).owed,
            pieces.length > 0 ? { '': pieces.length } : amounts,
            back ? 1 : -1,
          ),
        }
      : {};
  const lot = changeLot(
    draft,
    event.lot,
    amounts,
    (state) => ({
      received: addAmounts(state.received, amounts, sign),
      here: addAmounts(state.here, amounts, sign),
      ...arrived,
    }),
    refuse,
  );
  if (!lot.ok) return lot;
  return ok(() => {
    lot.value();
    for (const piece of pieces) {
      if (back) draft.pieces.delete(piece.id);
      else draft.pieces.set(piece.id, piece);
    }
  });
}

/** The parts of a cut lie on the piece, apart from each other, and have all of its area. */
function checkParts(parent: PieceState, parts: readonly PieceState[], refuse: Refuse): Checked | null {
  const whole = { x: 0, y: 0, w: parent.w, h: parent.h };
  const solids = parts.map(({ at, missing }) =>
    solidRects(
      at,
      missing.map((m) => ({ ...m, x: m.x + at.x, y: m.y + at.y })),
    ),
  );
  for (let i = 0; i < parts.length; i++) {
    if (!contains(whole, parts[i]!.at)) return refuse('part-off-the-piece', parts[i]!.id);
    for (const later of solids.slice(i + 1))
      if (solids[i]!.some((r) => later.some((other) => overlaps(r, other))))
        return refuse('parts-overlap', parts[i]!.id);
    if (solids[i]!.some((r) => parent.missing.some((gone) => overlaps(r, gone))))
      return refuse('areas-do-not-add-up', parts[i]!.id);
  }
  const sum = parts.reduce((total, part) => total + part.solid, 0);
  return sum === parent.solid ? null : refuse('areas-do-not-add-up', parent.id, parent.solid, sum);
}

function cut(draft: Draft, event: LedgerEvent & { type: 'cut' }, back: boolean, refuse: Refuse): Checked {
  const parent = draft.pieces.get(event.piece);
  if (!parent) return refuse('no-such-piece', event.piece);
  const whole: PieceWhere = event.page === null ? 'here' : 'claimed';
  const parts = event.into.map((child) => partFrom(child, parent, event.page));
  if (back) {
    const gone = parts.find((part) => {
      const now = draft.pieces.get(part.id);
      return now?.where !== part.where || now.page !== part.page;
    });
    if (gone || parent.where !== 'cut') return refuse('parts-are-gone', gone?.id ?? parent.id);
    return ok(() => {
      for (const part of parts) draft.pieces.delete(part.id);
      draft.pieces.set(parent.id, { ...parent, where: whole, page: event.page });
    });
  }
  if (parent.where !== whole) return refuse('piece-not-here', parent.id);
  if (parent.page !== event.page) return refuse('piece-not-on-page', parent.id);
  const known = parts.find(
    (part, i) => draft.pieces.has(part.id) || parts.some((other, j) => j < i && other.id === part.id),
  );
  if (known) return refuse('same-piece-twice', known.id);
  const broken = checkParts(parent, parts, refuse);
  if (broken) return broken;
  return ok(() => {
    draft.pieces.set(parent.id, { ...parent, where: 'cut', page: null });
    for (const part of parts) draft.pieces.set(part.id, part);
  });
}

function happen(draft: Draft, event: LedgerEvent, back: boolean, refuse: Refuse): Checked {
  const sign = back ? -1 : 1;
  switch (event.type) {
    case 'received':
    case 'arrived':
      return receive(draft, event, back, refuse);
    case 'owed':
      return changeLot(
        draft,
        event.lot,
        event.amounts,
        (s) => ({ owed: addAmounts(s.owed, event.amounts, sign) }),
        refuse,
      );
    case 'counted':
      if ('piece' in event)
        return actOnPiece(draft, event.piece, event.isFound ? 'found' : 'missed', null, back, refuse);
      return changeLot(
        draft,
        event.lot,
        event.change,
        (s) => ({
          corrected: addAmounts(s.corrected, event.change, sign),
          here: addAmounts(s.here, event.change, sign),
        }),
        refuse,
      );
    case 'cut':
      return cut(draft, event, back, refuse);
    case 'moved': {
      const [from, to] = back ? [event.to, event.from] : [event.from, event.to];
      const lot = lotOf(draft, event.lot);
      return lot.place === from
        ? ok(() => {
            draft.lots.set(event.lot, { ...lot, place: to });
          })
        : refuse('moved-from-elsewhere', event.lot);
    }
    case 'given':
    case 'sold':
    case 'lent':
    case 'back':
    case 'recycled':
      return actOnStock(draft, event, event.type, null, back, refuse);
    default:
      return actOnStock(draft, event, event.type, event.page, back, refuse);
  }
}

function apply(draft: Draft, event: LedgerEvent): Checked {
  const refuse: Refuse = (kind, subject, has, wants) =>
    err({ kind, event: event.id, subject, has: has ?? null, wants: wants ?? null });
  if (draft.events.has(event.id)) return refuse('same-event-twice', event.id);
  if (event.undoes !== undefined && !draft.events.has(event.undoes)) return refuse('nothing-to-undo', event.undoes);
  if (event.undoes !== undefined && draft.undone.has(event.undoes)) return refuse('already-undone', event.undoes);
  // The opposite of an opposite does it again.
  const back = event.undoes !== undefined && !draft.backward.has(event.undoes);
  const change = happen(draft, event, back, refuse);
  if (!change.ok) return change;
  return ok(() => {
    change.value();
    draft.events.add(event.id);
    if (back) draft.backward.add(event.id);
    if (event.undoes !== undefined) draft.undone.add(event.undoes);
  });
}

/**
 * Folds events, in order, into a ledger.
 * @param from the ledger to go on from; it is not changed, and folding in two batches is folding once
 * @returns the new ledger, or the first event that breaks a rule and which; then nothing has changed
 */
export function fold(events: readonly LedgerEvent[], from: Ledger = emptyLedger): Result<Ledger, LedgerError> {
  const draft: Draft = {
    pieces: new Map(from.pieces),
    lots: new Map(from.lots),
    events: new Set(from.events),
    undone: new Set(from.undone),
    backward: new Set(from.backward),
  };
  for (const event of events) {
    const change = apply(draft, event);
    if (!change.ok) return change;
    change.value();
  }
  return ok(draft);
}
