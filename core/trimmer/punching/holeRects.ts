import type { Rect, Size } from '../../ground/geometry';
import { halfExtent, isRound } from './hole';
import type { Hole } from '../../stock/things';
import { nth } from '../../ground/nth';

const BANDS = 16;

/** Half the width of a hole at a height `dy` from its middle. */
function halfChord({ size, lie }: Pick<Hole, 'size' | 'lie'>, dy: number): number {
  const y = Math.abs(dy);
  if (lie === 'round') return Math.sqrt(Math.max(0, (size / 2) ** 2 - y ** 2));
  const side = size / Math.sqrt(3);
  if (lie === 'flat-up') return Math.max(0, side - y / Math.sqrt(3));
  return y <= side / 2 ? size / 2 : Math.max(0, (side - y) * Math.sqrt(3));
}

/**
 * A hole as rectangles of whole ticks, from top to bottom: `within` it, for the piece that is punched out, or `around`
 * it, for what is gone of the paper.
 */
export function holeRects(hole: Hole, which: 'within' | 'around'): Rect[] {
  const { x: wide, y: deep } = halfExtent(hole);
  const outward = which === 'around';
  if (!isRound(hole)) {
    const [low, high] = outward ? [Math.floor, Math.ceil] : [Math.ceil, Math.floor];
    const [x, y] = [low(hole.x - wide), low(hole.y - deep)];
    return [{ x, y, w: high(hole.x + wide) - x, h: high(hole.y + deep) - y }];
  }
  const [top, bottom] = outward
    ? [Math.floor(hole.y - deep), Math.ceil(hole.y + deep)]
    : [Math.ceil(hole.y - deep), Math.floor(hole.y + deep)];
  const edges = Array.from({ length: BANDS + 1 }, (_, i) => Math.round(top + ((bottom - top) * i) / BANDS));
  return edges.slice(1).flatMap((end, i): Rect[] => {
    const start = nth(edges, i);
    const [a, b] = [start - hole.y, end - hole.y];
    const widest = a <= 0 && b >= 0 ? 0 : Math.min(Math.abs(a), Math.abs(b));
    const half = halfChord(hole, outward ? widest : Math.max(Math.abs(a), Math.abs(b)));
    const [from, to] = outward
      ? [Math.floor(hole.x - half), Math.ceil(hole.x + half)]
      : [Math.ceil(hole.x - half), Math.floor(hole.x + half)];
    return to > from && end > start ? [{ x: from, y: start, w: to - from, h: end - start }] : [];
  });
}

/** The smallest upright rectangle of whole ticks round a hole, on the paper. */
export function holeBox(hole: Hole, paper: Size): Rect {
  const half = halfExtent(hole);
  const [w, h] = [Math.min(paper.w, Math.ceil(2 * half.x)), Math.min(paper.h, Math.ceil(2 * half.y))];
  const at = (middle: number, side: number, long: number): number =>
    Math.max(0, Math.min(long - side, Math.floor(middle)));
  return { x: at(hole.x - half.x, w, paper.w), y: at(hole.y - half.y, h, paper.h), w, h };
}
