import { spotFor } from '../../ground/geometry';
import type { Hole, Punch } from '../../stock/things';
import { NEAR } from './hole';
import { holeBox } from './holeRects';
import type { Scrap } from './types';

/**
 * Where to punch tags: each nearest to the head left corner, all as they hang, all turned a quarter where the design may
 * be turned, whichever are more; beside them, what finds room lying the other way.
 */
export function tagSpots(
  scrap: Scrap,
  { size, height = size, reach }: Punch,
  earlier: readonly Hole[],
  enough: number,
): Hole[] {
  const lies = (['upright', 'across'] as const).filter((lie) => lie === 'upright' || !scrap.upright);
  const gone = [...scrap.missing, ...earlier.map((hole) => holeBox(hole, scrap))];
  const isReached = (x: number, y: number, w: number, h: number): boolean =>
    reach === null || Math.min(x + w, scrap.w - x, y + h, scrap.h - y) <= reach + NEAR;
  const fill = (order: readonly ('upright' | 'across')[]): Hole[] => {
    const holes: Hole[] = [];
    const taken = [...gone];
    for (const lie of order) {
      const [w, h] = lie === 'upright' ? [size, height] : [height, size];
      for (;;) {
        const at = holes.length < enough ? spotFor(scrap, taken, { w, h }) : null;
        if (!at) break;
        taken.push({ ...at, w, h });
        if (isReached(at.x, at.y, w, h)) holes.push({ x: at.x + w / 2, y: at.y + h / 2, size, height, lie });
      }
    }
    return holes;
  };
  return lies
    .map((_, i) => fill([...lies.slice(i), ...lies.slice(0, i)]))
    .reduce((best, holes) => (holes.length > best.length ? holes : best));
}
