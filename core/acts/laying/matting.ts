import type { Ticks } from '../../ground/length';
import { boxOf, movedBy, offset, type Contour } from '../../trimmer/contours';
import { spotFor } from '../../ground/geometry';
import type { PieceState } from '../../stock/ledger';
import { contourOf, looksOf } from '../../page/placing';
import type { Page, Placed } from '../../stock/things';
import { decided, put, refuse, type Deciding } from '../act';
import type { Bench } from '../../stock/bench';
import { cutOutEvent } from '../cutting/cutOut';

/** A mat to be cut for something that lies on a page. */
export interface MatWish {
  /** The paper it is cut from: a piece that is here, or out for the page. */
  readonly paper: string;
  /** How far it stands out all round, ticks. */
  readonly margin: Ticks;
}

/** The line of the next mat about the thing's own middle: round the thing, or round the mat that it has. */
export function matLine(page: Page, placed: string, margin: number, bench: Bench): Contour | null {
  const { placed: all = [] } = page;
  const thing = all.find(({ id }) => id === placed);
  const lowest = all.find(({ matOf }) => matOf === placed) ?? thing;
  const looks = lowest && looksOf(lowest.what, bench);
  if (!thing || !lowest || !looks) return null;
  const line = offset(contourOf(looks), margin);
  // Told as the thing lies before it was turned: a mat has the turn of its thing.
  const back = (-thing.turn * Math.PI) / 180;
  const [dx, dy] = [lowest.x - thing.x, lowest.y - thing.y];
  const by = { x: dx * Math.cos(back) - dy * Math.sin(back), y: dx * Math.sin(back) + dy * Math.cos(back) };
  return line && movedBy(line, Math.round(by.x), Math.round(by.y));
}

const mayCutFrom = (piece: PieceState | undefined, page: string): piece is PieceState =>
  piece !== undefined &&
  (piece.where === 'here' || (piece.where === 'claimed' && piece.page === page && piece.slot === null));

/** Papers that a mat can be cut from: those out for the page first, then the smallest. */
export function papersForMat(page: Page, line: Contour, { ledger, lots }: Bench): readonly PieceState[] {
  const laid = new Set((page.placed ?? []).flatMap(({ what }) => ('piece' in what ? [what.piece] : [])));
  const size = boxOf([line]);
  return [...ledger.pieces.values()]
    .filter((piece) => mayCutFrom(piece, page.id) && lots.has(piece.lot) && !laid.has(piece.id))
    .filter((piece) => spotFor(piece, piece.missing, size) !== null)
    .sort((a, b) => Number(a.where === 'here') - Number(b.where === 'here') || a.solid - b.solid);
}

/** Where the mat's middle comes to lie: that of its box, turned with the thing. */
function middleOf({ x, y, turn }: Placed, line: Contour): { x: number; y: number } {
  const box = boxOf([line]);
  const at = (turn * Math.PI) / 180;
  const [dx, dy] = [box.x + box.w / 2, box.y + box.h / 2];
  return {
    x: Math.round(x + dx * Math.cos(at) - dy * Math.sin(at)),
    y: Math.round(y + dx * Math.sin(at) + dy * Math.cos(at)),
  };
}

/** Cuts a mat for something that lies on a page, along its line, and lays it beneath. */
export const layMat =
  (id: string, placed: string, { paper, margin }: MatWish): Deciding =>
  (bench, { newId }) => {
    const page = bench.pages.get(id);
    const thing = page?.placed?.find((one) => one.id === placed);
    const piece = bench.ledger.pieces.get(paper);
    if (!page?.placed || !thing || !mayCutFrom(piece, id)) return refuse('gone');
    const line = matLine(page, placed, margin, bench);
    const name = looksOf(thing.what, bench)?.name ?? '';
    const spot = line && spotFor(piece, piece.missing, boxOf([line]));
    if (!line || !spot) return refuse('off-the-paper', bench.lots.get(piece.lot)?.name ?? '');
    const box = boxOf([line]);
    const onPaper = movedBy(line, spot.x - box.x, spot.y - box.y);
    const out = `${paper}-out`;
    const mat: Placed = {
      id: newId(),
      what: { piece: out },
      ...middleOf(thing, line),
      turn: thing.turn,
      ...(thing.under === undefined ? {} : { under: thing.under }),
      matOf: placed,
    };
    const at = page.placed.findIndex((one) => one.matOf === placed || one === thing);
    return decided('cut-out', `mat of ${name}`, {
      events: [
        cutOutEvent(piece, { line: onPaper, name: `mat of ${name}` }, null),
        ...(piece.where === 'here' ? [{ type: 'claimed', piece: out, page: id, slot: null } as const] : []),
        ...(page.glued === null ? [] : [{ type: 'used', piece: out, page: id, slot: null } as const]),
      ],
      records: [put('pages', { ...page, placed: page.placed.toSpliced(at, 0, mat) })],
    });
  };
