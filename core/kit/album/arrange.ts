import type { Album, AlbumPlace, Page } from '../../stock/things';

/** The album with one of its places before another; @param before null: at its end */
export function moved(album: Album, id: string, before: string | null): Album {
  const place = album.places.find((one) => one.id === id);
  if (!place || id === before) return album;
  const others = album.places.filter((one) => one.id !== id);
  const at = before === null ? others.length : others.findIndex((one) => one.id === before);
  return at < 0 ? album : { ...album, places: [...others.slice(0, at), place, ...others.slice(at)] };
}

/** One place earlier or later. */
export function pushed(album: Album, id: string, by: -1 | 1): Album {
  const at = album.places.findIndex((one) => one.id === id);
  const to = at + by;
  if (at < 0 || to < 0 || to >= album.places.length) return album;
  const places = [...album.places];
  const [place] = places.splice(at, 1);
  if (place) places.splice(to, 0, place);
  return { ...album, places };
}

/** Two places exchanged. */
export function swapped(album: Album, one: string, other: string): Album {
  const [a, b] = [one, other].map((id) => album.places.find((place) => place.id === id));
  if (!a || !b) return album;
  return { ...album, places: album.places.map((place) => (place === a ? b : place === b ? a : place)) };
}

/** By what the pages of an album are put in order. */
export interface OrderKeys {
  /** A page's, text that sorts; pages without any come last. */
  readonly day: (page: Page) => string;
  readonly kit: (page: Page) => string;
  readonly story: (page: Page) => string;
}

/**
 * The pages in order of their days, kits or stories, of one kit or story by their days. A title page or gap stays
 * before the page that it was before.
 */
export function ordered(album: Album, by: keyof OrderKeys, keys: OrderKeys, pages: ReadonlyMap<string, Page>): Album {
  const groups: { readonly places: AlbumPlace[]; readonly page: Page | null }[] = [];
  let waiting: AlbumPlace[] = [];
  for (const place of album.places) {
    waiting.push(place);
    if (!('page' in place)) continue;
    groups.push({ places: waiting, page: pages.get(place.page) ?? null });
    waiting = [];
  }
  const key = ({ page }: (typeof groups)[number], of: keyof OrderKeys): string => (page && keys[of](page)) || '\uffff';
  const sorted = [...groups].sort(
    (a, b) => key(a, by).localeCompare(key(b, by)) || key(a, 'day').localeCompare(key(b, 'day')),
  );
  return { ...album, places: [...sorted.flatMap(({ places }) => places), ...waiting] };
}
