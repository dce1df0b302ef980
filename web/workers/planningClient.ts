import type { BustingInput, BustingProgress } from '../../core/busting';
import type { CutJob, CutPlan, PlanProgress } from '../../core/cutting';
import type { DesignRanking, DesignsRanked } from '../../core/papers';
import type { Hole, PunchWish, Scrap } from '../../core/punching';
import type { PlanningApi } from './planning.worker';
import { withReports } from './withReports';
import { workerClient } from './workerClient';

const planning = workerClient<PlanningApi>(
  () => new Worker(new URL('./planning.worker.ts', import.meta.url), { type: 'module' }),
);

export const planInWorker = (
  job: CutJob,
  work: number,
  onProgress: (progress: PlanProgress) => void,
): Promise<CutPlan> => withReports(onProgress, (report) => planning.ask((api) => api.plan(job, work, report)));

export const proposeInWorker = (
  input: BustingInput,
  onProgress: (progress: BustingProgress) => void,
): Promise<BustingProgress | null> =>
  withReports(onProgress, (report) => planning.ask((api) => api.propose(input, report)));

export const rankInWorker = (
  ranking: DesignRanking,
  onProgress: (progress: DesignsRanked) => void,
): Promise<DesignsRanked | null> =>
  withReports(onProgress, (report) => planning.ask((api) => api.rank(ranking, report)));

export const punchInWorker = (scrap: Scrap, wishes: readonly PunchWish[]): Promise<Hole[][]> =>
  planning.ask((api) => api.punch(scrap, wishes));

export const stopPlanning = (): void => {
  planning.tell((api) => api.stop());
};
