import { expose } from 'comlink';
import { proposePages, proposeTogether, type BustingInput, type BustingProgress } from '../../core/kit/busting';
import { searchPlans, trimmerOf, type CutPlan } from '../../core/trimmer/cutting';
import { punchedSheets, punchInstead, purposed, type Punching, type PurposedPlan } from '../../core/page/cutlist';
import { punchOut, type PunchWish, type Scrap } from '../../core/trimmer/punching';
import { rankDesigns, type DesignRanking, type DesignsRanked } from '../../core/page/papers';
import type { Hole, PlanSheet } from '../../core/stock/things';
import type { CutProgress, CutQuestion } from './cutQuestion';
import { hello } from './answering';
import { makeDriver } from './driver';

const { drive, stop } = makeDriver();

const api = {
  hello,
  /** Plans cuts; better plans are told as they come. @param work judgements allowed */
  async plan(
    { job, list, punches }: CutQuestion,
    work: number,
    onProgress: (progress: CutProgress) => unknown,
  ): Promise<PurposedPlan> {
    const written = (plan: CutPlan): PurposedPlan =>
      punchInstead(purposed(plan, list), { punches, list, stock: job.stock, trimmer: trimmerOf(job) });
    const last = await drive(searchPlans(job, work), ({ plan, done }) => onProgress({ plan: written(plan), done }));
    if (!last) throw new Error('a search answers at least once');
    return written(last.plan);
  },
  /** Punches what a punch makes of sheets that are planned already. */
  punched: (sheets: readonly PlanSheet[], punching: Punching): readonly PlanSheet[] =>
    punchedSheets({ sheets, notCut: [] }, punching).sheets,
  /** Proposes pages out of leftovers. @param together so many that can all be made; null: others for one another */
  propose: (
    input: BustingInput,
    together: number | null,
    onProgress: (progress: BustingProgress) => unknown,
  ): Promise<BustingProgress | null> =>
    drive(together === null ? proposePages(input) : proposeTogether(input, together), onProgress),
  /** Ranks designs for a page's photos. */
  rank: (ranking: DesignRanking, onProgress: (progress: DesignsRanked) => unknown): Promise<DesignsRanked | null> =>
    drive(rankDesigns(ranking), onProgress),
  /** Finds where to punch. */
  punch: (scrap: Scrap, wishes: readonly PunchWish[]): Hole[][] => punchOut(scrap, wishes),
  /** Ends whatever runs; it answers with the best so far. */
  stop,
};
export type PlanningApi = typeof api;
expose(api);
