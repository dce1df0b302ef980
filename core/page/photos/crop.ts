import type { Rect, Size } from '../../ground/geometry';
import { TICKS_PER_INCH, type Ticks } from '../../ground/length';

/**
 * The largest part of a picture in the shape of a print, evenly taken from its middle; parts of the picture, 0 to 1.
 */
export function evenCrop(dots: Size, print: Size): Rect {
  // As wide as the picture, or as high, whichever the print's shape reaches first.
  const w = Math.min(1, (dots.h * print.w) / (dots.w * print.h));
  const h = Math.min(1, (dots.w * print.h) / (dots.h * print.w));
  return { x: (1 - w) / 2, y: (1 - h) / 2, w, h };
}

const within = (value: number, from: number, to: number): number => Math.min(to, Math.max(from, value));

/** A part of a picture moved by so much of it, no further than its edges. */
export const moveCrop = (crop: Rect, dx: number, dy: number): Rect => ({
  ...crop,
  x: within(crop.x + dx, 0, 1 - crop.w),
  y: within(crop.y + dy, 0, 1 - crop.h),
});

/** The smallest part that is still worth printing, of the largest one. */
const CLOSEST = 0.2;

/**
 * A part made larger or smaller about its middle, its shape kept.
 * @param by over 1: more of the picture
 */
export function zoomCrop(crop: Rect, by: number, largest: Rect): Rect {
  const k = within((crop.w / largest.w) * by, CLOSEST, 1);
  const size = { w: largest.w * k, h: largest.h * k };
  return moveCrop({ ...size, x: crop.x + (crop.w - size.w) / 2, y: crop.y + (crop.h - size.h) / 2 }, 0, 0);
}

/** Share of the picture that a crop leaves out, 0 to 1. */
export const lostBy = (crop: Rect): number => 1 - crop.w * crop.h;

/**
 * Dots to an inch of a print; under 200 it begins to look soft. Common practice, no source. @param ticks the print's
 * width
 */
export const dotsPerInch = (dots: Size, crop: Rect, ticks: Ticks): number =>
  (dots.w * crop.w) / (ticks / TICKS_PER_INCH);
