import { emptyLedger, fold } from '../../core/stock/ledger';
import { type Did, type Done } from '../../core/acts';
import { EMPTY_BENCH, TABLES, type Bench, type TableName } from '../../core/stock/bench';
import type { Page } from '../../core/stock/things';
import type { StockDb, StoredEvent } from './stockDb';

/**
 * The bench as far as it was read, so that each reading reads only what is new, whoever wrote it (another tab may
 * have).
 */
export interface Known {
  readonly bench: Bench;
  readonly generation: number;
  readonly seq: number;
  readonly stamps: Readonly<Record<string, number>>;
}

/** The stored ledger breaks a rule: where, and how. */
export class LedgerBroken extends Error {
  constructor(
    readonly at: string,
    readonly why: string,
  ) {
    super(`entry ${at}: ${why}`);
  }
}

const knownOf = new WeakMap<StockDb, Known>();

/** Pages as they were begun, of a day by title: everywhere in the same order, which no id decides. */
const asBegun = (a: Page, b: Page): number =>
  a.started.localeCompare(b.started) || a.title.localeCompare(b.title, 'en', { numeric: true });

async function readTable(db: StockDb, name: TableName): Promise<ReadonlyMap<string, never>> {
  const rows = await db.of(name).toArray();
  if (name === 'pages') (rows as Page[]).sort(asBegun);
  return new Map(rows.map((row) => [row.id, row as never]));
}

export const stampOf = (table: TableName): string => `stamp:${table}`;

/** Reads what is known now, in the transaction at hand. @throws {LedgerBroken} */
export async function readBench(db: StockDb): Promise<Known> {
  const meta = new Map((await db.meta.toArray()).map(({ key, value }) => [key, value]));
  const generation = meta.get('generation') ?? 0;
  const before = knownOf.get(db);
  const known = before?.generation === generation ? before : null;
  const stamps = Object.fromEntries(TABLES.map((name) => [name, meta.get(stampOf(name)) ?? 0]));
  const stale = TABLES.filter((name) => known?.stamps[name] !== stamps[name]);
  const tables = await Promise.all(stale.map(async (name) => [name, await readTable(db, name)] as const));
  const fresh: StoredEvent[] = await db.events
    .where('seq')
    .above(known?.seq ?? 0)
    .toArray();
  if (known && stale.length === 0 && fresh.length === 0) return known;
  const entries = fresh.map(({ seq: _, ...event }) => event);
  const ledger = fold(entries as StoredEvent[], known?.bench.ledger ?? emptyLedger);
  if (!ledger.ok)
    throw new LedgerBroken(ledger.error.event, `${ledger.error.kind.replaceAll('-', ' ')}: ${ledger.error.subject}`);
  const now: Known = {
    bench: { ...(known?.bench ?? EMPTY_BENCH), ...Object.fromEntries(tables), ledger: ledger.value },
    generation,
    stamps,
    seq: fresh.at(-1)?.seq ?? known?.seq ?? 0,
  };
  knownOf.set(db, now);
  return now;
}

/** What was just written need not be read again. Call it once the transaction is through. */
export function remember(db: StockDb, before: Known, { bench, changes }: Done, seq: number): void {
  if (knownOf.get(db) !== before) return;
  const touched = new Set(changes.map(({ table }) => table));
  const pages = touched.has('pages') ? { pages: new Map([...bench.pages].sort(([, a], [, b]) => asBegun(a, b))) } : {};
  knownOf.set(db, {
    ...before,
    bench: { ...bench, ...pages },
    seq,
    stamps: Object.fromEntries(
      Object.entries(before.stamps).map(([name, n]) => [name, touched.has(name as TableName) ? n + 1 : n]),
    ),
  });
}

/** What could be undone and done again. */
export interface Undoable {
  readonly undo: Did | null;
  readonly redo: Did | null;
}

export async function undoable(db: StockDb): Promise<Undoable> {
  const [last, undone] = await Promise.all([
    db.acts.where('undone').equals(0).last(),
    db.acts.where('undone').above(0).last(),
  ]);
  return { undo: last?.did ?? null, redo: undone?.did ?? null };
}
