import type { LedgerEvent } from './events';
import type { Ledger } from './ledger';

/** The piece and all that it was cut from, the sheet last. */
function lineage(ledger: Ledger, piece: string): string[] {
  const line: string[] = [];
  for (let id: string | null = piece; id !== null; id = ledger.pieces.get(id)?.from ?? null) line.push(id);
  return line;
}

const concerns = (event: LedgerEvent, line: ReadonlySet<string>): boolean => {
  if (event.type === 'received' || event.type === 'arrived')
    return (event.pieces ?? []).some((piece) => line.has(piece.id));
  return 'piece' in event && line.has(event.piece);
};

/**
 * What happened to a lot's counts, owed things and place, oldest first; entries taken back are left out with their
 * opposites.
 */
export function historyOfLot(ledger: Ledger, lot: string): LedgerEvent[] {
  return [...ledger.events.values()].filter(
    (event) => event.undoes === undefined && !ledger.undone.has(event.id) && 'lot' in event && event.lot === lot,
  );
}

/**
 * What happened to a piece and the sheet it comes from, oldest first; entries taken back are left out with their
 * opposites.
 */
export function historyOf(ledger: Ledger, piece: string): LedgerEvent[] {
  const line = new Set(lineage(ledger, piece));
  return [...ledger.events.values()].filter(
    (event) => event.undoes === undefined && !ledger.undone.has(event.id) && concerns(event, line),
  );
}
