import type { Album, AlbumPlace, Page } from '../../stock/things';

/** What lies at one place of an album. */
export interface Leaf {
  readonly place: AlbumPlace;
  /** Null: a gap, or a title page. */
  readonly page: Page | null;
}

/** The album lying open: two sides, or a spread over both. */
export interface Opening {
  readonly left: Leaf | null;
  readonly right: Leaf | null;
  /** The spread that lies over both sides; then there is nothing else. */
  readonly spread: Leaf | null;
}

/** The leaves of an album in order; pages dropped since are passed over. */
export const leavesOf = ({ places }: Album, pages: ReadonlyMap<string, Page>): Leaf[] =>
  places.flatMap((place): Leaf[] => {
    if (!('page' in place)) return [{ place, page: null }];
    const page = pages.get(place.page);
    return page ? [{ place, page }] : [];
  });

/**
 * How the album's places face each other: one after the other on the next side; a spread opens flat, so that where it
 * would begin on the right, that side stays empty before it.
 */
export function openingsOf(album: Album, pages: ReadonlyMap<string, Page>): Opening[] {
  const openings: Opening[] = [];
  let left: Leaf | null = null;
  let isRight = album.startsOn === 'right';
  const turn = (right: Leaf | null): void => {
    openings.push({ left, right, spread: null });
    left = null;
    isRight = false;
  };
  for (const leaf of leavesOf(album, pages)) {
    if (leaf.page?.format.spread) {
      if (isRight) turn(null);
      openings.push({ left: null, right: null, spread: leaf });
    } else if (isRight) turn(leaf);
    else {
      left = leaf;
      isRight = true;
    }
  }
  if (left !== null) turn(null);
  return openings;
}
