import { useEffect, useMemo, useState } from 'react';
import type { Rect } from '../../core/ground/geometry';
import type { Photo } from '../../core/stock/things';
import { db } from './acts';
import { useBench } from './benchStore';

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
    return () => {
      isLatest = false;
    };
  }, [wanted]);
  return loaded;
}

/** A photo as it is printed: its picture's address, and which part of it, in which colours. */
export interface Picture {
  readonly url: string;
  readonly crop?: Rect;
  readonly isGrey?: boolean;
}

/** The picture of a photo as it is printed; undefined while it is loaded. */
export function pictureOf(photo: Photo | undefined, urls: ReadonlyMap<string, string>): Picture | undefined {
  const url = photo && urls.get(photo.image);
  if (!photo || url === undefined) return undefined;
  return { url, ...(photo.crop ? { crop: photo.crop } : {}), ...(photo.isGrey ? { isGrey: true } : {}) };
}

/** The pictures of a page's photos, by place; undefined: a place kept, or not loaded yet. */
export function usePictures(places: readonly { readonly photo: string | null }[]): (Picture | undefined)[] {
  const photos = useBench((b) => b.photos);
  const own = useMemo(() => places.map(({ photo }) => photos.get(photo ?? '')), [places, photos]);
  const urls = useImageUrls(useMemo(() => own.map((photo) => photo?.image ?? ''), [own]));
  return useMemo(() => own.map((photo) => pictureOf(photo, urls)), [own, urls]);
}
