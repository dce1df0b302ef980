import { liveQuery, type Subscription } from 'dexie';
import { createStore, useStore } from 'zustand';
import type { Page } from '../../core/things';
import { EMPTY_BENCH, type Bench, type Records, type TableName } from './bench';
import { currentLedger, undoable } from './ledgerStore';
import type { StockDb, StoredEvent } from './stockDb';

interface BenchState {
  readonly bench: Bench;
  readonly isLoaded: boolean;
  readonly trouble: string | null;
}

export const benchStore = createStore<BenchState>()(() => ({ bench: EMPTY_BENCH, isLoaded: false, trouble: null }));

const byId = async <K extends Exclude<TableName, 'images'>>(
  db: StockDb,
  name: K,
  order: (a: Records[K], b: Records[K]) => number = () => 0,
): Promise<ReadonlyMap<string, Records[K]>> =>
  new Map((await db.of(name).toArray()).sort(order).map((record) => [record.id, record]));

/** Pages as they were begun, of a day by title: everywhere in the same order, which no id decides. */
const asBegun = (a: Page, b: Page): number => a.started.localeCompare(b.started) || a.title.localeCompare(b.title);

/** Keeps the store in step with the database, whichever tab writes to it. */
export function followBench(db: StockDb): Subscription {
  let events: StoredEvent[] = [];
  let generation = -1;
  return liveQuery(async (): Promise<Bench> => {
    const [kits, faces, lots, stories, photos, pages, drafts, designs, sharings, wishes] = await Promise.all([
      byId(db, 'kits'),
      byId(db, 'faces'),
      byId(db, 'lots'),
      byId(db, 'stories'),
      byId(db, 'photos'),
      byId(db, 'pages', asBegun),
      byId(db, 'drafts'),
      byId(db, 'designs'),
      byId(db, 'sharings'),
      byId(db, 'wishes'),
    ]);
    const folded = await currentLedger(db);
    const known = folded.generation === generation ? events : [];
    const last = known[known.length - 1]?.seq ?? 0;
    events = [...known, ...(await db.events.where('seq').above(last).toArray())];
    generation = folded.generation;
    return {
      kits,
      faces,
      lots,
      stories,
      photos,
      pages,
      drafts,
      designs,
      sharings,
      wishes,
      events,
      ledger: folded.ledger,
      ...(await undoable(db)),
    };
  }).subscribe({
    next: (bench) => benchStore.setState({ bench, isLoaded: true, trouble: null }),
    error: (error: unknown) => benchStore.setState({ trouble: String(error), isLoaded: true }),
  });
}

/** Ends when what is known has changed since `before`, or soon where nothing changes: so that a screen opened next finds what was just written. */
export function benchChangedSince(before: Bench): Promise<void> {
  if (benchStore.getState().bench !== before) return Promise.resolve();
  return new Promise((resume) => {
    const timer = setTimeout(done, 1000);
    const stopListening = benchStore.subscribe(done);
    function done(): void {
      clearTimeout(timer);
      stopListening();
      resume();
    }
  });
}

/** One slice of what is known; the component draws anew when it changes. */
export const useBench = <T>(slice: (bench: Bench) => T): T => useStore(benchStore, (state) => slice(state.bench));
