import type { SharePlan, SmallGift } from '../../kit/shareout';
import { sharedPapers, sharingOf, sheetsOfShare, type SharingPage } from '../../kit/sharing';
import type { PlanSheet } from '../../stock/things';
import { decided, drop, put, refuse, type Deciding, type NewEvent } from '../act';
import type { Laying } from '../laying/laying';
import { takingOut } from '../cutting/planning';
import { nth } from '../../ground/nth';

/** A share-out as it is taken up. */
export interface Claiming {
  readonly plan: SharePlan;
  /** All pages that it makes, as they are laid out in it. */
  readonly pages: readonly SharingPage[];
  readonly kits: readonly string[];
  readonly gifts: readonly SmallGift[];
  /** Its sheets as they are cut and punched; absent: as the share-out has them. */
  readonly sheets?: readonly PlanSheet[];
  /** What of that is laid on each page, by page. */
  readonly laid?: ReadonlyMap<string, readonly Laying[]>;
}

/**
 * Claims a share-out page by page, as it was drawn: papers, small things, and the record that the work is held against.
 */
export const claimShareOut =
  ({ plan, pages, kits, gifts, sheets = sheetsOfShare(plan, pages), laid = new Map() }: Claiming): Deciding =>
  (bench, now) => {
    const own = pages.map((sharing) => {
      const { options, more } = sharing.page;
      const page = bench.pages.get(sharing.page.id) ?? sharing.page;
      const things = (laid.get(page.id) ?? []).map((one) => ({ ...one, id: now.newId() }));
      return {
        ...page,
        ...(options ? { options } : {}),
        ...(more ? { more } : {}),
        papers: { ...page.papers, ...sharedPapers(plan, sharing) },
        ...(things.length > 0 ? { placed: [...(page.placed ?? []), ...things] } : {}),
      };
    });
    if (own.length === 0) return refuse('nothing-to-do');
    const taken = takingOut(bench, own, sheets, now);
    if (!taken.ok) return taken;
    const sharing = sharingOf(plan, own, kits, now.newId(), now.day);
    return decided('shared-out', nth(own, 0).title, {
      count: own.length,
      events: [
        ...taken.value.events,
        ...gifts.map(({ page, lot, part, count }): NewEvent => ({
          type: 'claimed',
          lot,
          amounts: { [part]: count },
          page,
        })),
      ],
      records: [...own.map((page) => put('pages', page)), ...taken.value.records, put('sharings', sharing)],
    });
  };

/** Forgets a share-out's record; its pages and papers stay as they are. */
export const dropSharing =
  (id: string): Deciding =>
  () =>
    decided('forgot-share-out', '', { records: [drop('sharings', id)] });
