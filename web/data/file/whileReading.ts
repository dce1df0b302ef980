import type { StockDb } from '../stockDb';

/** Held by the window that reads a file, so that no other takes its pictures for leftovers. */
const LOCK = 'nubbin-reading-a-file';

/** Browsers before 2022 have no locks: then one window at a time reads, and none sweeps meanwhile. */
const locks = (): LockManager | undefined => (typeof navigator === 'undefined' ? undefined : navigator.locks);

/** Reads a file; another window that reads one waits. */
export async function whileReading<T>(read: () => Promise<T>): Promise<T> {
  return (await (locks()?.request(LOCK, read) ?? read())) as T;
}

/** Takes away the pictures of a file whose reading was killed half way, unless one is being read just now. */
export async function sweepHalfRead(db: StockDb): Promise<void> {
  const sweep = (): Promise<void> => db.incoming.clear();
  await (locks()?.request(LOCK, { ifAvailable: true }, async (lock) => (lock ? sweep() : undefined)) ?? sweep());
}
