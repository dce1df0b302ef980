import { drawShape, type DrawnShape } from '../shapes';
import type { MorePiece } from '../things';

/** The slot of a piece beyond the design. */
export const slotOfMore = ({ id }: Pick<MorePiece, 'id'>): string => `more-${id}`;

/** The piece in its blank; null where its measures do not go together. */
export function drawnMore({ shape }: MorePiece): DrawnShape | null {
  const drawn = drawShape(shape);
  return drawn.ok ? drawn.value : null;
}
