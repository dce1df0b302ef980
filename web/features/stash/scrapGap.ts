import { area, largestRectOutside, type Rect, type Size } from '../../../core/ground/geometry';

/** Where a gap is: at a corner, in the middle of an edge, or in the middle. */
export const GAP_PLACES = [
  ['top-left', 'top left'],
  ['top', 'top'],
  ['top-right', 'top right'],
  ['left', 'left'],
  ['middle', 'middle'],
  ['right', 'right'],
  ['bottom-left', 'foot, left'],
  ['bottom', 'foot'],
  ['bottom-right', 'foot, right'],
] as const;
export type GapPlace = (typeof GAP_PLACES)[number][0];

const along = (whole: number, gap: number, isFirst: boolean, isLast: boolean): number =>
  isFirst ? 0 : isLast ? whole - gap : Math.floor((whole - gap) / 2);

/** The gap as it lies on a scrap of a size. */
export function gapAt({ w, h }: Size, gap: Size, place: GapPlace): Rect {
  return {
    x: along(w, gap.w, place.endsWith('left'), place.endsWith('right')),
    y: along(h, gap.h, place.startsWith('top'), place.startsWith('bottom')),
    ...gap,
  };
}

/** The largest whole rectangle of a scrap. */
export function largestOf({ w, h }: Size, missing: readonly Rect[]): Size {
  const whole = { x: 0, y: 0, w, h };
  if (missing.length === 0) return { w, h };
  const largest = largestRectOutside(whole, missing);
  return largest && area(largest) > 0 ? { w: largest.w, h: largest.h } : { w, h };
}
