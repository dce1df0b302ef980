import type { Layout, PageLayer } from '../../../core/page/design';

/** What the paper of a slot is for. */
export const nameOfSlot = ({ slots }: Layout, slot: string): string =>
  slots.find(({ id }) => id === slot)?.name ?? 'rest';

/** What a layer is called, with its side of a spread. */
export function layerName(layout: Layout, { id, role, slot, photo }: PageLayer): string {
  const name = role === 'photo' ? `Photo ${(photo ?? 0) + 1}` : nameOfSlot(layout, slot ?? '');
  const isSpread = layout.layers.some((layer) => layer.id.startsWith('right-'));
  return isSpread ? `${name}, ${id.startsWith('right-') ? 'right' : 'left'}` : name;
}
