import { area, contains, overlaps, type Rect, type Size } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { nth } from '../../../ground/nth';
import type { MeasuredLayer } from '../../../stock/things';
import type { DesignPhoto, PageInput, PageLayer, PartLayer } from '../design';
import { lay } from '../lay';
import { matted } from '../layPhotos';
import { matOf, withMargin } from '../mat';
import { PLACE_CARD } from '../photoSlots';

/** A layer of paper as it lies on one page. */
export type SideLayer = Omit<MeasuredLayer, 'shape'> & Pick<PageLayer, 'shape'>;

/** A card is at least so wide and high; between it and the photo above stays a little. */
const LEAST_CARD = inches(1);
const GAP = inches(1 / 8);
/** How many ways to give photos their places are looked at. */
const MOST_WAYS = 2000;

/** What lies on a place: one photo, or two that follow each other, where both find room in it. */
interface Taken {
  readonly place: SideLayer;
  readonly photo: number;
  readonly second: Rect | null;
  readonly first: Rect;
}

const isSame = (a: Size, b: Size): boolean => a.w === b.w && a.h === b.h;

/** A photo as it lies on a place: some have no mat. */
const bareOn = (place: SideLayer, photo: DesignPhoto): DesignPhoto => (place.isBare ? { ...photo, mats: [] } : photo);

const inMiddle = (place: Rect, { w, h }: Size): Rect => ({
  x: Math.round(place.x + (place.w - w) / 2),
  y: Math.round(place.y + (place.h - h) / 2),
  w,
  h,
});

/** Two photos in one place, one above the other or side by side; null where they do not go in. */
function halves(place: Rect, a: Size, b: Size): [Rect, Rect] | null {
  const { x, y } = place;
  if (Math.max(a.w, b.w) <= place.w && a.h + b.h <= place.h) {
    const top = inMiddle({ x, y, w: place.w, h: a.h }, a);
    return [top, inMiddle({ x, y: y + a.h, w: place.w, h: place.h - a.h }, b)];
  }
  if (Math.max(a.h, b.h) <= place.h && a.w + b.w <= place.w) {
    const left = inMiddle({ x, y, w: a.w, h: place.h }, a);
    return [left, inMiddle({ x: x + a.w, y, w: place.w - a.w, h: place.h }, b)];
  }
  return null;
}

/** Photos in their order on places: those of their own size first; two on one where there are more photos. */
function given(places: readonly SideLayer[], photos: readonly DesignPhoto[]): Taken[] | null {
  let ways = 0;
  const give = (from: number, left: readonly SideLayer[]): Taken[] | null => {
    const photo = photos[from];
    if (!photo) return [];
    if (left.length === 0 || ways++ > MOST_WAYS) return null;
    const next = photos[from + 1];
    const exact = [...left].sort((a, b) => Number(isSame(b, photo)) - Number(isSame(a, photo)));
    const isCrowded = photos.length - from > left.length;
    for (const place of exact) {
      const others = left.filter((one) => one !== place);
      const pair = isCrowded && next ? halves(place, photo, next) : null;
      const rest = pair ? give(from + 2, others) : null;
      if (pair && rest) return [{ place, photo: from, first: pair[0], second: pair[1] }, ...rest];
    }
    for (const place of exact) {
      const rest = give(
        from + 1,
        left.filter((one) => one !== place),
      );
      if (rest) return [{ place, photo: from, first: restingOn(place, photo), second: null }, ...rest];
    }
    return null;
  };
  return give(0, places);
}

const lies = ({ w, h }: Size): boolean => w > h;

/** Where a photo lies on its place: in its middle; a lying one that an upright place takes, at its head. */
const restingOn = (place: SideLayer, photo: Size): Rect =>
  isHeld(place, photo) ? { ...inMiddle(place, photo), y: place.y } : inMiddle(place, photo);

/** A lying photo on an upright place that has room for a card below it. */
const isHeld = (place: Size, photo: Size): boolean =>
  lies(photo) && !lies(place) && photo.w <= place.w && photo.h + GAP + LEAST_CARD <= place.h;

const card = (at: Rect): PartLayer => lay('card', PLACE_CARD.id, at);

/** What lies on a place, from the bottom up, and all that its mats take. */
function layersOn(
  { place, photo, first, second }: Taken,
  photos: readonly DesignPhoto[],
): { at: Rect; layers: PartLayer[] } {
  const own = bareOn(place, nth(photos, photo));
  const picture = (i: number, rect: Rect): PartLayer => ({ role: 'photo', slot: null, photo: i, turn: 0, ...rect });
  const isOnWhole = second !== null || isHeld(place, own);
  if (!isOnWhole) {
    const at = inMiddle(place, matOf(own));
    return { at, layers: matted(at, photo, own.mats) };
  }
  // One mat as large as the place asks lies under all that is on it.
  const at = inMiddle(
    place,
    withMargin(
      place,
      own.mats.reduce((sum, margin) => sum + margin, 0),
    ),
  );
  const mats = matted(at, photo, own.mats).slice(0, -1);
  if (second) return { at, layers: [...mats, picture(photo, first), picture(photo + 1, second)] };
  const below = { x: place.x, w: place.w, y: first.y + first.h + GAP, h: place.h - first.h - GAP };
  return { at, layers: [...mats, picture(photo, first), card(below)] };
}

/**
 * Photos on the places of a design, the places of their own size first. Of fewer photos than places the others become
 * cards to write on, or for a small thing; of more, two lie on one place where both find room there. Null where they do
 * not lie clear of each other.
 * @returns the layers on each place, in the order of the places
 */
export function onPlaces(places: readonly SideLayer[], page: PageInput): PartLayer[][] | null {
  const { photos } = page;
  if (places.length === 0 || photos.length === 0) return photos.length === places.length ? [] : null;
  const taken = given(places, photos);
  if (!taken) return null;
  const laid = new Map(taken.map((one) => [one.place, layersOn(one, photos)]));
  const free = places.filter((place) => !laid.has(place));
  const all = [...[...laid.values()].map(({ at }) => at), ...free];
  const whole = { x: 0, y: 0, w: page.w, h: page.h };
  if (all.some((at, i) => !contains(whole, at) || all.slice(i + 1).some((other) => overlaps(at, other)))) return null;
  return places.map((place) => laid.get(place)?.layers ?? (area(place) > 0 ? [card(place)] : []));
}
