import type { Trimmer } from '../../../trimmer/cutting';
import { area, splitRect } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { holesIn } from './holesIn';
import { missingOn } from './papersOf';
import type { Made, Paper, Punched, Shape } from './types';

/** Trimmers are set to eighths. */
const STEP = inches(1 / 8);
/** So many shapes are worth a cut of their own, and so much of the paper must stay whole: a part, and a measure. */
const LEAST_SHAPES = 3;
const LEAST_KEPT = 1 / 3;
const LEAST_REST = inches(2);
const MOST_ROWS = 6;

/** How high a strip is for so many rows of the largest, one below the other or staggered. */
function heights(shapes: readonly Shape[]): number[] {
  const large = Math.max(...shapes.map(({ punch }) => punch.size));
  const rows = Array.from({ length: MOST_ROWS }, (_, i) => [large * (i + 1), large * (1 + (i * Math.sqrt(3)) / 2)]);
  return rows
    .flat()
    .map((high) => Math.ceil(high / STEP) * STEP)
    .sort((a, b) => a - b);
}

/**
 * The smallest strip of a paper that takes all shapes which are to be punched from it: cut off first, the rest stays
 * whole. Null where no strip does, or too little would be left.
 */
export function cutOff(paper: Paper, found: readonly Made[], { longestCut, kerf }: Trimmer): Punched | null {
  if (found.length < LEAST_SHAPES) return null;
  const { scrap, place, part } = paper;
  const shapes = found.map(({ shape }) => shape);
  let best: Punched | null = null;
  for (const axis of ['y', 'x'] as const) {
    const [long, across] = axis === 'y' ? [place.h, place.w] : [place.w, place.h];
    if (longestCut !== null && across > longestCut) continue;
    for (const high of heights(shapes)) {
      if (long - high < Math.max(LEAST_REST, long * LEAST_KEPT)) break;
      const [strip, rest] = splitRect(place, axis, high, kerf);
      if (best && area(strip) >= area(best.paper.place)) break;
      const missing = missingOn(scrap.missing, { x: 0, y: 0, w: strip.w, h: strip.h });
      const own = { ...scrap, w: strip.w, h: strip.h, missing };
      const made = holesIn(own, shapes);
      if (made.length < shapes.length) continue;
      const [name, kept] = [`${part}-strip`, `${part}-kept`];
      best = {
        paper: { ...paper, part: name, place: strip, scrap: own },
        made,
        strip: {
          cut: { part, axis, at: high, ...(kerf > 0 ? { lost: kerf } : {}), gives: [name, kept] },
          rest: { part: kept, ...rest },
        },
      };
      break;
    }
  }
  return best;
}
