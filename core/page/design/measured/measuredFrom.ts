import type { MeasuredDesign, PageFormat } from '../../../stock/things';
import type { Layout } from '../design';
import { wholeOf } from './gutter';

/** What a page looks like now, as a design of measures: its layers, moved as they are; mats come with their photos. */
export function measuredFrom(
  { layers, slots, title, journaling }: Layout,
  format: PageFormat,
): Omit<MeasuredDesign, 'id' | 'name'> {
  const nameOf = (slot: string | null): string => slots.find(({ id }) => id === slot)?.name ?? slot ?? '';
  return {
    page: format,
    title,
    journaling,
    layers: layers.flatMap((layer) => {
      const { x, y, w, h, turn, shape, slot } = layer;
      const rect = { x, y, w, h, turn };
      if (shape?.kind === 'part') {
        const whole = wholeOf({ ...layer, shape });
        return whole ? [{ name: nameOf(slot), ...whole }] : [];
      }
      if (layer.role === 'photo') {
        const hasMat = layers.some(({ matOf }) => matOf === layer.photo);
        return [{ name: 'photo', ...rect, ...(hasMat ? {} : { isBare: true }) }];
      }
      return layer.matOf === undefined ? [{ name: nameOf(slot), ...rect, ...(shape ? { shape } : {}) }] : [];
    }),
  };
}
