import type { LedgerEvent } from './events';

/** The event that takes another's effect back; the opposite of an opposite does it again. */
export const opposite = (event: LedgerEvent, id: string, day: string): LedgerEvent => ({
  ...event,
  id,
  day,
  undoes: event.id,
});
