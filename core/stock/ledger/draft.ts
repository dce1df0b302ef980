import { err, type Result } from '../../ground/result';
import type { LedgerEvent } from './events';
import { emptyLot, type Ledger, type LotState, type PieceState } from './ledger';
import type { LedgerError } from './ledgerError';

/** A ledger being written. */
export interface Draft {
  readonly pieces: Map<string, PieceState>;
  readonly lots: Map<string, LotState>;
  readonly events: Map<string, LedgerEvent>;
  readonly undone: Set<string>;
  readonly backward: Set<string>;
}

export const draftOf = (from: Ledger): Draft => ({
  pieces: new Map(from.pieces),
  lots: new Map(from.lots),
  events: new Map(from.events),
  undone: new Set(from.undone),
  backward: new Set(from.backward),
});

/** A change that was checked and only needs carrying out. */
export type Change = () => void;
export type Checked = Result<Change, LedgerError>;
/** How to answer that an event breaks a rule. */
export type Refuse = (kind: LedgerError['kind'], subject: string, has?: number, wants?: number) => Checked;

export const refusing =
  (event: string): Refuse =>
  (kind, subject, has, wants) =>
    err({ kind, event, subject, has: has ?? null, wants: wants ?? null });

export const lotOf = (draft: Draft, lot: string): LotState => draft.lots.get(lot) ?? emptyLot(lot);
