import { imagesOf, PICTURED, type Change } from '../../core/stock/bench';
import type { StockDb } from './stockDb';

/** Pictures that a change to a record names, before or after. */
const namedBy = ({ before, after }: Change): string[] =>
  [before, after].flatMap((fields) => imagesOf(fields ?? {}).map(({ image }) => image));

/** Takes pictures away that no record names and no undo could bring back; how many. */
export async function sweepPictures(db: StockDb): Promise<number> {
  const tables = PICTURED.map((name) => db.table(name));
  return db.transaction('rw', [db.images, db.thumbs, ...tables, db.acts], async () => {
    const named = new Set<string>();
    for (const name of PICTURED)
      await db.of(name).each((record) => imagesOf(record).forEach(({ image }) => named.add(image)));
    await db.acts.each(({ changes }) => changes.flatMap(namedBy).forEach((id) => named.add(id)));
    const loose = (await db.images.toCollection().primaryKeys()).filter((id) => !named.has(id));
    await db.images.bulkDelete(loose);
    await db.thumbs.bulkDelete(loose);
    return loose.length;
  });
}
