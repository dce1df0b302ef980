import { solidRects, type Rect, type Size } from '../geometry';
import type { CutChild, PieceState } from '../ledger';
import type { NewEvent } from './act';
import { halfExtent, holeRects, type Hole } from '../punching';

/** What is punched out, in the smallest upright rectangle of whole ticks round it. */
function punched(hole: Hole, from: Size, id: string): CutChild {
  const half = halfExtent(hole);
  const [x, y] = [Math.max(0, Math.floor(hole.x - half.x)), Math.max(0, Math.floor(hole.y - half.y))];
  const [w, h] = [Math.min(from.w, Math.ceil(hole.x + half.x)) - x, Math.min(from.h, Math.ceil(hole.y + half.y)) - y];
  const own = holeRects(hole, 'within').map((r) => ({ ...r, x: r.x - x, y: r.y - y }));
  return { id, role: 'nubbin', x, y, w, h, missing: solidRects({ x: 0, y: 0, w, h }, own) };
}

/**
 * The ledger's event for holes punched out of a piece that lies in the stash: each punched shape, the rest with its
 * holes, and the sliver round each hole, which counts as waste so that areas add up.
 */
export function punchEvent(piece: PieceState, holes: readonly Hole[]): NewEvent {
  const whole: Rect = { x: 0, y: 0, w: piece.w, h: piece.h };
  const out = holes.map((hole, i) => punched(hole, piece, `${piece.id}-p${i + 1}`));
  const gone = [...piece.missing, ...holes.flatMap((hole) => holeRects(hole, 'around'))];
  const rest: CutChild = { id: `${piece.id}-rest`, role: 'nubbin', ...whole, missing: gone };
  const within = holes.flatMap((hole) => holeRects(hole, 'within'));
  const slivers: CutChild = {
    id: `${piece.id}-slivers`,
    role: 'waste',
    ...whole,
    missing: [...piece.missing, ...solidRects(whole, gone), ...within],
  };
  return { type: 'cut', piece: piece.id, into: [...out, rest, slivers], page: null, how: 'punch' };
}
