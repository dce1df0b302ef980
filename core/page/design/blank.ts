import type { Size } from '../../ground/geometry';
import { drawPart, drawShape, type DrawnShape } from '../../ground/shapes';
import type { PageLayer } from './design';

/** What a layer is cut to, where it is no rectangle. */
export function drawnLayer({ shape }: Pick<PageLayer, 'shape'>): DrawnShape | null {
  if (!shape) return null;
  if (shape.kind === 'part') return drawPart(shape)?.drawn ?? null;
  const drawn = drawShape(shape);
  return drawn.ok ? drawn.value : null;
}

/** The rectangle that a layer is cut from. */
export const blankOf = ({ w, h, shape }: PageLayer): Size => drawnLayer({ shape })?.blank ?? { w, h };

/** Whether a layer is as large as the blank it is cut from: a pocket is not, its flaps are folded back. */
export function isCutAsItLies(layer: PageLayer): boolean {
  const blank = blankOf(layer);
  return blank.w === layer.w && blank.h === layer.h;
}
