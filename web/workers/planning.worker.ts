import { expose } from 'comlink';
import { proposePages, type BustingInput, type BustingProgress } from '../../core/busting';
import { searchPlans, type CutJob, type CutPlan, type PlanProgress } from '../../core/cutting';
import { breathe } from './breathe';

let run = 0;
/** Between two reports: more would keep the page busy drawing. */
const REPORT_MS = 150;

/** Runs a search to its end or until it is told to stop; the last answer counts. */
async function drive<T>(search: Iterable<T>, onProgress: (progress: T) => unknown): Promise<T | null> {
  const mine = ++run;
  let last: T | null = null;
  let reported = -Infinity;
  for (const progress of search) {
    last = progress;
    if (performance.now() - reported >= REPORT_MS) {
      onProgress(progress);
      reported = performance.now();
    }
    await breathe();
    if (mine !== run) break;
  }
  return last;
}

const api = {
  /** Plans cuts; better plans are told as they come. @param work judgements allowed */
  async plan(job: CutJob, work: number, onProgress: (progress: PlanProgress) => unknown): Promise<CutPlan> {
    return (await drive(searchPlans(job, work), onProgress))!.plan;
  },
  /** Proposes pages out of leftovers. */
  propose: (input: BustingInput, onProgress: (progress: BustingProgress) => unknown): Promise<BustingProgress | null> => drive(proposePages(input), onProgress),
  /** Ends whatever runs; it answers with the best so far. */
  stop(): void { run++; },
};
export type PlanningApi = typeof api;
expose(api);
