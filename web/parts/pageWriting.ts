import type { Bench } from '../../core/stock/bench';
import type { Page } from '../../core/stock/things';
import { ON_LINES } from '../../core/page/writing';
import { useBench } from '../data/benchStore';
import type { WordsOnPage } from '../ui/PageWriting';

/** How high the letters are that are out for a page or used on it, ticks; null: none are. */
function letterHeight(page: string, { ledger, lots }: Pick<Bench, 'ledger' | 'lots'>): number | null {
  for (const { lot: id, claimed, used } of ledger.lots.values()) {
    const lot = lots.get(id);
    if (lot?.kind === 'alpha' && lot.height !== undefined && (page in claimed || page in used)) return lot.height;
  }
  return null;
}

/** As {@link letterHeight}. */
export function useLetterHeight(page: string): number | null {
  const { ledger, lots } = useBench((b) => b);
  return letterHeight(page, { ledger, lots });
}

/** What is written on a page, as its drawing shows it: title, writing, date and place. */
export const pageWriting = (page: Page, bench: Pick<Bench, 'ledger' | 'lots'>): WordsOnPage => ({
  // Letters that lie there are drawn as they lie.
  title: (page.placed ?? []).some(({ isTitle }) => isTitle) ? '' : page.title,
  journaling: page.journaling,
  stamp: [page.date, page.place].filter((words) => words.trim() !== '').join(' · '),
  letters: letterHeight(page.id, bench),
  written: page.written ?? ON_LINES,
  format: page.format,
});

/** The colour that the edges of a page's papers are inked in; undefined: they are not. */
export const inkedEdges = ({ work }: Page): string | undefined =>
  work?.techniques?.includes('ink') ? work.edges : undefined;

/** As {@link pageWriting}. */
export function usePageWriting(page: Page): WordsOnPage {
  const { ledger, lots } = useBench((b) => b);
  return pageWriting(page, { ledger, lots });
}
