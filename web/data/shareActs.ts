import { nanoid } from 'nanoid';
import { cutPlanOf, sharedPapers, sharingOf } from '../../core/sharing';
import type { SharePlan, SmallGift } from '../../core/shareout';
import type { Ledger } from '../../core/ledger';
import type { Page } from '../../core/things';
import { act } from './acts';
import type { NewEvent } from './ledgerStore';
import { acceptance } from './pageActs';
import { today } from './today';

/** A share-out as it is taken up. */
export interface Claiming {
  readonly plan: SharePlan;
  /** All pages that it makes, as they are laid out in it. */
  readonly pages: readonly Page[];
  readonly kits: readonly string[];
  readonly gifts: readonly SmallGift[];
}

/** Claims a share-out page by page, as it was drawn: papers, small things, and the record that the work is held against. */
export function claimShareOut({ plan, pages, kits, gifts }: Claiming, ledger: Ledger): Promise<boolean> {
  const { events, changes } = acceptance(pages, cutPlanOf(plan), ledger);
  const sharing = sharingOf(plan, pages, kits, nanoid(8), today());
  return act({
    label: `Claimed the papers of ${pages.length === 1 ? 'a page' : `${pages.length} pages`}`,
    events: [
      ...events,
      ...gifts.map(({ page, thing, count }): NewEvent => ({
        type: 'claimed',
        lot: thing,
        amounts: { '': count },
        page,
      })),
    ],
    changes: [
      ...pages.map(
        ({ id, options }) =>
          ({
            table: 'pages',
            key: id,
            change: (now: Page): Page => ({
              ...now,
              ...(options ? { options } : {}),
              papers: { ...now.papers, ...sharedPapers(plan, id) },
            }),
          }) as const,
      ),
      ...changes,
      { table: 'sharings', key: sharing.id, after: sharing },
    ],
  });
}

/** Forgets a share-out's record; its pages and papers stay as they are. */
export const dropSharing = (id: string): Promise<boolean> =>
  act({ label: 'Forgot a share-out', changes: [{ table: 'sharings', key: id, after: null }] });
