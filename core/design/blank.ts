import type { Size } from '../geometry';
import { drawShape } from '../shapes';
import type { PageLayer } from './design';

/** The rectangle that a layer is cut from. */
export function blankOf({ w, h, shape }: PageLayer): Size {
  const drawn = shape ? drawShape(shape) : null;
  return drawn?.ok ? drawn.value.blank : { w, h };
}

/** Whether a layer is as large as the blank it is cut from: a pocket is not, its flaps are folded back. */
export function isCutAsItLies(layer: PageLayer): boolean {
  const blank = blankOf(layer);
  return blank.w === layer.w && blank.h === layer.h;
}
