import { cutListOf, punchable, shapedPieces, type Punching } from '../../page/cutlist';
import { trimmerOf, type Trimmer } from '../../trimmer/cutting';
import type { ShareJob, SharePlan } from '../shareout';
import type { Punch } from '../../stock/things';
import { sharedPapers, type SharingPage } from './shareJobFor';

/** What a share-out's pages have that a punch makes. */
export function punchingOf(
  plan: SharePlan,
  pages: readonly SharingPage[],
  job: Pick<ShareJob, 'stock' | keyof Trimmer>,
  own: readonly Punch[],
): Punching {
  return {
    stock: job.stock,
    trimmer: trimmerOf(job),
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
