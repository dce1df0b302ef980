import { designOfPage, slotOfMore } from '../../core/page/design';
import type { Page } from '../../core/stock/things';
import { useBench } from '../data/benchStore';
import { pageName } from '../data/didWords';
import { inSentence } from '../ui/inSentence';

/** What a piece is for. */
export interface Purpose {
  readonly page: string;
  readonly slot: string;
}

/** What the slot of a page is called. */
export const slotName = (page: Page, slot: string): string =>
  designOfPage(page).slots.find(({ id }) => id === slot)?.name ??
  page.more?.find((piece) => slotOfMore(piece) === slot)?.name ??
  slot;

/** What a piece is called; in a sentence with a small letter, but for the page's title. */
export type PieceName = (purpose: Purpose, isInSentence?: boolean) => string;

/** Names for wanted pieces; where they are for several pages, with the page's. */
export function usePieceName(isShared: boolean): PieceName {
  const pages = useBench((b) => b.pages);
  return ({ page: id, slot }, isInSentence = false) => {
    const page = pages.get(id);
    if (!page) return slot;
    const own = isInSentence ? inSentence(slotName(page, slot)) : slotName(page, slot);
    return isShared ? `${own} · ${pageName(page)}` : own;
  };
}
