import demoUrl from '../../demo/bench.json?url';
import { plansFor } from '../../core/page/cutlist';
import { fold } from '../../core/stock/ledger';
import { ok } from '../../core/ground/result';
import { EMPTY_FILE, type BenchFile } from './file/contents';
import { inlinePictures } from './file/inlinePictures';
import { putInPlace } from './file/replaceBench';
import { useSettings } from './settings';
import type { StockDb } from './stockDb';

/** The page whose papers lie in the tray: the last one that is being cut. */
function beingCut({ pages, plans, events }: BenchFile): string | null {
  const ledger = fold(events).value;
  const byId = new Map(plans.map((plan) => [plan.id, plan]));
  return (
    (ledger && pages.findLast(({ id, glued }) => glued === null && plansFor(byId, id, ledger).length > 0)?.id) ?? null
  );
}

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
  useSettings.getState().change({ pageInHand: beingCut(file) });
}

/** Clears everything away. */
export async function emptyBench(db: StockDb): Promise<void> {
  await putInPlace(db, { file: EMPTY_FILE, eachPicture: () => Promise.resolve(ok(null)) });
  useSettings.getState().change({ pageInHand: null });
}
