import { historyOfLot, stands, type Amounts, type LedgerEvent, type NewPiece } from '../../../stock/ledger';
import { asNew, type NewEvent } from '../../act';
import type { Bench } from '../../../stock/bench';

/** What is here and owed of a lot. */
export interface Told {
  readonly pieces: readonly NewPiece[];
  readonly here: Amounts;
  readonly owed: Amounts;
}

const TAKEN_IN: ReadonlySet<LedgerEvent['type']> = new Set(['received', 'arrived', 'owed', 'moved', 'amended']);

/** Whether nothing was done with a lot since it came but counting it and putting it somewhere. */
export function isUntouched({ ledger }: Bench, lot: string): boolean {
  const pieces = [...ledger.pieces.values()].filter((piece) => piece.lot === lot);
  return (
    pieces.every(({ from, where }) => from === null && where === 'here') &&
    historyOfLot(ledger, lot).every((event) => TAKEN_IN.has(event.type) || event.type === 'counted') &&
    ![...ledger.events.values()].some(
      (event) => stands(ledger, event) && 'piece' in event && ledger.pieces.get(event.piece)?.lot === lot,
    )
  );
}

export const toldOf = ({ ledger }: Bench, lot: string): Told => ({
  pieces: [...ledger.pieces.values()].filter((piece) => piece.lot === lot),
  here: ledger.lots.get(lot)?.here ?? {},
  owed: ledger.lots.get(lot)?.owed ?? {},
});

/** Entries that take back how an untouched lot came. @param withPlace and all else that is told of it: the lot goes */
export const takenBack = ({ ledger }: Bench, lot: string, withPlace: boolean): NewEvent[] =>
  historyOfLot(ledger, lot)
    .filter(({ type }) => withPlace || (type !== 'moved' && type !== 'amended'))
    .toReversed()
    .map((event): NewEvent => ({ ...asNew(event), undoes: event.id }));

const aboveZero = (amounts: Amounts): Amounts => Object.fromEntries(Object.entries(amounts).filter(([, n]) => n > 0));
export const isSome = (amounts: Amounts): boolean => Object.keys(aboveZero(amounts)).length > 0;

const asItCame = ({ id, w, h, missing = [] }: NewPiece): NewPiece => ({
  id,
  w,
  h,
  ...(missing.length > 0 ? { missing } : {}),
});

/** How a lot came, told anew. */
export const comes = (lot: string, { pieces, here, owed }: Told): NewEvent[] => [
  ...(pieces.length > 0 ? [{ type: 'received' as const, lot, pieces: pieces.map(asItCame) }] : []),
  ...(isSome(here) ? [{ type: 'received' as const, lot, amounts: aboveZero(here) }] : []),
  ...(isSome(owed) ? [{ type: 'owed' as const, lot, amounts: aboveZero(owed) }] : []),
];
