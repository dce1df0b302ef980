import type { Ticks } from '../../ground/length';
import { isWorthTheKnife, wantedKey } from '../../page/cutlist';
import { blankOf, coverOf, isCutAsItLies } from '../../page/design';
import type { Middle } from '../shareout';
import type { Page } from '../../stock/things';
import type { SharingPage } from './shareJobFor';

/**
 * The middles that pages will hide, worth the knife: of layers that lie straight and are cut as they lie.
 * @param hold ticks of a layer that stay under what covers it
 */
export const middlesOf = (
  pages: readonly (Pick<SharingPage, 'layout'> & { readonly page: Pick<Page, 'id'> })[],
  hold: Ticks,
): Middle[] =>
  pages.flatMap(({ page, layout }) =>
    coverOf(layout, hold).flatMap(({ id, window }): Middle[] => {
      const layer = layout.layers.find((one) => one.id === id);
      if (!window || !layer || layer.slot === null || layer.turn !== 0) return [];
      if (!isCutAsItLies(layer) || !isWorthTheKnife(window)) return [];
      const at = { ...window, x: window.x - layer.x, y: window.y - layer.y };
      return [{ page: page.id, slot: wantedKey(page.id, layer.slot, blankOf(layer)), at }];
    }),
  );
