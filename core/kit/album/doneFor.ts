import { whenOf } from '../../ground/days';
import type { Size } from '../../ground/geometry';
import type { Album, Page } from '../../stock/things';

const isOfSize = ({ format }: Page, { w, h }: Size): boolean => format.w === w && format.h === h;

/**
 * Pages that are glued and in no album yet, the day they tell of first; those of one day as they were begun.
 * @param size only of this; null: of any
 */
export function pagesInNone(
  size: Size | null,
  { pages, albums }: { readonly pages: ReadonlyMap<string, Page>; readonly albums: ReadonlyMap<string, Album> },
): Page[] {
  const taken = new Set(
    [...albums.values()].flatMap(({ places }) => places.flatMap((place) => ('page' in place ? [place.page] : []))),
  );
  return [...pages.values()]
    .filter((page) => page.glued !== null && !taken.has(page.id) && (size === null || isOfSize(page, size)))
    .sort((a, b) => dayOf(a).localeCompare(dayOf(b)));
}

/** The day a page tells of, where that tells of a year, else the day it was done. */
export const dayOf = ({ date, finished, glued }: Page): string => whenOf(date) || (finished ?? glued ?? '');

/** The size that most pages in no album are of; null: there is none. */
export function sizeOfMost(pages: readonly Page[]): Size | null {
  const counts = new Map<string, { readonly size: Size; readonly n: number }>();
  for (const { format } of pages) {
    const key = `${format.w}x${format.h}`;
    counts.set(key, { size: { w: format.w, h: format.h }, n: (counts.get(key)?.n ?? 0) + 1 });
  }
  return (
    [...counts.values()].reduce<{ size: Size; n: number } | null>(
      (most, one) => (most === null || one.n > most.n ? one : most),
      null,
    )?.size ?? null
  );
}
