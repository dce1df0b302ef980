import { useEffect, useMemo, useState } from 'react';
import type { Rect } from '../../core/geometry';
import type { Photo } from '../../core/things';
import { db } from './acts';
import type { Image } from './bench';
import { useBench } from './benchStore';
import { shrinkPicture } from '../workers/picturesClient';

const urls = new Map<string, string>();

/** Pictures' addresses, kept for the session. */
async function urlOf(id: string): Promise<string | null> {
  const known = urls.get(id);
  if (known) return known;
  const image = await db.images.get(id);
  if (!image) return null;
  const url = URL.createObjectURL(new Blob([image.bytes], { type: image.type }));
  urls.set(id, url);
  return url;
}

/** Addresses of pictures by id, as they are loaded. */
export function useImageUrls(ids: readonly string[]): ReadonlyMap<string, string> {
  const key = ids.join('|');
  const wanted = useMemo(() => (key === '' ? [] : key.split('|')), [key]);
  const [loaded, setLoaded] = useState<ReadonlyMap<string, string>>(new Map());
  useEffect(() => {
    let isLatest = true;
    void Promise.all(wanted.map(async (id) => [id, await urlOf(id)] as const)).then((pairs) => {
      if (isLatest) setLoaded(new Map(pairs.filter((pair): pair is [string, string] => pair[1] !== null)));
    });
    return () => { isLatest = false; };
  }, [wanted]);
  return loaded;
}

const small = new Map<string, string>();

/** So many at a time: the screen stays quick meanwhile. */
const BATCH = 12;

/** The small copy that is kept, or one made now; null where there is no picture. */
async function smallCopy(id: string, kept: Image | undefined): Promise<Image | null> {
  if (kept) return kept;
  const image = await db.images.get(id);
  const bytes = image && await shrinkPicture(new Blob([image.bytes], { type: image.type }));
  if (!bytes) return null;
  const made = { id, type: 'image/jpeg', bytes };
  await db.thumbs.put(made);
  return made;
}

async function loadSmall(ids: readonly string[]): Promise<void> {
  const kept = await db.thumbs.bulkGet([...ids]);
  for (const [i, id] of ids.entries()) {
    const copy = await smallCopy(id, kept[i]);
    if (copy) small.set(id, URL.createObjectURL(new Blob([copy.bytes], { type: copy.type })));
  }
}

const idle = (): Promise<void> => new Promise((resume) => { requestIdleCallback(() => resume(), { timeout: 1000 }); });

/** Small copies of those that are wanted at once, then, whenever there is nothing else to do, of the others. @yields addresses by id */
async function* smallUrls(soon: readonly string[], later: readonly string[]): AsyncGenerator<ReadonlyMap<string, string>> {
  const unknown = soon.filter((id) => !small.has(id));
  await loadSmall(unknown);
  yield new Map(small);
  const others = later.filter((id) => !small.has(id));
  for (let at = 0; at < others.length; at += BATCH) {
    await idle();
    await loadSmall(others.slice(at, at + BATCH));
    yield new Map(small);
  }
}

/** Addresses of small copies of pictures, by id, as they are loaded: enough for papers drawn to scale. */
export function useSmallUrls(soon: readonly string[], later: readonly string[]): ReadonlyMap<string, string> {
  const [loaded, setLoaded] = useState<ReadonlyMap<string, string>>(small);
  useEffect(() => {
    let isLatest = true;
    const load = async (): Promise<void> => {
      for await (const urls of smallUrls(soon, later)) { if (!isLatest) return; setLoaded(urls); }
    };
    void load();
    return () => { isLatest = false; };
  }, [soon, later]);
  return loaded;
}

/** A photo as it is printed: its picture's address, and which part of it, in which colours. */
export interface Picture { readonly url: string; readonly crop?: Rect; readonly isGrey?: boolean }

/** The picture of a photo as it is printed; undefined while it is loaded. */
export function pictureOf(photo: Photo | undefined, urls: ReadonlyMap<string, string>): Picture | undefined {
  const url = photo && urls.get(photo.image);
  return url === undefined ? undefined : { url, ...(photo!.crop ? { crop: photo!.crop } : {}), ...(photo!.isGrey ? { isGrey: true } : {}) };
}

/** The pictures of a page's photos, by place; undefined: a place kept, or not loaded yet. */
export function usePictures(places: readonly { readonly photo: string | null }[]): (Picture | undefined)[] {
  const photos = useBench((b) => b.photos);
  const own = useMemo(() => places.map(({ photo }) => photos.get(photo ?? '')), [places, photos]);
  const urls = useImageUrls(useMemo(() => own.map((photo) => photo?.image ?? ''), [own]));
  return useMemo(() => own.map((photo) => pictureOf(photo, urls)), [own, urls]);
}
