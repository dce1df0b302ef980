import { expose } from 'comlink';
import { proposePages, type BustingInput, type BustingProgress } from '../../core/busting';
import { searchPlans, type CutJob, type CutPlan, type PlanProgress } from '../../core/cutting';
import { punchOut, type Hole, type PunchWish, type Scrap } from '../../core/punching';
import { rankDesigns, type DesignRanking, type DesignsRanked } from '../../core/papers';
import { hello } from './answering';
import { makeDriver } from './driver';

const { drive, stop } = makeDriver();

const api = {
  hello,
  /** Plans cuts; better plans are told as they come. @param work judgements allowed */
  async plan(job: CutJob, work: number, onProgress: (progress: PlanProgress) => unknown): Promise<CutPlan> {
    return (await drive(searchPlans(job, work), onProgress))!.plan;
  },
  /** Proposes pages out of leftovers. */
  propose: (input: BustingInput, onProgress: (progress: BustingProgress) => unknown): Promise<BustingProgress | null> =>
    drive(proposePages(input), onProgress),
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
