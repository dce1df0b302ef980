import type { LedgerEvent } from './events';
import type { Ledger } from './ledger';

/** Whether an entry's effect stands: nothing has taken it back, and it took nothing back itself. */
export const stands = ({ undone, backward }: Ledger, { id }: LedgerEvent): boolean =>
  !undone.has(id) && !backward.has(id);

/** Of an entry that was taken back and done again, the last that did it again; else the entry itself. */
export function standing(ledger: Ledger, event: LedgerEvent): LedgerEvent {
  if (!ledger.undone.has(event.id)) return event;
  const answered = [...ledger.events.values()].find(({ undoes }) => undoes === event.id);
  return answered ? standing(ledger, answered) : event;
}

/** The piece and all that it was cut from, the sheet last. */
function lineage(ledger: Ledger, piece: string): string[] {
  const line: string[] = [];
  for (let id: string | null = piece; id !== null; id = ledger.pieces.get(id)?.from ?? null) line.push(id);
  return line;
}

const concerns = (event: LedgerEvent, line: ReadonlySet<string>, lot: string | undefined): boolean => {
  if (event.type === 'amended') return event.lot === lot;
  if (event.type === 'received' || event.type === 'arrived')
    return (event.pieces ?? []).some((piece) => line.has(piece.id));
  return 'piece' in event && line.has(event.piece);
};

/**
 * What happened to a lot's counts, owed things and place, oldest first; entries taken back are left out with their
 * opposites.
 */
export function historyOfLot(ledger: Ledger, lot: string): LedgerEvent[] {
  return [...ledger.events.values()].filter((event) => stands(ledger, event) && 'lot' in event && event.lot === lot);
}

/**
 * What happened to a piece and the sheet it comes from, oldest first; entries taken back are left out with their
 * opposites.
 */
export function historyOf(ledger: Ledger, piece: string): LedgerEvent[] {
  const line = new Set(lineage(ledger, piece));
  const lot = ledger.pieces.get(piece)?.lot;
  return [...ledger.events.values()].filter((event) => stands(ledger, event) && concerns(event, line, lot));
}
