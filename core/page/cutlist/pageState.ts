import { pageLayout } from '../design';
import { piecesFor, type Ledger } from '../../stock/ledger';
import type { Page } from '../../stock/things';
import { cutListOf } from './cutList';
import { plansFor, type Plans } from './plans';
import { notPlanned } from './stillWanted';
import type { WantedPiece } from './wanted';

/** What a page's state follows from. */
export interface Standing {
  readonly ledger: Ledger;
  readonly plans: Plans;
}

/** Where a page stands: idea → planned → cut → glued → done. It follows from the ledger and is written nowhere. */
export type PageState = 'idea' | 'planned' | 'cut' | 'glued' | 'done';

/** What of a page's cut list is neither cut nor planned; null where its photos cannot be laid out. */
export function openListOf(page: Page, { ledger, plans }: Standing): WantedPiece[] | null {
  const layout = pageLayout(page);
  return layout.ok ? notPlanned(cutListOf(layout.value, page), ledger, plans, page.id) : null;
}

const hasCut = (page: string, { ledger }: Pick<Standing, 'ledger'>): boolean =>
  piecesFor(ledger, page).some(({ slot }) => slot !== null);

export function pageState(page: Page, bench: Standing): PageState {
  if (page.finished !== null) return 'done';
  if (page.glued !== null) return 'glued';
  if (plansFor(bench.plans, page.id, bench.ledger).length > 0) return 'planned';
  return hasCut(page.id, bench) && openListOf(page, bench)?.length === 0 ? 'cut' : 'idea';
}

/** Whether a page can be glued now: all of it is cut, or what is cut is all she wants of it, or it takes no paper. */
export function canBeGlued(page: Page, bench: Standing): boolean {
  const state = pageState(page, bench);
  if (state !== 'idea') return state === 'cut';
  return hasCut(page.id, bench) || (page.photos.length > 0 && openListOf(page, bench)?.length === 0);
}
