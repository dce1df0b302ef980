import demoUrl from '../../demo/bench.json?url';
import { ok } from '../../core/result';
import { EMPTY_FILE, type BenchFile } from './file/contents';
import { inlinePictures } from './file/inlinePictures';
import { putInPlace } from './file/replaceBench';
import { useSettings } from './settings';
import type { StockDb } from './stockDb';

/** Puts the demo scenario, which the tests have checked, in place of everything. @throws it could not be fetched */
export async function bringDemo(db: StockDb): Promise<void> {
  const file = (await (await fetch(demoUrl)).json()) as BenchFile;
  await putInPlace(db, {
    file,
    eachPicture: async (take) => {
      for (const picture of inlinePictures(file.pictures)) await take(picture);
      return ok(null);
    },
  });
  useSettings.getState().change({ pageInHand: null });
}

/** Clears everything away. */
export async function emptyBench(db: StockDb): Promise<void> {
  await putInPlace(db, { file: EMPTY_FILE, eachPicture: () => Promise.resolve(ok(null)) });
  useSettings.getState().change({ pageInHand: null });
}
