import { nanoid } from 'nanoid';
import { doAct, turnBack, type Deciding, type Did, type Done, type Now, type Refusal } from '../../core/acts';
import { err, ok, type Result } from '../../core/ground/result';
import { readBench, remember, stampOf, type Known } from './benchReader';
import { inForm } from './file/inForm';
import { actTables, type Image, type StockDb, type StoredAct, type StoredEvent } from './stockDb';
import type { Draft } from '../../core/stock/things';

/** An act as it was written: what was done, and its number, by which it can be taken back; null: it changed nothing. */
export interface Written {
  readonly did: Did;
  readonly seq: number | null;
}

/** Carries a refusal out of a transaction, which is then given up whole. */
class Refused extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.kind);
  }
}

const nowOn = (day: string): Now => ({ day, newId: () => nanoid(10) });

const unwrap = <T>(result: Result<T, Refusal>): T => {
  if (!result.ok) throw new Refused(result.error);
  return result.value;
};

/** Writes what an act came to; the newest entry's number. */
async function write(db: StockDb, known: Known, { entries, changes, bench }: Done): Promise<number> {
  const seq = entries.length > 0 ? await db.events.bulkAdd(entries as StoredEvent[]) : known.seq;
  for (const { table, key } of changes) {
    const record = bench[table].get(key);
    if (record) await db.table(table).put(record);
    else await db.table(table).delete(key);
  }
  const touched = [...new Set(changes.map(({ table }) => table))];
  await db.meta.bulkPut(touched.map((table) => ({ key: stampOf(table), value: (known.stamps[table] ?? 0) + 1 })));
  return seq;
}

/** One transaction that writes all or nothing; a refusal gives it up. */
async function attempt(
  db: StockDb,
  doIt: (known: Known) => Promise<{ done: Done; seq: number; act: number | null } | null>,
): Promise<Result<Written | null, Refusal>> {
  try {
    const wrote = await db.transaction('rw', [...actTables(db), db.images], async () => {
      const known = await readBench(db);
      const written = await doIt(known);
      return written && { known, ...written };
    });
    if (!wrote) return ok(null);
    if (wrote.act !== null) remember(db, wrote.known, wrote.done, wrote.seq);
    return ok({ did: wrote.done.act.did, seq: wrote.act });
  } catch (error) {
    if (error instanceof Refused) return err(error.refusal);
    throw error;
  }
}

/**
 * Does an act, decided on the bench as it is by now: its entries and records in one transaction, or not at all. Acts
 * that were undone can no longer be done again.
 * @param pictures that its records name by their ids; the act holds no bytes, and those nobody names are swept
 */
export async function commitAct(
  db: StockDb,
  deciding: Deciding,
  day: string,
  pictures: readonly Image[] = [],
): Promise<Result<Written, Refusal>> {
  const now = nowOn(day);
  const done = await attempt(db, async (known) => {
    const act = unwrap(deciding(known.bench, now));
    const result = unwrap(doAct(known.bench, act, now));
    // What changes nothing is not written: what was undone can still be done again, and no undo does nothing.
    if (result.entries.length === 0 && result.changes.length === 0) return { done: result, seq: known.seq, act: null };
    unwrap(inForm(result));
    await db.images.bulkPut([...pictures]);
    const seq = await write(db, known, result);
    await db.acts.where('undone').above(0).delete();
    return { done: result, seq, act: await db.acts.add({ ...result.act, undone: 0 }) };
  });
  return done as Result<Written, Refusal>;
}

async function turn(db: StockDb, known: Known, stored: StoredAct, way: 'undo' | 'redo', day: string) {
  const { seq: number, undone: _, ...act } = stored;
  if (number === undefined) throw new Error('an act that is stored has a number');
  const later =
    way === 'undo'
      ? await db.acts
          .where('seq')
          .above(number)
          .filter(({ undone }) => undone === 0)
          .toArray()
      : [];
  const done = unwrap(turnBack(known.bench, { act, way, since: later }, nowOn(day)));
  const seq = await write(db, known, done);
  const turns = ((await db.meta.get('turn'))?.value ?? 0) + 1;
  await db.meta.put({ key: 'turn', value: turns });
  await db.acts.put({ ...done.act, seq: number, undone: way === 'undo' ? turns : 0 });
  return { done, seq, act: number };
}

/**
 * Takes an act back.
 * @param which its number; absent: the last one
 * @returns what it was, or null where there is none
 */
export const undoAct = (db: StockDb, day: string, which?: number): Promise<Result<Written | null, Refusal>> =>
  attempt(db, async (known) => {
    const act = which === undefined ? await db.acts.where('undone').equals(0).last() : await db.acts.get(which);
    return act && act.undone === 0 ? turn(db, known, act, 'undo', day) : null;
  });

/** Does the act that was undone last again. */
export const redoAct = (db: StockDb, day: string): Promise<Result<Written | null, Refusal>> =>
  attempt(db, async (known) => {
    const act = await db.acts.where('undone').above(0).last();
    return act ? turn(db, known, act, 'redo', day) : null;
  });

/** Keeps a packing list being typed; it is no act and cannot be undone. False: it is gone meanwhile, in another tab. */
export async function keepDraft(db: StockDb, draft: Draft, isNew: boolean): Promise<boolean> {
  return db.transaction('rw', db.table('drafts'), db.meta, async () => {
    if (!isNew && (await db.table('drafts').get(draft.id)) === undefined) return false;
    await db.table('drafts').put(draft);
    const key = stampOf('drafts');
    await db.meta.put({ key, value: ((await db.meta.get(key))?.value ?? 0) + 1 });
    return true;
  });
}
