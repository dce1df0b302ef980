import type { PlannedPiece } from '../types';

/** Which face of a sheet lies up while it is cut: that of most of its pieces, the front where it is even. */
export function faceUp(pieces: readonly Pick<PlannedPiece, 'face'>[]): PlannedPiece['face'] {
  const back = pieces.filter(({ face }) => face === 'back').length;
  return back > pieces.length / 2 ? 'back' : 'front';
}
