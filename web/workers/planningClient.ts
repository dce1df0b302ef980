import type { Remote } from 'comlink';
import type { BustingInput, BustingProgress } from '../../core/busting';
import type { CutJob, CutPlan, PlanProgress } from '../../core/cutting';
import type { DesignRanking, DesignsRanked } from '../../core/papers';
import type { Hole, PunchWish, Scrap } from '../../core/punching';
import { openWorker } from './openWorker';
import type { PlanningApi } from './planning.worker';
import { withReports } from './withReports';

let worker: Remote<PlanningApi> | null = null;

const open = (): Remote<PlanningApi> =>
  (worker ??= openWorker<PlanningApi>(
    new Worker(new URL('./planning.worker.ts', import.meta.url), { type: 'module' }),
  ));

export const planInWorker = (
  job: CutJob,
  work: number,
  onProgress: (progress: PlanProgress) => void,
): Promise<CutPlan> => withReports(onProgress, (report) => open().plan(job, work, report));

export const proposeInWorker = (
  input: BustingInput,
  onProgress: (progress: BustingProgress) => void,
): Promise<BustingProgress | null> => withReports(onProgress, (report) => open().propose(input, report));

export const rankInWorker = (
  ranking: DesignRanking,
  onProgress: (progress: DesignsRanked) => void,
): Promise<DesignsRanked | null> => withReports(onProgress, (report) => open().rank(ranking, report));

export const punchInWorker = (scrap: Scrap, wishes: readonly PunchWish[]): Promise<Hole[][]> =>
  open().punch(scrap, wishes);

export const stopPlanning = (): void => {
  void worker?.stop();
};
