import { inches } from '../../ground/length';
import type { Rect } from '../../ground/geometry';
import { onGround, type Remark, type Sheet } from './eyed';

const NEAR = inches(1 / 8);
const BESIDE = inches(1 / 2);

const isNear = (a: number, b: number): boolean => a !== b && Math.abs(a - b) < NEAR;

/** Whether an edge of one nearly meets an edge of the other, where they lie beside each other. */
function nearlyMeet(a: Rect, b: Rect): boolean {
  const shared = (from: number, size: number, otherFrom: number, otherSize: number): number =>
    Math.min(from + size, otherFrom + otherSize) - Math.max(from, otherFrom);
  const upright = [a.x, a.x + a.w].some((one) => [b.x, b.x + b.w].some((other) => isNear(one, other)));
  if (upright && shared(a.y, a.h, b.y, b.h) >= BESIDE) return true;
  const level = [a.y, a.y + a.h].some((one) => [b.y, b.y + b.h].some((other) => isNear(one, other)));
  return level && shared(a.x, a.w, b.x, b.w) >= BESIDE;
}

/** Edges that nearly meet should meet, or clearly miss. */
export function nearEdges(sheet: Sheet): Remark[] {
  const things = onGround(sheet);
  return things.flatMap((lower, i) =>
    things
      .slice(i + 1)
      .filter((upper) => nearlyMeet(lower, upper))
      .map((upper): Remark => ({
        kind: 'near-edges',
        things: [lower.id, upper.id],
        why: 'Their edges nearly meet: let them meet, or clearly miss.',
      })),
  );
}
