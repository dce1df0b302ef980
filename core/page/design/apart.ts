import type { Page } from '../../stock/things';
import type { Layout, PageLayer, Slot } from './design';

/** The slot of a layer that has a paper of its own. */
export const ownSlotOf = (layer: string): string => `own ${layer}`;

const isApart = ({ id, slot }: PageLayer, apart: readonly string[]): boolean => slot !== null && apart.includes(id);

/** A layout with some layers left out, and others in a paper of their own. Layers that are not there do nothing. */
export function keptApart(layout: Layout, { apart, without }: Required<Pick<Page, 'apart' | 'without'>>): Layout {
  if (apart.length === 0 && without.length === 0) return layout;
  const layers = layout.layers
    // A photo is left out by giving its place up, not here.
    .filter(({ id, role }) => role === 'photo' || !without.includes(id))
    .map((layer) => (isApart(layer, apart) ? { ...layer, slot: ownSlotOf(layer.id) } : layer));
  const own = layout.layers.flatMap((layer): Slot[] => {
    const slot = layout.slots.find(({ id }) => id === layer.slot);
    if (!slot || !isApart(layer, apart) || without.includes(layer.id)) return [];
    const alike = layout.layers.filter((other) => other.slot === layer.slot);
    const name = alike.length > 1 ? `${slot.name}, number ${alike.indexOf(layer) + 1}` : slot.name;
    return [{ ...slot, id: ownSlotOf(layer.id), name }];
  });
  return { ...layout, layers, slots: [...layout.slots, ...own] };
}
