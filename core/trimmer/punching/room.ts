import type { Ticks } from '../../ground/length';
import type { Point } from '../../ground/geometry';
import { areApart, halfExtent, isOff, NEAR, type RoundHole } from './hole';
import type { Punch, RoundLie } from '../../stock/things';
import type { Scrap } from './types';

/** Where a punch may go on a scrap, given what was punched before. */
export interface Room {
  readonly scrap: Scrap;
  readonly size: Ticks;
  readonly lie: RoundLie;
  /** Half of what a hole takes across and down. */
  readonly half: Point;
  readonly earlier: readonly RoundHole[];
  /** Whether a hole there is on the paper, off what is gone, and within reach. */
  readonly allows: (at: Point) => boolean;
}

export function roomFor(scrap: Scrap, { size, reach }: Punch, lie: RoundLie, earlier: readonly RoundHole[]): Room {
  const half = halfExtent({ size, lie });
  const { w, h, missing } = scrap;
  const isReached = ({ x, y }: Point): boolean =>
    reach === null || Math.min(x + half.x, w - x + half.x, y + half.y, h - y + half.y) <= reach + NEAR;
  const allows = (at: Point): boolean => {
    if (
      at.x < half.x - NEAR ||
      at.y < half.y - NEAR ||
      at.x > w - half.x + NEAR ||
      at.y > h - half.y + NEAR ||
      !isReached(at)
    )
      return false;
    const hole = { ...at, size, lie };
    return missing.every((gap) => isOff(hole, gap)) && earlier.every((other) => areApart(hole, other));
  };
  return { scrap, size, lie, half, earlier, allows };
}
