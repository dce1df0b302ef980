import { overlaps } from '../geometry';
import { inches } from '../length';
import type { Photo } from '../things';
import type { Layout, PageLayer } from './design';
import { keptOf } from './kept';

/** Something about a page that is worth a look. */
export type Remark =
  /** What must not be covered of a photo is, by a layer. */
  | { readonly kind: 'covered'; readonly photo: number; readonly by: string }
  /** A figure looks off the page. */
  | { readonly kind: 'looks-off'; readonly photo: number; readonly to: 'left' | 'right' }
  /** Something hangs over the page's edge and will be trimmed. */
  | { readonly kind: 'over-edge'; readonly layer: string }
  /** Two edges nearly meet; `by` ticks. */
  | { readonly kind: 'nearly-meet'; readonly layer: string; readonly other: string; readonly by: number };

/** Edges nearer than this meet; up to so far off they look like a mistake. Common practice, no source. */
const MEETS = inches(1 / 32);
const NEARLY = inches(1 / 8);

function coveredPhotos(layers: readonly PageLayer[], photos: readonly (Photo | null)[]): Remark[] {
  return layers.flatMap((layer, i): Remark[] => {
    if (layer.role !== 'photo') return [];
    const kept = keptOf(layer, photos[layer.photo!] ?? null);
    const by = layers.slice(i + 1).find((above) => kept.some((part) => overlaps(above, part)));
    return by ? [{ kind: 'covered', photo: layer.photo!, by: by.id }] : [];
  });
}

/** Figures look into the page where they look toward its farther side. */
function looking({ layers, size }: Layout, photos: readonly (Photo | null)[]): Remark[] {
  return layers.flatMap((layer): Remark[] => {
    const to = layer.role === 'photo' ? photos[layer.photo!]?.looks : undefined;
    const middle = layer.x + layer.w / 2;
    const isOff = (to === 'left' && middle < size.w / 3) || (to === 'right' && middle > (2 * size.w) / 3);
    return to !== undefined && isOff ? [{ kind: 'looks-off', photo: layer.photo!, to }] : [];
  });
}

function nearMisses(layers: readonly PageLayer[], moved: ReadonlySet<string>): Remark[] {
  const edges = (layer: PageLayer): number[][] => [
    [layer.x, layer.x + layer.w],
    [layer.y, layer.y + layer.h],
  ];
  return layers.flatMap((layer, i) =>
    layers.slice(i + 1).flatMap((other): Remark[] => {
      if ((!moved.has(layer.id) && !moved.has(other.id)) || layer.turn !== 0 || other.turn !== 0) return [];
      const gaps = edges(layer)
        .flatMap((own, axis) => own.flatMap((from) => edges(other)[axis]!.map((to) => Math.abs(from - to))))
        .filter((gap) => gap > MEETS && gap < NEARLY);
      return gaps.length > 0 ? [{ kind: 'nearly-meet', layer: other.id, other: layer.id, by: Math.min(...gaps) }] : [];
    }),
  );
}

/**
 * A second pair of eyes: what must not be covered of a photo, figures that look off the page, layers over its edge,
 * edges that nearly meet after she moved a layer. Rules of the eye: common practice, no source.
 * @param photos by their place on the page; null: a place kept
 * @param moved layers that she moved
 */
export function lookOver(layout: Layout, photos: readonly (Photo | null)[], moved: ReadonlySet<string>): Remark[] {
  const { layers, size } = layout;
  const over = layers
    .filter(
      ({ id, x, y, w, h, turn }) => moved.has(id) && turn === 0 && (x < 0 || y < 0 || x + w > size.w || y + h > size.h),
    )
    .map(({ id }): Remark => ({ kind: 'over-edge', layer: id }));
  return [...coveredPhotos(layers, photos), ...looking(layout, photos), ...over, ...nearMisses(layers, moved)];
}
