import type { LedgerError, LedgerEvent } from '../stock/ledger';
import { err, ok, type Result } from '../ground/result';
import type { Bench, Records, TableName } from '../stock/bench';

/** A ledger entry without what is given to it when it is written. */
export type NewEvent = LedgerEvent extends infer E ? (E extends LedgerEvent ? Omit<E, 'id' | 'day'> : never) : never;

/** A record as it is to be; null takes it away. */
export type RecordWrite = {
  [K in TableName]: { readonly table: K; readonly key: string; readonly after: Records[K] | null };
}[TableName];

/** What was done, for people to be told: of what, and how many. */
export interface Did {
  readonly kind: DidKind;
  readonly name: string;
  readonly count: number;
}

export type DidKind =
  | 'began-page'
  | 'began-pages'
  | 'changed-page'
  | 'changed-cut-page'
  | 'dropped-page'
  | 'peeled-off'
  | 'took-version'
  | 'told-page'
  | 'noted'
  | 'glued'
  | 'finished'
  | 'opened-again'
  | 'took-papers'
  | 'gave-papers-back'
  | 'cut'
  | 'punched-for'
  | 'set-plan-aside'
  | 'noted-mishap'
  | 'machine-cut'
  | 'machine-slipped'
  | 'cut-window'
  | 'shared-out'
  | 'forgot-share-out'
  | 'took-out'
  | 'put-away'
  | 'laid'
  | 'laid-in-place'
  | 'moved-laid'
  | 'took-off'
  | 'named-items'
  | 'laid-title'
  | 'did-step'
  | 'used'
  | 'given'
  | 'sold'
  | 'lent'
  | 'recycled'
  | 'came-back'
  | 'cut-in-stash'
  | 'cut-strips'
  | 'punched'
  | 'cut-out'
  | 'counted'
  | 'moved'
  | 'took-parcel-in'
  | 'arrived'
  | 'changed-kit'
  | 'decided-on'
  | 'closed-kit'
  | 'opened-kit'
  | 'gathered-kit'
  | 'put-into-kit'
  | 'put-back'
  | 'took-kit-apart'
  | 'dropped-list'
  | 'left-out'
  | 'took-table'
  | 'changed-lot'
  | 'joined-lots'
  | 'parted-lot'
  | 'added-scrap'
  | 'changed-face'
  | 'pictured-face'
  | 'changed-story'
  | 'added-photos'
  | 'changed-photo'
  | 'removed-photo'
  | 'kept-design'
  | 'dropped-design'
  | 'kept-rule'
  | 'dropped-rule'
  | 'wished'
  | 'dropped-wish'
  | 'bought-wish'
  | 'kept-aim'
  | 'dropped-aim'
  | 'began-album'
  | 'changed-album'
  | 'dropped-album';

/** Something done at once: entries of the ledger, and records; the unit of undo. */
export interface Act {
  readonly did: Did;
  readonly events: readonly NewEvent[];
  readonly records: readonly RecordWrite[];
}

/** What an act may not know of itself: the day, and ids never the same twice. */
export interface Now {
  readonly day: string;
  readonly newId: () => string;
}

/**
 * Why an act cannot be; nothing has changed. `name`: what stands in the way, as she calls it; empty where it has no
 * name.
 */
export type Refusal =
  | { readonly kind: 'ledger'; readonly name: string; readonly error: LedgerError }
  /** The page, thing or paper is no longer there, or is out for something else. */
  | { readonly kind: 'gone' | 'paper-gone'; readonly name: string }
  /** Since it was shown, it has been changed. */
  | { readonly kind: 'changed-since'; readonly name: string }
  /** Some of it is cut, out or used, so that it can no longer be told otherwise. */
  | { readonly kind: 'in-use'; readonly name: string }
  /** The one is counted and the other is not, or only one is scraps. */
  | { readonly kind: 'not-alike'; readonly name: string }
  /** Something else rests on it. */
  | { readonly kind: 'still-needed'; readonly name: string }
  /** The line to cut along goes off the paper, or over what is gone of it. */
  | { readonly kind: 'off-the-paper'; readonly name: string }
  /** More is asked for than there is. */
  | { readonly kind: 'not-so-many'; readonly name: string }
  /** Of something that is left it is not decided what becomes of it. */
  | { readonly kind: 'undecided'; readonly name: string }
  /** A record would not be as the published schema has it. */
  | { readonly kind: 'not-in-form'; readonly name: string; readonly why: string }
  | { readonly kind: 'nothing-to-do'; readonly name: string };

/** An act is decided on the bench as it is when it is done, not as it was when it was shown. */
export type Deciding = (bench: Bench, now: Now) => Result<Act, Refusal>;

export const refuse = (kind: Exclude<Refusal['kind'], 'ledger' | 'not-in-form'>, name = ''): Result<never, Refusal> =>
  err({ kind, name });

/** A decision that stands. */
export const decided = (
  did: DidKind,
  name: string,
  { count = 1, events = [], records = [] }: { count?: number } & Partial<Omit<Act, 'did'>>,
): Result<Act, Refusal> => ok({ did: { kind: did, name, count }, events, records });

/** A record as it is to be. */
export const put = <K extends TableName>(table: K, record: Records[K] & { readonly id: string }): RecordWrite =>
  ({ table, key: record.id, after: record }) as RecordWrite;

export const drop = (table: TableName, key: string): RecordWrite => ({ table, key, after: null }) as RecordWrite;

/** The entry without its id and day. */
export function asNew({ id: _, day: __, ...event }: LedgerEvent): NewEvent {
  return event as NewEvent;
}
