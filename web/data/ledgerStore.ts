import { nanoid } from 'nanoid';
import { emptyLedger, fold, opposite, type Ledger, type LedgerError, type LedgerEvent } from '../../core/ledger';
import { TABLES, type Act, type Change, type Records, type TableName } from './bench';
import type { StockDb, StoredEvent } from './stockDb';

/** The ledger would not take an event; nothing was written. */
export class LedgerRefusal extends Error {
  constructor(readonly refusal: LedgerError) {
    super(`${refusal.kind}: ${refusal.subject}`);
  }
}

/** A ledger entry without what the store gives it. */
export type NewEvent = LedgerEvent extends infer E ? (E extends LedgerEvent ? Omit<E, 'id' | 'day'> : never) : never;

/** A record to write (`after` null takes it away), or a change to whatever it is by then. */
export type NewChange = {
  [K in TableName]: { table: K; key: string } & (
    { after: Records[K] | null } | { change: (now: Records[K]) => Records[K] }
  );
}[TableName];

export interface NewAct {
  readonly label: string;
  readonly events?: readonly NewEvent[];
  readonly changes?: readonly NewChange[];
}

/** The ledger as far as it was folded, so that each act folds only what is new. */
interface Folded {
  ledger: Ledger;
  seq: number;
  generation: number;
}
const foldedOf = new WeakMap<StockDb, Folded>();

/** The ledger up to the newest entry, whoever wrote it (another tab may have). */
export async function currentLedger(db: StockDb): Promise<Folded & { fresh: StoredEvent[] }> {
  const generation = (await db.meta.get('generation'))?.value ?? 0;
  const known = foldedOf.get(db);
  const from = known?.generation === generation ? known : { ledger: emptyLedger, seq: 0, generation };
  const fresh = await db.events.where('seq').above(from.seq).toArray();
  if (fresh.length === 0) return { ...from, fresh };
  const ledger = fold(fresh, from.ledger);
  if (!ledger.ok) throw new LedgerRefusal(ledger.error);
  const folded = { ledger: ledger.value, seq: fresh[fresh.length - 1]!.seq!, generation };
  foldedOf.set(db, folded);
  return { ...folded, fresh };
}

const everything = (db: StockDb) => [db.events, db.acts, db.meta, ...TABLES.map((name) => db.table(name))];

async function appendEvents(db: StockDb, events: readonly LedgerEvent[]): Promise<void> {
  if (events.length === 0) return;
  const { ledger } = await currentLedger(db);
  const after = fold(events, ledger);
  if (!after.ok) throw new LedgerRefusal(after.error);
  await db.events.bulkAdd(events as StoredEvent[]);
}

async function writeRecords(db: StockDb, changes: readonly Change[], which: 'before' | 'after'): Promise<void> {
  for (const change of changes) {
    const table = db.table(change.table);
    if (change[which] === null) await table.delete(change.key);
    else await table.put(change[which]);
  }
}

/**
 * Writes an act: its ledger entries and its records, in one transaction or not at all. Acts that were undone can no
 * longer be done again.
 * @throws {LedgerRefusal} the ledger refuses an entry
 */
export async function commitAct(db: StockDb, { label, events = [], changes = [] }: NewAct, day: string): Promise<void> {
  await db.transaction('rw', everything(db), async () => {
    const entries = events.map((event) => ({ ...event, id: nanoid(10), day }) as LedgerEvent);
    await appendEvents(db, entries);
    const full: Change[] = [];
    for (const change of changes) {
      const { table, key } = change;
      // A record changed twice in one act is changed from what the first change made of it.
      const earlier = full.findLast((one) => one.table === table && one.key === key);
      const before = ((earlier ? earlier.after : await db.table(table).get(key)) as object | null | undefined) ?? null;
      if ('after' in change) full.push({ table, key, before, after: change.after });
      else if (before !== null) full.push({ table, key, before, after: change.change(before as never) });
    }
    await writeRecords(db, full, 'after');
    await db.acts.filter((act) => act.undone).delete();
    await db.acts.add({ label, events: entries.map(({ id }) => id), changes: full, undone: false });
  });
}

async function turnBack(
  db: StockDb,
  act: Act & { seq: number },
  day: string,
  which: 'before' | 'after',
): Promise<void> {
  const stored = await Promise.all(act.events.map((id) => db.events.where('id').equals(id).first()));
  const entries = stored
    .filter((event) => event !== undefined)
    .reverse()
    .map(({ seq: _, ...event }) => opposite(event as LedgerEvent, nanoid(10), day));
  await appendEvents(db, entries);
  await writeRecords(db, which === 'before' ? [...act.changes].reverse() : act.changes, which);
  await db.acts.update(act.seq, { undone: which === 'before', events: entries.map(({ id }) => id) });
}

const nextUndo = async (db: StockDb): Promise<Act | undefined> =>
  db.acts
    .orderBy('seq')
    .reverse()
    .filter((act) => !act.undone)
    .first();
const nextRedo = async (db: StockDb): Promise<Act | undefined> =>
  db.acts
    .orderBy('seq')
    .filter((act) => act.undone)
    .first();

/** What could be undone and done again, in words. */
export async function undoable(db: StockDb): Promise<{ canUndo: string | null; canRedo: string | null }> {
  return { canUndo: (await nextUndo(db))?.label ?? null, canRedo: (await nextRedo(db))?.label ?? null };
}

/** Takes the last act back; its label, or null where there is none. @throws {LedgerRefusal} what it made is gone already */
export async function undoAct(db: StockDb, day: string): Promise<string | null> {
  return db.transaction('rw', everything(db), async () => {
    const act = await nextUndo(db);
    if (act) await turnBack(db, act as Act & { seq: number }, day, 'before');
    return act?.label ?? null;
  });
}

/** Does the act that was undone last again. */
export async function redoAct(db: StockDb, day: string): Promise<string | null> {
  return db.transaction('rw', everything(db), async () => {
    const act = await nextRedo(db);
    if (act) await turnBack(db, act as Act & { seq: number }, day, 'after');
    return act?.label ?? null;
  });
}
