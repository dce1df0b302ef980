import type { Ledger, PieceState } from '../../stock/ledger';
import type { Album, Lot, Page, Photo, Story } from '../../stock/things';
import { leavesOf } from './openings';

/** A story of an album of which more is to come, and what is left of the papers its pages have. */
export interface Companions {
  readonly story: Story;
  /** Photos of it on no page. */
  readonly waiting: number;
  /** The page in the album whose papers they are. */
  readonly page: Page;
  readonly papers: readonly { readonly lot: Lot; readonly pieces: readonly PieceState[] }[];
}

export interface Shelf {
  readonly pages: ReadonlyMap<string, Page>;
  readonly photos: ReadonlyMap<string, Photo>;
  readonly stories: ReadonlyMap<string, Story>;
  readonly lots: ReadonlyMap<string, Lot>;
  readonly ledger: Ledger;
}

/** What is here of the papers of a page, by lot. */
function papersLeft({ papers }: Page, { lots, ledger }: Shelf): Companions['papers'] {
  const faces = new Set(Object.values(papers));
  const pieces = [...ledger.pieces.values()].filter(({ where }) => where === 'here');
  return [...lots.values()].flatMap((lot) => {
    if (!faces.has(lot.front ?? '') && !faces.has(lot.back ?? '')) return [];
    const own = pieces.filter((piece) => piece.lot === lot.id);
    return own.length === 0 ? [] : [{ lot, pieces: own }];
  });
}

/**
 * Stories of an album with photos that wait still: pages of one outing made at different times want the same papers, so
 * that what is left of them is kept back. Each story once, by its first page there; common practice, no source.
 */
export function companionsOf(album: Album, shelf: Shelf): readonly Companions[] {
  const on = new Set([...shelf.pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo)));
  const told = new Set<string>();
  return leavesOf(album, shelf.pages).flatMap(({ page }): Companions[] => {
    const story = shelf.stories.get(shelf.photos.get(page?.photos[0]?.photo ?? '')?.story ?? '');
    if (!page || !story || told.has(story.id)) return [];
    told.add(story.id);
    const waiting = [...shelf.photos.values()].filter((photo) => photo.story === story.id && !on.has(photo.id)).length;
    const papers = papersLeft(page, shelf);
    return waiting === 0 || papers.length === 0 ? [] : [{ story, waiting, page, papers }];
  });
}
