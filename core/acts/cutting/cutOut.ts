import type { Ticks } from '../../ground/length';
import { bandRects, boxOf, liesOn, movedBy, offset, rectContour, type Contour } from '../../trimmer/contours';
import { promisedOf } from '../../page/cutlist';
import { solidRects, type Rect } from '../../ground/geometry';
import type { CutChild, PieceState } from '../../stock/ledger';
import type { Page } from '../../stock/things';
import { decided, refuse, type Deciding, type NewEvent } from '../act';

/** Something to be cut out of a piece of paper at its place on it. */
export interface CutOut {
  /** Ticks, from the piece's corner. */
  readonly line: Contour;
  /** What the piece is called from now on; empty: as its paper. */
  readonly name: string;
  /** So wide is the frame whose inside is cut out of it as well, ticks; absent: it stays whole. */
  readonly frame?: Ticks;
}

const isRectangle = (line: Contour): boolean => line.length === 4 && bandRects([line], 'within').length === 1;

/** A part with its lines, in the smallest upright rectangle round it. */
function partAlong(id: string, role: CutChild['role'], lines: readonly Contour[], name: string): CutChild {
  const box = boxOf(lines);
  const { x, y } = box;
  const missing = solidRects(box, bandRects(lines, 'within')).map((gap) => ({ ...gap, x: gap.x - x, y: gap.y - y }));
  return {
    id,
    role,
    ...box,
    ...(missing.length > 0 ? { missing } : {}),
    ...(name === '' ? {} : { name }),
    // A rectangle says all of itself by its measures.
    ...(lines.length === 1 && lines.every(isRectangle) ? {} : { outline: lines.map((line) => movedBy(line, -x, -y)) }),
  };
}

/** What is left keeps its own lines, and has one more round the hole; square holes are told by what is missing. */
function restLines(piece: PieceState, hole: Contour): Pick<CutChild, 'outline'> {
  const whole = rectContour({ x: 0, y: 0, w: piece.w, h: piece.h });
  const own = piece.outline ?? (piece.missing.length === 0 && !isRectangle(hole) ? [whole] : null);
  return own ? { outline: [...own, hole] } : {};
}

const solidsOf = ({ x, y, w, h, missing = [] }: CutChild): Rect[] =>
  solidRects({ x: 0, y: 0, w, h }, missing).map((r) => ({ ...r, x: r.x + x, y: r.y + y }));

/**
 * The ledger's event: what is cut out, its inside where it is a frame, the rest as it was with its hole, and the sliver
 * along the lines that no whole ticks can tell, which counts as waste so that areas add up.
 */
export function cutOutEvent(piece: PieceState, { line, name, frame }: CutOut, inside: Contour | null): NewEvent {
  const whole: Rect = { x: 0, y: 0, w: piece.w, h: piece.h };
  const isOut = piece.where === 'claimed';
  const gone = [...piece.missing, ...bandRects([line], 'around')];
  const lines = inside && frame !== undefined ? [line, inside] : [line];
  const out = [
    partAlong(`${piece.id}-out`, isOut ? 'rest' : 'nubbin', lines, name),
    ...(lines.length > 1 && inside
      ? [partAlong(`${piece.id}-inside`, isOut ? 'rest' : 'nubbin', [inside], name === '' ? '' : `inside of ${name}`)]
      : []),
  ];
  const left = solidRects(whole, gone);
  const rest: CutChild = {
    id: `${piece.id}-rest`,
    // A layer of the page stays one, with its hole.
    role: !isOut ? 'nubbin' : piece.slot === null ? 'rest' : 'piece',
    ...whole,
    missing: gone,
    ...(piece.name === undefined ? {} : { name: piece.name }),
    ...restLines(piece, line),
    ...(piece.slot === null ? {} : { slot: piece.slot }),
  };
  const told = [...piece.missing, ...left, ...out.flatMap(solidsOf)];
  const slivers: CutChild = { id: `${piece.id}-slivers`, role: 'waste', ...whole, missing: told };
  return {
    type: 'cut',
    piece: piece.id,
    page: piece.page,
    how: 'hand',
    into: [...out, ...(left.length > 0 ? [rest] : []), ...(solidRects(whole, told).length > 0 ? [slivers] : [])],
  };
}

/** Cuts something out of a piece that lies in the stash or is out for a page, and is promised to no plan. */
export const cutOut =
  (id: string, wish: CutOut): Deciding =>
  ({ ledger, lots, plans, pages }) => {
    const piece = ledger.pieces.get(id);
    if (!piece || (piece.where !== 'here' && piece.where !== 'claimed')) return refuse('gone');
    const paper = piece.name ?? lots.get(piece.lot)?.name ?? '';
    if (promisedOf(id, plans, ledger).length > 0) return refuse('in-use', paper);
    // It would be gone from its page without a word.
    const isLaid = ({ placed = [] }: Page): boolean => placed.some(({ what }) => 'piece' in what && what.piece === id);
    if ([...pages.values()].some(isLaid)) return refuse('still-needed', paper);
    const { w, h } = boxOf([wish.line]);
    if (w < 1 || h < 1 || !liesOn(wish.line, piece, piece.missing)) return refuse('off-the-paper', paper);
    const inside = wish.frame === undefined ? null : offset(wish.line, -wish.frame);
    if (wish.frame !== undefined && inside === null) return refuse('off-the-paper', paper);
    return decided('cut-out', wish.name === '' ? paper : wish.name, { events: [cutOutEvent(piece, wish, inside)] });
  };
