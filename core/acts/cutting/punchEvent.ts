import { pieceId, type PunchStep } from '../../page/cutlist';
import { solidRects, type Rect } from '../../ground/geometry';
import { heldIn } from '../../ground/heldIn';
import type { CutChild, Ledger, PieceState } from '../../stock/ledger';
import { holeBox, holeRects } from '../../trimmer/punching';
import type { Hole } from '../../stock/things';
import type { NewEvent } from '../act';

/** A shape that is punched out: its hole, told from the piece's own corner, and what it becomes. */
interface Punched {
  readonly hole: Hole;
  readonly becomes: Pick<CutChild, 'id' | 'role' | 'page' | 'slot'>;
}

/** Each punched shape, the rest with its holes, and the sliver round each hole: waste, so that areas add up. */
function punched(piece: PieceState, shapes: readonly Punched[], rest: CutChild['role']): CutChild[] {
  const whole: Rect = { x: 0, y: 0, w: piece.w, h: piece.h };
  const out = shapes.map(({ hole, becomes }): CutChild => {
    const box = holeBox(hole, piece);
    const own = holeRects(hole, 'within').map((r) => ({ ...r, x: r.x - box.x, y: r.y - box.y }));
    return { ...becomes, ...box, missing: solidRects({ ...box, x: 0, y: 0 }, own) };
  });
  const holes = shapes.map(({ hole }) => hole);
  const gone = [...piece.missing, ...holes.flatMap((hole) => holeRects(hole, 'around'))];
  const left: CutChild = { id: `${piece.id}-rest`, role: rest, ...whole, missing: gone };
  const within = holes.flatMap((hole) => holeRects(hole, 'within'));
  const slivers: CutChild = {
    id: `${piece.id}-slivers`,
    role: 'waste',
    ...whole,
    missing: [...piece.missing, ...solidRects(whole, gone), ...within],
  };
  return [...out, left, slivers];
}

/** The ledger's event for holes punched out of a piece that lies in the stash. */
export function punchEvent(piece: PieceState, holes: readonly Hole[]): NewEvent {
  const shapes = holes.map((hole, i): Punched => ({ hole, becomes: { id: `${piece.id}-p${i + 1}`, role: 'nubbin' } }));
  return { type: 'cut', piece: piece.id, into: punched(piece, shapes, 'nubbin'), page: null, how: 'punch' };
}

/** What the ledger is told of a plan's shapes punched out of a part: each goes to its page. */
export function punchStepEvent({ sheet, piece, part, pieces, rest }: PunchStep, ledger: Ledger): NewEvent {
  const parent = heldIn(ledger.pieces, piece);
  const shapes = pieces.flatMap(({ part: name, page, slot, punched: how }): Punched[] =>
    how
      ? [
          {
            hole: { ...how.hole, x: how.hole.x - part.x, y: how.hole.y - part.y },
            becomes: { id: pieceId(sheet, name), role: 'piece', page, slot },
          },
        ]
      : [],
  );
  return { type: 'cut', piece, into: punched(parent, shapes, rest), page: parent.page, how: 'punch' };
}
