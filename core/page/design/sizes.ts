import type { Size } from '../../ground/geometry';
import type { Layout, PageLayer } from './design';
import { onPage } from './lay';

/** Whether a layer may be cut larger or smaller than the design has it: boxes, cards and strips that are rectangles. */
export const mayBend = ({ role, slot, shape, matOf }: PageLayer): boolean =>
  slot !== null && !shape && matOf === undefined && ['box', 'card', 'strip'].includes(role);

/** A layout with some layers in other sizes, about their middles, on the page still. What may not bend stays as it is. */
export function resized(layout: Layout, sizes: Readonly<Record<string, Size>>): Layout {
  const layers = layout.layers.map((layer) => {
    const size = sizes[layer.id];
    if (!size || !mayBend(layer)) return layer;
    const [w, h] = [Math.min(size.w, layout.size.w), Math.min(size.h, layout.size.h)];
    const at = { x: layer.x + (layer.w - w) / 2, y: layer.y + (layer.h - h) / 2, w, h };
    return { ...layer, ...onPage(layout.size, at) };
  });
  return { ...layout, layers };
}
