// Runs in the browser: a database of a year is made, then acts and their undos are timed.
import { inches } from '../core/ground/length';
import { partWith } from '../core/acts';
import type { LedgerEvent } from '../core/stock/ledger';
import type { Face, Kit, Lot, Photo } from '../core/stock/things';
import { commitAct, undoAct } from '../web/data/actStore';
import { StockDb } from '../web/data/stockDb';

export interface Year {
  readonly kits: readonly Kit[];
  readonly lots: readonly Lot[];
  readonly faces: readonly Face[];
  readonly events: readonly LedgerEvent[];
  /** Which piece each act gives away; all but the last `timed` are only done. */
  readonly given: readonly string[];
  readonly timed: number;
  readonly photos: number;
  readonly pictureBytes: number;
}

const DAY = '2026-11-02';

/** Times in milliseconds of acts with their undo, and bytes: of the pictures alone, and of the whole database. */
export async function measureYear(year: Year) {
  const db = new StockDb('bench-of-a-year');
  await db.open();
  for (const name of ['kits', 'lots', 'faces'] as const) await db.table(name).bulkAdd([...year[name]]);
  await db.events.bulkAdd([...year.events]);
  for (let n = 0; n < year.photos; n++) {
    const bytes = new ArrayBuffer(year.pictureBytes);
    for (let at = 0; at < year.pictureBytes; at += 65_536)
      crypto.getRandomValues(new Uint8Array(bytes, at, Math.min(65_536, year.pictureBytes - at)));
    await db.images.add({ id: `i${n}`, type: 'image/jpeg', bytes });
    await db
      .table('photos')
      .add({
        id: `p${n}`,
        story: 's0',
        name: `photo ${n}`,
        image: `i${n}`,
        w: inches(6),
        h: inches(4),
        colours: [],
        added: DAY,
      } satisfies Photo);
  }
  const give = async (piece: string): Promise<void> => {
    const done = await commitAct(db, partWith({ pieces: [piece], lots: [] }, { how: 'given' }), DAY);
    if (!done.ok) throw new Error(done.error.kind);
  };
  for (const piece of year.given.slice(0, -year.timed)) await give(piece);
  const times: number[] = [];
  for (const piece of year.given.slice(-year.timed)) {
    const start = performance.now();
    await give(piece);
    await undoAct(db, DAY);
    times.push(performance.now() - start);
  }
  times.sort((a, b) => a - b);
  return {
    acts: await db.acts.count(),
    medianMs: times[Math.floor(times.length / 2)],
    mostMs: times.at(-1),
    pictureBytes: year.photos * year.pictureBytes,
    databaseBytes: (await navigator.storage.estimate()).usage,
  };
}
