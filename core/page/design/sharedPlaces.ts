import { area, type Rect, type Size } from '../../ground/geometry';
import { nth } from '../../ground/nth';
import { err, ok, type Result } from '../../ground/result';
import type { Design, DesignError, DesignPhoto, PageInput, PageParts, PartLayer } from './design';

/** One photo on a place, or two that follow each other, touching, on one mat. `first` counts within the page. */
interface OnPlace extends DesignPhoto {
  readonly first: number;
  readonly pair: readonly [Size, Size] | null;
}

/** So many ways to pair photos are tried. */
const MOST_WAYS = 12;

const alone = (photo: DesignPhoto, first: number): OnPlace => ({ ...photo, first, pair: null });

/** Two photos as one, side by side or one above the other: as less is empty beside them, or the other way. */
function together(a: DesignPhoto, b: DesignPhoto, first: number, isOther: boolean): OnPlace {
  const beside = { w: a.w + b.w, h: Math.max(a.h, b.h) };
  const above = { w: Math.max(a.w, b.w), h: a.h + b.h };
  const waste = (block: Size): number => area(block) - area(a) - area(b);
  const isBetter = waste(beside) - waste(above) || Math.max(beside.w, beside.h) - Math.max(above.w, above.h);
  const isBeside = isBetter <= 0 !== isOther;
  return { ...(isBeside ? beside : above), mats: a.mats, first, pair: [a, b] };
}

/** Two photos that can lie on one mat: neither has other mats than the other, which would be left out without a word. */
const areMattedAlike = ({ mats: a }: DesignPhoto, { mats: b }: DesignPhoto): boolean =>
  a.length === b.length && a.every((margin, i) => margin === b[i]);

/** All ways to pair so many of some photos with the next, those first whose pairs are smallest; the first photo of each. */
function pairings(photos: readonly DesignPhoto[], pairs: number): number[][] {
  const from = (at: number, left: number): number[][] => {
    if (left === 0) return [[]];
    if (at + 2 * left > photos.length) return [];
    const isPair = areMattedAlike(nth(photos, at), nth(photos, at + 1));
    return [...(isPair ? from(at + 2, left - 1).map((rest) => [at, ...rest]) : []), ...from(at + 1, left)];
  };
  const size = (way: readonly number[]): number =>
    way.reduce((sum, i) => sum + area(nth(photos, i)) + area(nth(photos, i + 1)), 0);
  return from(0, pairs)
    .sort((a, b) => size(a) - size(b))
    .slice(0, MOST_WAYS);
}

/** Where the two of a pair lie, each in the middle of its half. */
function halves(at: Rect, [a, b]: readonly [Size, Size]): readonly [Rect, Rect] {
  const isBeside = a.w + b.w === at.w;
  const middle = (room: number, length: number): number => Math.floor((room - length) / 2);
  const on = ({ w, h }: Size, along: number): Rect =>
    isBeside
      ? { x: at.x + along, y: at.y + middle(at.h, h), w, h }
      : { x: at.x + middle(at.w, w), y: at.y + along, w, h };
  return [on(a, 0), on(b, isBeside ? a.w : a.h)];
}

/** A layer with the photos themselves on each place. */
function opened(layer: PartLayer, places: readonly OnPlace[]): readonly PartLayer[] {
  if (layer.matOf !== undefined) return [{ ...layer, matOf: nth(places, layer.matOf).first }];
  if (layer.photo === null) return [layer];
  const { first, pair } = nth(places, layer.photo);
  if (!pair) return [{ ...layer, photo: first }];
  return halves(layer, pair).map((at, i) => ({ ...layer, ...at, photo: first + i }));
}

/**
 * A page of more photos than its design has places: two that follow each other share one, as two 3x4 do one of 6x4,
 * the smallest first. @returns why it cannot be, where there is no such way
 */
export function inSharedPlaces(design: Design, page: PageInput): Result<PageParts, DesignError> {
  const { photos } = page;
  const none: DesignError = { kind: 'photos-too-many', photo: null, needs: null, room: null, most: design.mostPhotos };
  for (const way of pairings(photos, photos.length - design.mostPhotos))
    for (const isOther of [false, true]) {
      const places = photos.flatMap((photo, i): OnPlace[] => {
        if (way.includes(i - 1)) return [];
        return [way.includes(i) ? together(photo, nth(photos, i + 1), i, isOther) : alone(photo, i)];
      });
      const laid = design.layOutPage({ ...page, photos: places });
      if (laid.ok) return ok({ ...laid.value, layers: laid.value.layers.flatMap((layer) => opened(layer, places)) });
    }
  return err(none);
}
