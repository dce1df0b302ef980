import type { Ticks } from '../../ground/length';
import { solidRects, type Rect } from '../../ground/geometry';
import type { PlanCut } from '../../stock/things';

/** How a cut is measured: from which end of the part, and how far, ticks. */
export interface Measured {
  readonly from: 'near' | 'far';
  readonly setting: Ticks;
}

/**
 * From which end a cut is measured: from the left or the head, unless of that edge more is gone than of the other. Paper
 * that is gone at an edge cannot lie against the rule.
 */
export function measuredFrom(
  part: Rect,
  missing: readonly Rect[],
  { axis, at, lost = 0 }: Pick<PlanCut, 'axis' | 'at' | 'lost'>,
): Measured {
  const edge = (from: number): number => {
    const line = axis === 'x' ? { ...part, x: part.x + from, w: 1 } : { ...part, y: part.y + from, h: 1 };
    return solidRects(line, missing).reduce((sum, { w, h }) => sum + w * h, 0);
  };
  const long = axis === 'x' ? part.w : part.h;
  return edge(0) >= edge(long - 1) ? { from: 'near', setting: at } : { from: 'far', setting: long - at - lost };
}
