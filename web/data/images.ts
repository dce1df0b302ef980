import { useEffect, useMemo, useState } from 'react';
import { db } from './acts';

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
