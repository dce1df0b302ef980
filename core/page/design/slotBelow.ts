import { overlaps } from '../../ground/geometry';
import type { Layout } from './design';

/** The slot of the layer that a slot's first one lies on. */
export function slotBelow({ layers }: Layout, slot: string): string | undefined {
  const at = layers.findIndex((layer) => layer.slot === slot);
  const first = layers[at];
  if (!first) return undefined;
  const below = layers
    .slice(0, at)
    .findLast((layer) => layer.slot !== null && layer.slot !== slot && overlaps(layer, first));
  return below?.slot ?? undefined;
}
