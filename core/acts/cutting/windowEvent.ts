import { onPiece, pieceId, type Window, type WindowStep } from '../../page/cutlist';
import { heldIn } from '../../ground/heldIn';
import type { Ledger } from '../../stock/ledger';
import type { NewEvent } from '../act';
import { missingIn } from './missingIn';

/** The ledger's event: the piece keeps its edge and goes on the page, its middle goes to the stash. */
export function windowEvent(window: Window): NewEvent {
  const { piece, layer } = window;
  const middle = onPiece(piece, window);
  return {
    type: 'cut',
    piece: piece.id,
    page: piece.page,
    into: [
      {
        id: `${piece.id}-rim`,
        x: 0,
        y: 0,
        w: piece.w,
        h: piece.h,
        role: 'piece',
        slot: layer.slot,
        missing: [...piece.missing, middle],
      },
      { id: `${piece.id}-middle`, ...middle, role: 'nubbin' },
    ],
  };
}

/**
 * A middle that a plan asks for: the piece keeps its edge and stays for its page, the middle is out for the plan, whose
 * pieces are cut from it.
 */
export function windowStepEvent(
  { sheet, piece, part, slot, middle }: WindowStep,
  plan: string,
  ledger: Ledger,
): NewEvent {
  const { page, missing, w, h } = heldIn(ledger.pieces, piece);
  const at = { x: middle.x - part.x, y: middle.y - part.y, w: middle.w, h: middle.h };
  const inMiddle = missingIn({ missing }, at);
  return {
    type: 'cut',
    piece,
    page,
    into: [
      { id: `${piece}-rim`, x: 0, y: 0, w, h, role: 'piece', slot, missing: [...missing, at] },
      { id: pieceId(sheet, middle.part), ...at, role: 'piece', page: plan, missing: inMiddle },
    ],
  };
}
