import type { Page, PagePhoto } from '../../stock/things';
import { decided, put, refuse, type Deciding } from '../act';
import { changePage } from './pages';
import { changePhoto } from '../stash/records';

/**
 * Puts a photo in a place of a page, which is then as large as its print.
 * @param isPrintedTo it is printed as large as the place was kept; not for one that is printed already
 */
export const fillPlace =
  (id: string, at: number, photo: string, isPrintedTo: boolean): Deciding =>
  (bench, now) => {
    const [page, taken] = [bench.pages.get(id), bench.photos.get(photo)];
    const place = page?.photos[at];
    if (!page || !taken || !place) return refuse('gone');
    const print = isPrintedTo && !taken.isPrinted ? { w: place.w, h: place.h } : { w: taken.w, h: taken.h };
    const isOther = print.w !== taken.w || print.h !== taken.h;
    const printed = isOther ? changePhoto(photo, ({ crop: _, ...own }) => ({ ...own, ...print }))(bench, now) : null;
    if (printed && !printed.ok) return printed;
    const photos = (was: Page) => ({
      photos: was.photos.map((one, i) => (i === at ? { ...one, photo, ...print } : one)),
    });
    const placed = changePage(id, photos, `Took ${taken.name}`)(bench, now);
    if (!placed.ok) return placed;
    return decided(placed.value.did.kind, placed.value.did.name, {
      count: placed.value.did.count,
      events: [...(printed?.value.events ?? []), ...placed.value.events],
      records: [...(printed?.value.records ?? []), ...placed.value.records],
    });
  };

/** A photo changes places with the one before it. */
export const earlier = (id: string, at: number): Deciding =>
  changePage(
    id,
    ({ photos }) => {
      const [before, one] = [photos[at - 1], photos[at]];
      return before && one ? { photos: photos.with(at - 1, one).with(at, before) } : {};
    },
    'Changed the order of the photos',
  );

/**
 * Photos of a page printed, or trimmed, to other sizes: what of each picture is on its print is evenly taken from its
 * middle again.
 */
export const printTo =
  (id: string, photos: readonly PagePhoto[]): Deciding =>
  (bench, now) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const placed = changePage(id, { photos }, 'Made photos smaller')(bench, now);
    if (!placed.ok) return placed;
    const prints = photos.flatMap(({ photo, w, h }) => {
      const own = photo === null ? undefined : bench.photos.get(photo);
      if (!own || (own.w === w && own.h === h)) return [];
      const { crop: _, ...kept } = own;
      return [put('photos', { ...kept, w, h })];
    });
    const { did, events, records } = placed.value;
    return decided(did.kind, did.name, { count: did.count, events, records: [...records, ...prints] });
  };
