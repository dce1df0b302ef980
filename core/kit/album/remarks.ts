import type { Album, Page } from '../../stock/things';
import { pushed, swapped } from './arrange';
import { openingsOf, type Leaf, type Opening } from './openings';

/** What would be better in an album, and what would mend it. */
export type AlbumRemark =
  /** A side stays empty, so that a spread opens flat; with a single page moved it would not. */
  | { readonly kind: 'empty-side'; readonly before: Page; readonly moves: Page; readonly album: Album }
  /** Pages of many photos face each other, elsewhere pages of one; with two exchanged, one lies beside many twice. */
  | { readonly kind: 'pair'; readonly many: Page; readonly one: Page; readonly album: Album };

/** A page of one photo sits well beside one of many; common practice, no source for the numbers. */
const MANY = 4;
type Fullness = 'one' | 'many' | 'some';
const fullnessOf = ({ page }: Leaf): Fullness => {
  const photos = page?.photos.length ?? 0;
  return photos === 1 ? 'one' : photos >= MANY ? 'many' : 'some';
};

const isEmptyBefore = (openings: readonly Opening[], i: number): boolean =>
  openings[i]?.spread !== null && openings[i - 1]?.spread === null && openings[i - 1]?.right === null && i > 0;
const empties = (openings: readonly Opening[]): number => openings.filter((_, i) => isEmptyBefore(openings, i)).length;

/** The nearest single page that, moved over the spread beside it, leaves fewer sides empty. */
function filledSide(
  album: Album,
  openings: readonly Opening[],
  i: number,
  pages: ReadonlyMap<string, Page>,
): AlbumRemark[] {
  const spread = openings[i]?.spread;
  if (!spread?.page) return [];
  const at = album.places.indexOf(spread.place);
  const before = empties(openings);
  // The spread one place earlier or later is the single page beside it moved over it.
  for (const by of [1, -1] as const) {
    const neighbour = album.places[at + by];
    const single = neighbour && 'page' in neighbour ? pages.get(neighbour.page) : undefined;
    if (!single || single.format.spread) continue;
    const now = pushed(album, spread.place.id, by);
    if (empties(openingsOf(now, pages)) < before)
      return [{ kind: 'empty-side', before: spread.page, moves: single, album: now }];
  }
  return [];
}

const facing = ({ left, right }: Opening): readonly [Leaf, Leaf] | null =>
  left?.page && right?.page ? [left, right] : null;

/** The first two openings of which one has pages of many photos, the other of one: a page of each is exchanged. */
function betterPairs(album: Album, openings: readonly Opening[]): AlbumRemark[] {
  const both = (fullness: Fullness): readonly [Leaf, Leaf] | undefined =>
    openings.flatMap((opening) => {
      const pair = facing(opening);
      return pair?.every((leaf) => fullnessOf(leaf) === fullness) ? [pair] : [];
    })[0];
  const [many, one] = [both('many'), both('one')];
  if (!many?.[1].page || !one?.[1].page) return [];
  return [
    { kind: 'pair', many: many[1].page, one: one[1].page, album: swapped(album, many[1].place.id, one[1].place.id) },
  ];
}

/** What would be better in an album's order, each with the album as it then is. */
export function albumRemarks(album: Album, pages: ReadonlyMap<string, Page>): AlbumRemark[] {
  const openings = openingsOf(album, pages);
  return [
    ...openings.flatMap((_, i) => (isEmptyBefore(openings, i) ? filledSide(album, openings, i, pages) : [])),
    ...betterPairs(album, openings),
  ];
}
