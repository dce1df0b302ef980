import { pageState } from '../../page/cutlist';
import { piecesFor } from '../../stock/ledger';
import type { Page } from '../../stock/things';
import type { Bench } from '../../stock/bench';
import { versionsOf } from '../pages/versions';

/** Pages that wait for all of their papers, and those that are begun to be cut: their rest is planned from Cuts. */
export interface ToShare {
  readonly open: readonly Page[];
  readonly begun: readonly Page[];
}

/** What a share-out is for: ideas with photos; of several versions of a page the first. */
export function pagesToShare(bench: Bench): ToShare {
  const ideas = [...bench.pages.values()].filter(
    (page) => page.photos.length > 0 && pageState(page, bench) === 'idea' && versionsOf(page, bench)[0]?.id === page.id,
  );
  const isBegun = ({ id }: Page): boolean => piecesFor(bench.ledger, id).some(({ slot }) => slot !== null);
  return { open: ideas.filter((page) => !isBegun(page)), begun: ideas.filter(isBegun) };
}
