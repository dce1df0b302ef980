import { solidRects, type Rect } from '../../ground/geometry';
import type { PlanSheet } from '../../stock/things';
import type { CutChild, PieceState } from '../../stock/ledger';
import { pieceId } from '../../page/cutlist';
import type { NewEvent } from '../act';

/** What a cutting machine did with a sheet: the outlines it cut, one it slipped on, and what is whole around them. */
export interface MachineWork {
  /** Names of the wanted pieces that came out well, in the order of the sheet's pieces. */
  readonly cut: readonly boolean[];
  /** What is left of the sheet as rectangles. */
  readonly left: readonly Rect[];
}

/**
 * The ledger's event for a sheet that a machine cut: pieces that came out well go to the page, what is whole around
 * them to the stash, the rest is waste.
 */
export function machineEvent(sheet: PlanSheet, piece: PieceState, { cut, left }: MachineWork): NewEvent {
  const whole: Rect = { x: 0, y: 0, w: piece.w, h: piece.h };
  const pieces = sheet.pieces
    .filter((_, i) => cut[i])
    .map(({ part, page, slot, x, y, w, h }): CutChild => ({
      id: pieceId(piece.id, part),
      role: 'piece',
      x,
      y,
      w,
      h,
      page,
      slot,
    }));
  const nubbins = left.map((rect, i): CutChild => ({ id: `${piece.id}-m${i + 1}`, role: 'nubbin', ...rect }));
  const taken = [...pieces, ...nubbins].map(({ x, y, w, h }) => ({ x, y, w, h }));
  const gone = [...piece.missing, ...taken];
  const waste: CutChild[] =
    solidRects(whole, gone).length === 0 ? [] : [{ id: `${piece.id}-web`, role: 'waste', ...whole, missing: gone }];
  return { type: 'cut', piece: piece.id, into: [...pieces, ...nubbins, ...waste], page: piece.page, how: 'machine' };
}
