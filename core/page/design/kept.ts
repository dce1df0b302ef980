import type { Rect } from '../../ground/geometry';
import type { Photo } from '../../stock/things';
import type { Layout } from './design';

const WHOLE: Rect = { x: 0, y: 0, w: 1, h: 1 };
/** Of a photo of which nothing is said, what clusters leave free: its edges may be covered. */
const INNER = 0.7;

/**
 * Where a part of the picture lies on the page, told from the print's place. What the crop leaves out lies outside the
 * print.
 */
function onPage(layer: Rect, part: Rect, crop: Rect): Rect {
  return {
    x: layer.x + ((part.x - crop.x) / crop.w) * layer.w,
    y: layer.y + ((part.y - crop.y) / crop.h) * layer.h,
    w: (part.w / crop.w) * layer.w,
    h: (part.h / crop.h) * layer.h,
  };
}

/** What must not be covered of a photo: of a place kept, and where nothing is said, all of it. */
function keptOf(layer: Rect, photo: Photo | null): Rect[] {
  const crop = photo?.crop ?? WHOLE;
  return (photo?.keep ?? [crop]).map((part) => onPage(layer, part, crop));
}

const inner = ({ x, y, w, h }: Rect): Rect => ({
  x: x + ((1 - INNER) / 2) * w,
  y: y + ((1 - INNER) / 2) * h,
  w: w * INNER,
  h: h * INNER,
});

/** What must show of a photo as it lies: what she marked, or its middle where nothing is said. */
export const mustShow = (layer: Rect, photo: Photo | null): Rect[] =>
  photo?.keep ? keptOf(layer, photo) : [inner(layer)];

/**
 * What clusters of small things leave free: of photos what must show, or their middle; the places of title and writing
 * where words stand there. @param photos by their place on the page
 */
export const keptFromClusters = (
  { layers, title, journaling }: Layout,
  photos: readonly (Photo | null)[],
  has: { readonly title: boolean; readonly journaling: boolean },
): Rect[] => [
  ...layers.flatMap((layer) => {
    if (layer.role !== 'photo' || layer.photo === null) return [];
    return mustShow(layer, photos[layer.photo] ?? null);
  }),
  ...(has.title ? [title] : []),
  ...(has.journaling ? [journaling] : []),
];
