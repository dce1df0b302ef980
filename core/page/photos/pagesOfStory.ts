import type { Ticks } from '../../ground/length';
import { area } from '../../ground/geometry';
import { designOf, layOut, withMargin } from '../design';
import type { PageFormat, PagePhoto, Photo } from '../../stock/things';
import { nth } from '../../ground/nth';
import { known } from '../../ground/known';

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
/** So many photos a page, at the most. */
const MOST = 12;
/** Designs by how many photos they suit, tried in order. */
const SUITS: readonly (readonly [most: number, designs: readonly string[]])[] = [
  [1, ['framed-ground', 'wreath', 'box-stack', 'banners']],
  [2, ['l-shape', 'strip-bands', 'half-circles', 'photo-block']],
  [4, ['photo-block', 'strip-bands', 'circles', 'framed-ground']],
  [Infinity, ['photo-block', 'bordered-rows', 'framed-ground']],
];

/** Whether a design takes photos, each on a place of its own. */
function isEachOnItsPlace(id: string, photos: readonly PagePhoto[], format: PageFormat, mat: Ticks): boolean {
  const design = designOf(id);
  const most = (design?.mostPhotos ?? 0) * (format.spread ? 2 : 1);
  return design !== null && photos.length <= most && layOut(design, { format, photos, mat }).ok;
}

/**
 * The first design that suits so many photos and takes these. @param turn begins with another of them, so that pages
 * differ
 */
function designFor(photos: readonly PagePhoto[], format: PageFormat, mat: Ticks, turn: number): string | null {
  const [, designs] = known(SUITS, ([most]) => photos.length <= most);
  return (
    designs
      .map((_, i) => nth(designs, (i + turn) % designs.length))
      .find((id) => isEachOnItsPlace(id, photos, format, mat)) ?? null
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

/**
 * Of a page with one photo beside one with many, the large one stands alone, if all of them were taken at one time as
 * far as is known: else they stay in their order.
 */
function deal(photos: readonly Photo[], shares: readonly number[]): Photo[][] {
  const left = [...photos];
  return shares.map((n, i) => {
    if (n !== 1) return left.splice(0, n);
    const next = left.slice(0, Math.max(1, 1 + (shares[i + 1] ?? 0)));
    const reach = next.filter(({ taken }) => taken === next[0]?.taken);
    const largest = reach.reduce((a, b) => (area(b) > area(a) ? b : a));
    return left.splice(left.indexOf(largest), 1);
  });
}

/** A page's share of the photos, with the design that takes them. */
interface Filled {
  readonly places: readonly PagePhoto[];
  readonly design: string;
}

/**
 * Photos in their order on so many pages, as even as can be; null where fewer or more pages are needed. Found exactly:
 * for each number of photos and pages the best of all ways to fill the last page.
 */
function evenly(photos: number, pages: number, fits: (from: number, to: number) => boolean): number[] | null {
  interface Best {
    readonly cost: number;
    readonly from: number;
  }
  let before: (Best | null)[] = [{ cost: 0, from: 0 }, ...Array<null>(photos).fill(null)];
  const rounds: (Best | null)[][] = [];
  for (let page = 0; page < pages; page++) {
    const now = Array.from({ length: photos + 1 }, (_, to): Best | null => {
      let best: Best | null = null;
      for (let from = Math.max(0, to - MOST); from < to; from++) {
        const cost = (before[from]?.cost ?? Infinity) + (to - from) ** 2;
        if (cost < (best?.cost ?? Infinity) && fits(from, to)) best = { cost, from };
      }
      return best;
    });
    rounds.push(now);
    before = now;
  }
  const shares: number[] = [];
  let to = photos;
  for (const round of rounds.reverse()) {
    const best = round[to];
    if (!best) return null;
    shares.unshift(to - best.from);
    to = best.from;
  }
  return shares;
}

/** The day and time first; those of one moment, or of none, as a camera numbers them. */
const asTaken = (a: Photo, b: Photo): number =>
  (a.taken ?? '').localeCompare(b.taken ?? '') || a.name.localeCompare(b.name, 'en', { numeric: true });

/**
 * Pages for a story's photos in the order they were taken: as many as are wanted, or as the photos' sizes ask for; one
 * photo beside many, an opening page for a long story; each in a design that takes its photos. Where their order does
 * not go so on as few pages as are wanted, it is found how it does.
 * @param wanted pages; null: it is proposed
 */
export function pagesOfStory(
  photos: readonly Photo[],
  format: PageFormat,
  mat: Ticks,
  wanted: number | null,
): StoryPages {
  const inOrder = [...photos].sort(asTaken);
  const fits = inOrder.filter((photo) => designFor([toPlace(photo)], format, mat, 0) !== null);
  const left = inOrder.filter((photo) => !fits.includes(photo));
  const room = area(format) * (format.spread ? 2 : 1) * FULL;
  const asked = Math.ceil(fits.reduce((sum, photo) => sum + area(withMargin(photo, mat)), 0) / room);
  const least = wanted ?? Math.max(asked, fits.length >= LONG ? 3 : 1);
  const known = new Map<string, string | null>();
  const designOfRun = (from: number, to: number): string | null => {
    const places = fits.slice(from, to).map(toPlace);
    const key = places.map(({ w, h }) => `${w} ${h}`).join();
    const before = known.get(key);
    if (before !== undefined) return before;
    const design = designFor(places, format, mat, 0);
    known.set(key, design);
    return design;
  };
  const filled = (runs: readonly (readonly Photo[])[]): Filled[] | null => {
    const pages = runs.flatMap((own, i): Filled[] => {
      const places = own.map(toPlace);
      const design = designFor(places, format, mat, i);
      return design === null ? [] : [{ places, design }];
    });
    return pages.length === runs.length ? pages : null;
  };
  const inRuns = (pages: number): Filled[] | null => {
    const shares = evenly(fits.length, pages, (from, to) => designOfRun(from, to) !== null);
    const rest = [...fits];
    return shares && filled(shares.map((n) => rest.splice(0, n)));
  };
  // Where a page cannot take its share, one page more; a photo a page always can.
  for (let n = Math.min(least, fits.length); n > 0 && n <= fits.length; n++) {
    const pages = filled(deal(fits, counts(fits.length, n))) ?? inRuns(n);
    if (pages) return { pages: pages.map(({ places, design }) => ({ photos: places, design, format })), left };
  }
  return { pages: [], left };
}
