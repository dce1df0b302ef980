import 'fake-indexeddb/auto';
import { nanoid } from 'nanoid';
import { afterEach, expect, test, vi } from 'vitest';
import { benchStore, followBench } from './benchStore';
import { StockDb } from './stockDb';

let stop = (): void => undefined;
afterEach(() => {
  stop();
  vi.restoreAllMocks();
  benchStore.setState({ isLoaded: false, trouble: null });
});

/** A database whose next `times` reads the browser refuses. */
function refusing(times: number): StockDb {
  const db = new StockDb(`test-${nanoid()}`);
  const real = db.transaction.bind(db) as (...args: unknown[]) => Promise<unknown>;
  let left = times;
  vi.spyOn(db, 'transaction').mockImplementation(((...args: unknown[]) =>
    left-- > 0 ? Promise.reject(new DOMException('no answer', 'UnknownError')) : real(...args)) as never);
  return db;
}

test('what the browser fails to read for a moment is asked for again, and no screen is taken away', async () => {
  const troubles: unknown[] = [];
  const unsubscribe = benchStore.subscribe(({ trouble }) => troubles.push(trouble));
  stop = followBench(refusing(2));
  await vi.waitFor(() => expect(benchStore.getState().isLoaded).toBe(true), { timeout: 5000 });
  unsubscribe();
  expect(troubles).toEqual([null]);
});

test('what cannot be read at all is told with the browser’s reason', async () => {
  stop = followBench(refusing(Number.POSITIVE_INFINITY));
  await vi.waitFor(() => expect(benchStore.getState().trouble).not.toBeNull(), { timeout: 5000 });
  expect(benchStore.getState().trouble).toMatchObject({ entry: null, isLater: false, why: 'UnknownError: no answer' });
});
