import { largestRectOutside } from './compress';
import type { Rect, Size } from './rect';

const holdsLeast = ({ w, h }: Size, least: Size): boolean =>
  (w >= least.w && h >= least.h) || (w >= least.h && h >= least.w);

/**
 * What is whole around taken areas, as rectangles: the largest first, each in what the larger ones left, as long as
 * they are at least so large, either way round.
 */
export function restAround(whole: Size, taken: readonly Rect[], least: Size): Rect[] {
  const rest: Rect[] = [];
  for (;;) {
    const next = largestRectOutside({ x: 0, y: 0, ...whole }, [...taken, ...rest]);
    if (!next || !holdsLeast(next, least)) return rest;
    rest.push(next);
  }
}
