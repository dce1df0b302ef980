import type { Result } from '../../../core/ground/result';
import { TABLES } from '../../../core/stock/bench';
import type { StockDb, StoredEvent } from '../stockDb';
import type { FileError } from './fileError';
import type { BenchFile } from './contents';
import type { CheckedFile } from './readZip';
import type { Going } from './writeZip';
import { whileReading } from './whileReading';

/** Puts checked contents in place of everything, with the pictures that have come in; undo starts anew. */
async function replace(db: StockDb, file: BenchFile, pictures: ReadonlySet<string>): Promise<void> {
  const own = TABLES.map((name) => db.table(name));
  await db.transaction('rw', [...own, db.events, db.acts, db.meta, db.images, db.incoming, db.thumbs], async () => {
    for (const table of [...own, db.events, db.acts, db.images, db.thumbs]) await table.clear();
    for (const name of TABLES) await db.table(name).bulkAdd(file[name]);
    await db.events.bulkAdd(file.events as StoredEvent[]);
    for (const id of await db.incoming.toCollection().primaryKeys()) {
      const image = await db.incoming.get(id);
      if (image) await db.images.add(image);
    }
    for (const id of pictures) if (!(await db.images.get(id))) throw new Error(`the picture ${id} is gone`);
    await db.incoming.clear();
    await db.meta.put({ key: 'generation', value: ((await db.meta.get('generation'))?.value ?? 0) + 1 });
    await db.meta.put({ key: 'setUp', value: 1 });
  });
}

/**
 * Puts a checked file in place of everything. Its pictures come in one by one and are checked before anything of hers
 * is touched; the exchange itself is one transaction.
 */
export async function putInPlace(
  db: StockDb,
  { file, eachPicture }: CheckedFile,
  going: Going = {},
): Promise<Result<null, FileError>> {
  return whileReading(async () => {
    await db.incoming.clear();
    const pictures = new Set<string>();
    const come = await eachPicture(async (picture) => {
      await db.incoming.put(picture);
      pictures.add(picture.id);
    }, going);
    if (come.ok) await replace(db, file, pictures);
    else await db.incoming.clear();
    return come;
  });
}
