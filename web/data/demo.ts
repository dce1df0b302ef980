import demoUrl from '../../demo/bench.json?url';
import { EMPTY_FILE, readBenchFile, replaceBench } from './benchFile';
import { useSettings } from './settings';
import type { StockDb } from './stockDb';

/** Puts the demo scenario in place of everything. */
export async function bringDemo(db: StockDb): Promise<void> {
  const response = await fetch(demoUrl);
  const file = readBenchFile(await response.text());
  if (!file.ok) throw new Error(`The demo is damaged at ${file.error.at}: ${file.error.message}`);
  await replaceBench(db, file.value);
  useSettings.getState().change({ pageInHand: null, isSetUp: true });
}

/** Clears everything away. */
export async function emptyBench(db: StockDb): Promise<void> {
  await replaceBench(db, EMPTY_FILE);
  useSettings.getState().change({ pageInHand: null, isSetUp: true });
}

/** The first time it is opened in a browser, the demo is there. */
export async function setUpOnce(db: StockDb): Promise<void> {
  if (!useSettings.getState().isSetUp && (await db.events.count()) === 0) await bringDemo(db);
}
