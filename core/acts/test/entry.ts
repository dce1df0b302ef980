import type { LedgerEvent } from '../../stock/ledger';
import type { NewEvent } from '..';

/** An entry as it is written. */
export const entry = (event: NewEvent, id: string, day = '2026-11-05'): LedgerEvent =>
  ({ ...event, id, day }) as LedgerEvent;
