import { pagesOf } from '../page/cutlist';
import { fold, opposite, standing, type LedgerEvent } from '../stock/ledger';
import { ok, type Result } from '../ground/result';
import { refuse, type Act, type Did, type Now, type Refusal } from './act';
import { isApart } from './apart';
import type { Bench } from '../stock/bench';
import { changed, changeOf, fits, recordIn, stagedOn, turned, withChanges, type Change } from '../stock/bench';
import { liftedIn } from './laying/laying';
import { isFitted } from './pages/refit';
import { entriesAreFounded, isFounded, isMissed } from '../stock/bench';

/** An act as it was done, with all that is needed to take it back. */
export interface DoneAct {
  readonly did: Did;
  /** The entries of the ledger that stand for its present state, in order. */
  readonly events: readonly string[];
  readonly changes: readonly Change[];
}

/** The bench after an act, and what is to be written. */
export interface Done {
  readonly bench: Bench;
  readonly act: DoneAct;
  readonly entries: readonly LedgerEvent[];
  readonly changes: readonly Change[];
}

/**
 * Carries entries and changes out together; refused where the ledger refuses, or something rests on what would be gone.
 */
function carryOut(
  bench: Bench,
  act: Pick<DoneAct, 'did' | 'changes'>,
  entries: readonly LedgerEvent[],
  changes: readonly Change[],
): Result<Done, Refusal> {
  const ledger = fold(entries, bench.ledger);
  if (!ledger.ok) {
    const { subject } = ledger.error;
    const lot = bench.lots.get(bench.ledger.pieces.get(subject)?.lot ?? subject);
    return { ok: false, value: null, error: { kind: 'ledger', name: lot?.name ?? '', error: ledger.error } };
  }
  const after = { ...withChanges(bench, changes), ledger: ledger.value };
  for (const { table, key } of changes) {
    if (recordIn(after, table, key) === null && recordIn(bench, table, key) !== null && isMissed(after, table, key))
      return refuse('still-needed', act.did.name);
  }
  const isUnfounded = changes.some(({ table, key }) => !isFounded(after, table, key));
  if (isUnfounded || !entriesAreFounded(after, entries)) return refuse('gone', act.did.name);
  return ok({ bench: after, act: { ...act, events: entries.map(({ id }) => id) }, entries, changes });
}

/** Does an act. */
export function doAct(bench: Bench, { did, events, records }: Act, now: Now): Result<Done, Refusal> {
  const entries = events.map((event) => ({ ...event, id: now.newId(), day: now.day }) as LedgerEvent);
  const changes: Change[] = [];
  const staged = stagedOn(bench);
  for (const { table, key, after } of records) {
    // A record written twice in one act is written over what the first made of it.
    const change = changeOf(table, key, staged.get(table, key), after);
    if (change) changes.push(change);
    staged.set(table, key, after);
  }
  const done = carryOut(bench, { did, changes }, entries, changes);
  if (!done.ok) return done;
  // What is no longer out for a page no longer lies on it.
  const lifted = liftedIn(done.value.bench);
  if (lifted.length === 0) return done;
  const all = [...changes, ...lifted];
  return carryOut(bench, { did, changes: all }, entries, all);
}

/** Turns an act round: undone, or done again. */
export interface Turning {
  readonly act: DoneAct;
  readonly way: 'undo' | 'redo';
  /** What was done after it and still stands. */
  readonly since: readonly DoneAct[];
}

/**
 * Takes an act back, or does it again, as long as nothing that was done since touched the same.
 * @returns the act's `events` are then the entries that would be answered to turn it round once more
 */
export function turnBack(bench: Bench, { act, way, since }: Turning, now: Now): Result<Done, Refusal> {
  if (since.some((later) => !isApart(act, later, bench))) return refuse('changed-since', act.did.name);
  // What a later act took back, and its own undo did again, stands by another entry now.
  const entries = act.events
    .flatMap((id) => bench.ledger.events.get(id) ?? [])
    .map((event) => standing(bench.ledger, event))
    .toReversed();
  const opposites = entries.map((event) => opposite(event, now.newId(), now.day));
  const changes = way === 'undo' ? act.changes.map(turned).toReversed() : act.changes;
  const staged = stagedOn(bench);
  for (const change of changes) {
    const record = staged.get(change.table, change.key);
    if (!fits(record, change)) return refuse('changed-since', act.did.name);
    staged.set(change.table, change.key, changed(record, change));
  }
  const done = carryOut(bench, act, opposites, changes);
  // Something lies on a page that would be out for it no longer, or was cut or planned for it as it is by now.
  const isTorn = (turning: Done): boolean => liftedIn(turning.bench).length > 0 || !pagesFit(turning);
  return done.ok && isTorn(done.value) ? refuse('changed-since', act.did.name) : done;
}

/** Whether what is cut and planned for the pages that were touched fits them. */
function pagesFit({ bench, entries, changes }: Done): boolean {
  const touched = new Set([
    ...entries.flatMap((event) => ('page' in event ? [event.page] : [])),
    ...entries.flatMap((event) => (event.type === 'cut' ? event.into.map(({ page }) => page) : [])),
    ...changes.flatMap(({ table, key }) => {
      const plan = table === 'plans' ? bench.plans.get(key) : undefined;
      return plan ? pagesOf(plan) : table === 'pages' ? [key] : [];
    }),
  ]);
  return [...touched].every((id) => {
    const page = bench.pages.get(id ?? '');
    return !page || isFitted(bench, page);
  });
}
