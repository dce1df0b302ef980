import { cutListOf, punchable, shapedPieces, type Punching } from '../../../core/cutlist';
import type { ShareJob, SharePlan } from '../../../core/shareout';
import { sharedPapers, sheetsOfShare, type SharingPage } from '../../../core/sharing';
import type { PlanSheet, Punch } from '../../../core/things';
import { whyOf } from '../../ui/BrokenOff';
import { punchedInWorker } from '../../workers/planningClient';

/** What a share-out's pages have that a punch makes. */
export function punchingOf(
  plan: SharePlan,
  pages: readonly SharingPage[],
  { stock, longestCut }: Pick<ShareJob, 'stock' | 'longestCut'>,
  own: readonly Punch[],
): Punching {
  return {
    stock,
    longestCut,
    list: pages.flatMap((sharing) => {
      const { page, layout } = sharing;
      return cutListOf(layout, { ...page, papers: { ...page.papers, ...sharedPapers(plan, sharing) } });
    }),
    punches: punchable(
      pages.flatMap(({ page, layout }) => shapedPieces(layout, page)),
      own,
    ),
  };
}

/** A share-out's sheets, with what her punches make punched; as they are drawn, and why, where that breaks off. */
export async function punchedShare(
  plan: SharePlan,
  pages: readonly SharingPage[],
  punching: Punching,
): Promise<{ readonly sheets: readonly PlanSheet[]; readonly trouble: string | null }> {
  const drawn = sheetsOfShare(plan, pages);
  if (punching.punches.size === 0) return { sheets: drawn, trouble: null };
  return punchedInWorker(drawn, punching).then(
    (sheets) => ({ sheets, trouble: null }),
    (error: unknown) => ({
      sheets: drawn,
      trouble: `Where to punch could not be worked out, so shapes are cut as squares: ${whyOf(error)}`,
    }),
  );
}
