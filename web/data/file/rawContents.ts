import type { LedgerEvent } from '../../../core/stock/ledger';
import { err, ok } from '../../../core/ground/result';
import { TABLES } from '../../../core/stock/bench';
import type { StockDb } from '../stockDb';
import { EMPTY_FILE, type Contents, type PictureEntry } from './contents';
import { putInPlace } from './replaceBench';
import { salvage, type Salvaged } from './salvage';

/** All that is stored, as it is, unchecked. */
export async function rawContents(db: StockDb): Promise<Contents> {
  const tables = await Promise.all(TABLES.map(async (name) => [name, await db.table(name).toArray()] as const));
  const events = (await db.events.orderBy('seq').toArray()).map(({ seq: _, ...event }) => event as LedgerEvent);
  return { ...(Object.fromEntries(tables) as unknown as Contents), events };
}

/** What of the stored bench holds: the last whole state, and what would be left out. Nothing is written. */
export async function lastWholeState(db: StockDb): Promise<Salvaged | null> {
  const pictures: PictureEntry[] = [];
  await db.images.each(({ id, type }) => pictures.push({ id, type, data: '' }));
  return salvage({ ...EMPTY_FILE, ...(await rawContents(db)), pictures });
}

/** Puts the last whole state in place of what is stored; the pictures stay. */
export async function goBackTo(db: StockDb, { file }: Salvaged): Promise<void> {
  const put = await putInPlace(db, {
    file,
    eachPicture: async (take) => {
      for (const { id } of file.pictures) {
        const image = await db.images.get(id);
        if (!image) return err({ kind: 'damaged', at: '/pictures', message: `the picture ${id} is gone` });
        await take(image);
      }
      return ok(null);
    },
  });
  if (!put.ok) throw new Error(put.error.message);
}
