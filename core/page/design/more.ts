import { drawShape, type DrawnShape } from '../../ground/shapes';
import type { MorePiece } from '../../stock/things';

const MORE = 'more-';

/** The slot of a piece beyond the design. */
export const slotOfMore = ({ id }: Pick<MorePiece, 'id'>): string => MORE + id;

/** Whether a slot is no part of the design. */
export const isBeyondDesign = (slot: string): boolean => slot.startsWith(MORE);

/** The piece in its blank; null where its measures do not go together. */
export function drawnMore({ shape }: MorePiece): DrawnShape | null {
  const drawn = drawShape(shape);
  return drawn.ok ? drawn.value : null;
}
