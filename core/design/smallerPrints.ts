import { area, type Size } from '../geometry';
import { inches } from '../length';
import type { PagePhoto } from '../things';

/** Sizes that photos are printed or trimmed to, short side first, inches. Common practice, no source. */
const PRINTS = [
  [5, 7],
  [4, 6],
  [3.5, 5],
  [4, 4],
  [3, 4],
  [3, 3],
  [2, 3],
  [2, 2],
] as const;

/** A photo in the largest usual print that is smaller than it in `step` sizes, standing or lying as it does. */
function printed(photo: PagePhoto, step: number): PagePhoto | null {
  const turned = ([short, long]: readonly [number, number]): Size =>
    photo.w > photo.h ? { w: inches(long), h: inches(short) } : { w: inches(short), h: inches(long) };
  const smaller = PRINTS.map(turned).filter(
    (size) => size.w <= photo.w && size.h <= photo.h && area(size) < area(photo),
  );
  const size = smaller[step];
  return size ? { ...photo, ...size } : null;
}

/**
 * A page's photos with some of them smaller, those that lose least first: one of them, then two, the last ones before
 * the first; each in the next smaller print, then the one after it.
 */
export function smallerPrints(photos: readonly PagePhoto[]): (readonly PagePhoto[])[] {
  const ways: (readonly PagePhoto[])[] = [];
  for (let many = 1; many <= photos.length; many++)
    for (let step = 0; step < PRINTS.length; step++)
      for (let from = photos.length - many; from >= 0; from--) {
        const some = photos.map((photo, i) => (i >= from && i < from + many ? printed(photo, step) : photo));
        if (some.every((photo) => photo !== null)) ways.push(some);
      }
  return ways;
}
