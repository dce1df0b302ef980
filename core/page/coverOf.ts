import { coverLayers, type LayerCover } from '../covering';
import { inches } from '../length';
import type { Layout } from './design';

/** Paper that stays under whatever covers a cut-out middle: at least 1/2 in. Common practice, no source. */
export const HOLD = inches(1 / 2);

/** What each layer of a layout hides of those below and what could be cut out of it first; areas in square ticks. */
export function coverOf({ size, layers }: Layout, hold: number = HOLD): LayerCover[] {
  return coverLayers(size, layers.map(({ id, x, y, w, h, turn }) => ({ id, shape: 'rect', x, y, w, h, turn })), hold);
}
