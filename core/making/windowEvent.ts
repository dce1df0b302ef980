import { onPiece, type Window } from '../cutlist';
import type { NewEvent } from './act';

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
