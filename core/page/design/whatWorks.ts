import { inches, type Ticks } from '../../ground/length';
import type { Page, PagePhoto } from '../../stock/things';
import type { DesignError } from './design';
import { DESIGNS } from './designs';
import { smallerPrints } from './smallerPrints';
import { designOfPage, pageLayout, type LaidPage } from './pageLayout';

/** Something near to a page that cannot be laid out, and that can: what it is, and what changes of the page. */
export interface Working {
  readonly kind:
    | 'narrower-mats'
    | 'no-mats'
    | 'smaller-place'
    | 'smaller-prints'
    | 'option'
    | 'overlap'
    | 'design'
    | 'spread'
    | 'larger'
    | 'fewer';
  /** Of an option or a design, what it is called; else empty. Of mats their margin, ticks; of a photo its place. */
  readonly name: string;
  readonly measure: number | null;
  readonly change: Partial<Page>;
}

/** Margins that people cut mats with. Common practice, no source. */
const MARGINS = [inches(1 / 4), inches(1 / 8), inches(1 / 16)];
const LARGE = { w: inches(12), h: inches(12) };

const withMats = (page: LaidPage, mat: Ticks): Partial<Page> => ({
  mat,
  photos: page.photos.map(({ mats, ...photo }) => (mats?.length === 0 ? { ...photo, mats } : photo)),
});

/**
 * A place kept, made as much smaller as what there is for it asks, in whole eighths of an inch; null where it is a
 * photo.
 */
function smallerPlace({ photos }: LaidPage, { photo, needs, room }: DesignError): readonly PagePhoto[] | null {
  const place = photos[photo ?? -1];
  if (!place || place.photo !== null || !needs || !room) return null;
  // Its mats stay as wide as they are.
  const [mats, high] = [needs.w - place.w, needs.h - place.h];
  const by = Math.min((room.w - mats) / place.w, (room.h - high) / place.h);
  const [w, h] = [place.w, place.h].map((side) => Math.floor((side * by) / inches(1 / 8)) * inches(1 / 8));
  return w && h && w > 0 && h > 0 ? photos.with(photo ?? 0, { ...place, w, h }) : null;
}

/** All that could be changed, what is least of it first. */
function changesOf(page: LaidPage, error: DesignError): Working[] {
  const { photo } = error;
  const smaller = smallerPlace(page, error);
  const widest = Math.max(page.mat, ...page.photos.flatMap(({ mats = [] }) => mats));
  const one = (kind: Working['kind'], change: Partial<Page>, name = '', measure: number | null = null): Working => ({
    kind,
    name,
    measure,
    change,
  });
  const { options } = designOfPage(page);
  const { format, photos } = page;
  const left = photo ?? photos.length - 1;
  return [
    ...MARGINS.filter((margin) => margin < widest).map((mat) => one('narrower-mats', withMats(page, mat), '', mat)),
    one('no-mats', { mat: 0, photos: photos.map((own) => ({ ...own, mats: [] })) }),
    ...(smaller ? [one('smaller-place', { photos: smaller }, '', photo)] : []),
    ...options.flatMap(({ id, choices }) =>
      choices.map(([choice, name]) => one('option', { options: { ...page.options, [id]: choice } }, name)),
    ),
    ...smallerPrints(photos).map((some) => one('smaller-prints', { photos: some })),
    ...(photos.length > 1 ? [one('overlap', { mayOverlap: true })] : []),
    ...DESIGNS.filter(({ id }) => id !== page.design).map(({ id, name }) =>
      one('design', { design: id, own: undefined, options: {}, sizes: {}, moves: {}, apart: [], without: [] }, name),
    ),
    ...(format.spread ? [] : [one('spread', { format: { ...format, spread: true } })]),
    ...(format.w < LARGE.w || format.h < LARGE.h ? [one('larger', { format: { ...format, ...LARGE } })] : []),
    ...(left >= 0 ? [one('fewer', { photos: photos.filter((_, i) => i !== left) }, '', left)] : []),
  ];
}

/** What would work where a page's photos cannot be laid out as they are: the nearest of each kind, least first. */
export function whatWorks(page: LaidPage, error: DesignError): Working[] {
  const kinds = new Set<Working['kind']>();
  return changesOf(page, error).filter(({ kind, change }) => {
    if (kinds.has(kind) || !pageLayout({ ...page, ...change }).ok) return false;
    kinds.add(kind);
    return true;
  });
}
