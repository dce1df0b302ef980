import { liveQuery, type Subscription } from 'dexie';
import { createStore, useStore } from 'zustand';
import { EMPTY_BENCH, type Bench } from '../../core/stock/bench';
import { LedgerBroken, readBench, undoable, type Undoable } from './benchReader';
import { actTables, LaterVersion, type StockDb } from './stockDb';

/** Why what is stored cannot be shown. */
export interface Trouble {
  /** The ledger's entry that breaks a rule; null: the browser's own reason. */
  readonly entry: string | null;
  readonly why: string;
  /** A later version wrote it: nothing of it is broken, and nothing here may touch it. */
  readonly isLater: boolean;
}

interface BenchState extends Undoable {
  readonly bench: Bench;
  readonly isLoaded: boolean;
  readonly trouble: Trouble | null;
}

export const benchStore = createStore<BenchState>()(() => ({
  bench: EMPTY_BENCH,
  undo: null,
  redo: null,
  isLoaded: false,
  trouble: null,
}));

function troubleOf(error: unknown): Trouble {
  if (error instanceof LedgerBroken) return { entry: error.at, why: error.why, isLater: false };
  const inner = (error as { inner?: unknown } | null)?.inner;
  const isLater = error instanceof LaterVersion || inner instanceof LaterVersion;
  return { entry: null, why: isLater ? new LaterVersion().message : String(error), isLater };
}

/** Shows why what is kept here cannot be read. */
export const tellTrouble = (error: unknown): void => benchStore.setState({ trouble: troubleOf(error), isLoaded: true });

/** A browser that fails to read what is whole does so for a moment; it is asked so often more, after a rest. */
const MORE_TRIES = 3;
const REST_MS = 400;

/** Keeps the store in step with the database, whichever tab writes to it. Returns what ends that. */
export function followBench(db: StockDb): () => void {
  let triesLeft = MORE_TRIES;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let following = follow();
  function follow(): Subscription {
    return liveQuery(() =>
      db.transaction('r', actTables(db), async () => {
        const { bench } = await readBench(db);
        return { bench, ...(await undoable(db)) };
      }),
    ).subscribe({
      next: (known) => {
        triesLeft = MORE_TRIES;
        benchStore.setState({ ...known, isLoaded: true, trouble: null });
      },
      error: (error: unknown) => {
        const { entry, isLater } = troubleOf(error);
        if (entry !== null || isLater || triesLeft-- === 0) return tellTrouble(error);
        following.unsubscribe();
        timer = setTimeout(() => (following = follow()), REST_MS);
      },
    });
  }
  return () => {
    clearTimeout(timer);
    following.unsubscribe();
  };
}

/**
 * Ends when what is known has changed since `before`, or soon where nothing changes: so that a screen opened next finds
 * what was just written.
 */
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
