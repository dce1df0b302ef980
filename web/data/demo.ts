import demoUrl from '../../demo/bench.json?url';
import { EMPTY_FILE } from './file/contents';
import { readFile } from './file/readZip';
import { putInPlace } from './file/replaceBench';
import { useSettings } from './settings';
import type { StockDb } from './stockDb';
import { ok } from '../../core/result';

/** Puts the demo scenario in place of everything. @throws it could not be fetched, or is damaged */
export async function bringDemo(db: StockDb): Promise<void> {
  const response = await fetch(demoUrl);
  const read = await readFile(await response.blob());
  const put = read.ok ? await putInPlace(db, read.value) : read;
  if (!put.ok) throw new Error(`The demo is damaged at ${put.error.at}: ${put.error.message}`);
  useSettings.getState().change({ pageInHand: null });
}

/** Clears everything away. */
export async function emptyBench(db: StockDb): Promise<void> {
  await putInPlace(db, { file: EMPTY_FILE, eachPicture: () => Promise.resolve(ok(null)) });
  useSettings.getState().change({ pageInHand: null });
}
