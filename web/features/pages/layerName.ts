import type { Layout, PageLayer } from '../../../core/design';

/** What a layer is called, with its side of a spread. */
export function layerName({ layers, slots }: Layout, { id, role, slot, photo }: PageLayer): string {
  const name = role === 'photo' ? `Photo ${photo! + 1}` : slots.find((s) => s.id === slot)!.name;
  const isSpread = layers.some((layer) => layer.id.startsWith('right-'));
  return isSpread ? `${name}, ${id.startsWith('right-') ? 'right' : 'left'}` : name;
}
