import { area } from '../geometry';
import { designOf, layOut, withMargin } from '../design';
import type { PageFormat, PagePhoto, Photo } from '../things';

/** A page for some photos of a story, in a design that takes them. */
export interface StoryPage {
  readonly photos: readonly PagePhoto[];
  readonly design: string;
  readonly format: PageFormat;
}
export interface StoryPages {
  readonly pages: readonly StoryPage[];
  /** Photos that no page of this size takes. */ readonly left: readonly Photo[];
}

/** Mats fill no more than this of a page that looks at ease. From memory. */
const FULL = 0.6;
/** A story of so many photos opens with a page of its own. Common practice, no source. */
const LONG = 8;
/** Designs by how many photos they suit, tried in order. */
const SUITS: readonly (readonly [most: number, designs: readonly string[]])[] = [
  [1, ['framed-ground', 'wreath', 'box-stack', 'banners']],
  [2, ['l-shape', 'strip-bands', 'half-circles', 'photo-block']],
  [4, ['photo-block', 'strip-bands', 'circles', 'framed-ground']],
  [Infinity, ['photo-block', 'bordered-rows', 'framed-ground']],
];

/**
 * The first design that suits so many photos and takes these. @param turn begins with another of them, so that pages
 * differ
 */
function designFor(photos: readonly PagePhoto[], format: PageFormat, mat: number, turn: number): string | null {
  const [, designs] = SUITS.find(([most]) => photos.length <= most)!;
  return (
    designs
      .map((_, i) => designs[(i + turn) % designs.length]!)
      .find((id) => layOut(designOf(id)!, { format, photos, mat }).ok) ?? null
  );
}

const toPlace = ({ id, w, h }: Photo): PagePhoto => ({ photo: id, w, h });

/** How many photos go on each page: an opening one alone; then one beside many, where the last are enough for that. */
function counts(photos: number, pages: number): number[] {
  const n = Math.min(photos, pages);
  const opens = photos >= LONG && n > 1;
  const facing = n - (opens ? 1 : 0);
  const rest = photos - (opens ? 1 : 0);
  // Of two facing pages the left has one photo, the right an even share of what the left ones leave.
  const alone = rest >= 2 * facing ? Math.floor(facing / 2) : 0;
  const many = facing - alone;
  let [toSpread, toFill] = [rest - alone, many];
  const shares = Array.from({ length: facing }, (_, i) => {
    if (i % 2 === 0 && i / 2 < alone) return 1;
    const share = Math.ceil(toSpread / toFill);
    toSpread -= share;
    toFill -= 1;
    return share;
  });
  return opens ? [1, ...shares] : shares;
}

/** Of a page with one photo beside one with many, the large one stands alone. */
function deal(photos: readonly Photo[], shares: readonly number[]): Photo[][] {
  const left = [...photos];
  return shares.map((n, i) => {
    if (n !== 1) return left.splice(0, n);
    const reach = left.slice(0, Math.max(1, 1 + (shares[i + 1] ?? 0)));
    const largest = reach.reduce((a, b) => (area(b) > area(a) ? b : a));
    return left.splice(left.indexOf(largest), 1);
  });
}

/**
 * Pages for a story's photos in the order they were taken: as many as are wanted, or as the photos' sizes ask for; one
 * photo beside many, an opening page for a long story; each in a design that takes its photos.
 * @param wanted pages; null: it is proposed
 */
export function pagesOfStory(
  photos: readonly Photo[],
  format: PageFormat,
  mat: number,
  wanted: number | null,
): StoryPages {
  const inOrder = [...photos].sort((a, b) => (a.taken ?? '').localeCompare(b.taken ?? '') || a.id.localeCompare(b.id));
  const fits = inOrder.filter((photo) => designFor([toPlace(photo)], format, mat, 0) !== null);
  const left = inOrder.filter((photo) => !fits.includes(photo));
  const room = area(format) * (format.spread ? 2 : 1) * FULL;
  const asked = Math.ceil(fits.reduce((sum, photo) => sum + area(withMargin(photo, mat)), 0) / room);
  const least = wanted ?? Math.max(asked, fits.length >= LONG ? 3 : 1);
  // Where a page cannot take its share, one page more; a photo a page always can.
  for (let n = Math.min(least, fits.length); n > 0 && n <= fits.length; n++) {
    const dealt = deal(fits, counts(fits.length, n)).map((own, i) => {
      const places = own.map(toPlace);
      return { places, design: designFor(places, format, mat, i) };
    });
    if (dealt.every(({ design }) => design !== null))
      return { pages: dealt.map(({ places, design }) => ({ photos: places, design: design!, format })), left };
  }
  return { pages: [], left };
}
