import type { Change } from '../../core/making';
import type { Face, Photo } from '../../core/things';
import type { StockDb } from './stockDb';

/** Pictures that a change to a photo or a face names, before or after. */
function namedBy({ before, after }: Change): string[] {
  return [before, after].flatMap((fields) => {
    const { image, picture } = (fields ?? {}) as Partial<Photo> & Partial<Pick<Face, 'picture'>>;
    return [image, picture?.image].filter((id) => id !== undefined);
  });
}

/** Takes pictures away that no record names and no undo could bring back; how many. */
export async function sweepPictures(db: StockDb): Promise<number> {
  return db.transaction('rw', [db.images, db.thumbs, db.table('photos'), db.table('faces'), db.acts], async () => {
    const named = new Set<string>();
    await db.of('photos').each(({ image }) => named.add(image));
    await db.of('faces').each(({ picture }) => picture && named.add(picture.image));
    await db.acts.each(({ changes }) => changes.flatMap(namedBy).forEach((id) => named.add(id)));
    const loose = (await db.images.toCollection().primaryKeys()).filter((id) => !named.has(id));
    await db.images.bulkDelete(loose);
    await db.thumbs.bulkDelete(loose);
    return loose.length;
  });
}
