import { designOfPage, slotOfMore } from '../../../core/design';
import { purposeOf } from '../../../core/cutlist';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/pageActs';

/** What the slot of a page is called. */
export const slotName = (page: Page, slot: string): string =>
  designOfPage(page).slots.find(({ id }) => id === slot)?.name ??
  page.more?.find((piece) => slotOfMore(piece) === slot)?.name ??
  slot;

/** Names for the wanted pieces of a plan; where it is for several pages, with the page's. @param lead the page whose plan it is */
export function usePieceName(lead: Page, isShared: boolean): (wanted: string) => string {
  const pages = useBench((b) => b.pages);
  return (wanted) => {
    const { page: id, slot } = purposeOf(wanted);
    const page = (id === null ? lead : pages.get(id)) ?? lead;
    return isShared ? `${slotName(page, slot)} · ${pageName(page)}` : slotName(page, slot);
  };
}
