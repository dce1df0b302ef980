import { ok, type Result } from '../../ground/result';
import { addAmounts } from './amounts';
import { cut } from './cut';
import { draftOf, lotOf, refusing, type Checked, type Draft, type Refuse } from './draft';
import type { Amounts, LedgerEvent, Stock } from './events';
import { gather } from './gather';
import type { Ledger, LotState } from './ledger';
import type { LedgerError } from './ledgerError';
import { brokenAmount, changeLot, shift } from './lots';
import { isOppositeOf } from './opposite';
import { actOnPiece, STEPS, type For, type StockAct } from './pieces';
import { receive } from './receive';

export const emptyLedger: Ledger = {
  pieces: new Map(),
  lots: new Map(),
  events: new Map(),
  undone: new Set(),
  backward: new Set(),
};

function actOnStock(draft: Draft, stock: Stock, act: StockAct, on: For, back: boolean, refuse: Refuse): Checked {
  if ('piece' in stock) return actOnPiece(draft, stock.piece, act, on, back, refuse);
  const broken = brokenAmount(stock.lot, stock.amounts, refuse);
  if (broken) return broken;
  const { page } = on;
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

function owe(draft: Draft, lot: string, amounts: Amounts, sign: 1 | -1, refuse: Refuse): Checked {
  const broken = brokenAmount(lot, amounts, refuse);
  return broken ?? changeLot(draft, lot, amounts, (s) => ({ owed: addAmounts(s.owed, amounts, sign) }), refuse);
}

function recount(draft: Draft, lot: string, change: Amounts, sign: 1 | -1, refuse: Refuse): Checked {
  const broken = brokenAmount(lot, change, refuse, true);
  const put = (s: LotState): Partial<LotState> => ({
    corrected: addAmounts(s.corrected, change, sign),
    here: addAmounts(s.here, change, sign),
  });
  return broken ?? changeLot(draft, lot, change, put, refuse);
}

function happen(draft: Draft, event: LedgerEvent, back: boolean, refuse: Refuse): Checked {
  const sign = back ? -1 : 1;
  switch (event.type) {
    case 'received':
    case 'arrived':
      return receive(draft, event, back, refuse);
    case 'owed':
      return owe(draft, event.lot, event.amounts, sign, refuse);
    case 'counted':
      if ('piece' in event)
        return actOnPiece(draft, event.piece, event.isFound ? 'found' : 'missed', { page: null }, back, refuse);
      return recount(draft, event.lot, event.change, sign, refuse);
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
    case 'gathered':
      return gather(draft, event, back, refuse);
    case 'amended':
      return ok(() => undefined);
    case 'given':
    case 'sold':
    case 'lent':
    case 'back':
    case 'recycled':
      return actOnStock(draft, event, event.type, { page: null }, back, refuse);
    default:
      return actOnStock(draft, event, event.type, { page: event.page, slot: event.slot }, back, refuse);
  }
}

function apply(draft: Draft, event: LedgerEvent): Checked {
  const refuse = refusing(event.id);
  if (draft.events.has(event.id)) return refuse('same-event-twice', event.id);
  if (event.undoes !== undefined) {
    const undone = draft.events.get(event.undoes);
    if (!undone) return refuse('nothing-to-undo', event.undoes);
    if (draft.undone.has(event.undoes)) return refuse('already-undone', event.undoes);
    if (!isOppositeOf(event, undone)) return refuse('not-its-opposite', event.undoes);
  }
  // The opposite of an opposite does it again.
  const back = event.undoes !== undefined && !draft.backward.has(event.undoes);
  const change = happen(draft, event, back, refuse);
  if (!change.ok) return change;
  return ok(() => {
    change.value();
    draft.events.set(event.id, event);
    if (back) draft.backward.add(event.id);
    if (event.undoes !== undefined) draft.undone.add(event.undoes);
  });
}

/**
 * Folds events, in order, into a ledger.
 * @param from the ledger to go on from; it is not changed, and folding in two batches is folding once. Nothing folded
 *   into it is the same object: who holds something against it need not look anew
 * @returns the new ledger, or the first event that breaks a rule and which; then nothing has changed
 */
export function fold(events: readonly LedgerEvent[], from: Ledger = emptyLedger): Result<Ledger, LedgerError> {
  if (events.length === 0) return ok(from);
  const draft = draftOf(from);
  for (const event of events) {
    const change = apply(draft, event);
    if (!change.ok) return change;
    change.value();
  }
  return ok(draft);
}

/** An entry that breaks a rule, by its place among those folded. */
export type RefusedEvent = LedgerError & { readonly at: number };

/**
 * Folds what holds of entries that may be damaged: one that breaks a rule is passed over, and so are those after it
 * that rest on it.
 */
export function foldWhatHolds(events: readonly LedgerEvent[]): {
  readonly ledger: Ledger;
  readonly refused: readonly RefusedEvent[];
} {
  const draft = draftOf(emptyLedger);
  const refused: RefusedEvent[] = [];
  for (const [at, event] of events.entries()) {
    const change = apply(draft, event);
    if (change.ok) change.value();
    else refused.push({ ...change.error, at });
  }
  return { ledger: draft, refused };
}
