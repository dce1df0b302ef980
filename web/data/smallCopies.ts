import { useEffect } from 'react';
import { createStore, useStore } from 'zustand';
import { db } from './acts';
import type { Image } from './stockDb';
import { makeLoader } from './loader';
import { shrinkPicture } from '../workers/picturesClient';

/** Addresses of small copies of pictures, by id. */
const store = createStore<{ readonly urls: ReadonlyMap<string, string> }>()(() => ({ urls: new Map() }));

/** The small copy that is kept, or one made now; null where there is no picture. */
async function smallCopy(id: string, kept: Image | undefined): Promise<Image | null> {
  if (kept) return kept;
  const image = await db.images.get(id);
  const bytes = image && (await shrinkPicture(new Blob([image.bytes], { type: image.type })).catch(() => null));
  if (!bytes) return null;
  const made = { id, type: 'image/jpeg', bytes };
  await db.thumbs.put(made);
  return made;
}

async function load(ids: readonly string[]): Promise<void> {
  const kept = await db.thumbs.bulkGet([...ids]);
  const copies = await Promise.all(ids.map((id, i) => smallCopy(id, kept[i])));
  const made = copies.flatMap((copy) =>
    copy ? [[copy.id, URL.createObjectURL(new Blob([copy.bytes], { type: copy.type }))] as const] : [],
  );
  store.setState(({ urls }) => ({ urls: new Map([...urls, ...made]) }));
}

/** Not every browser tells when it is idle. */
const idle = (): Promise<void> =>
  new Promise((resume) => {
    if (typeof requestIdleCallback === 'function') requestIdleCallback(() => resume(), { timeout: 1000 });
    else setTimeout(resume, 200);
  });

const { soon, later } = makeLoader(load, idle);

/**
 * Addresses of small copies of pictures, by id, as they are loaded: enough for papers drawn to scale.
 * @param inSight loaded at once @param others whenever there is nothing else to do
 */
export function useSmallUrls(inSight: readonly string[], others: readonly string[]): ReadonlyMap<string, string> {
  useEffect(() => {
    void soon(inSight);
  }, [inSight]);
  useEffect(() => {
    void later(others);
  }, [others]);
  return useStore(store, ({ urls }) => urls);
}
