import type { BustingInput, BustingProgress } from '../../core/busting';
import type { CutJob, CutPlan, PlanProgress } from '../../core/cutting';
import type { DesignRanking, DesignsRanked } from '../../core/papers';
import type { Hole, PunchWish, Scrap } from '../../core/punching';
import type { PlanningApi } from './planning.worker';
import { searchClient } from './searchClient';

const planning = searchClient<PlanningApi>(
  () => new Worker(new URL('./planning.worker.ts', import.meta.url), { type: 'module' }),
);

export const planInWorker = (
  job: CutJob,
  work: number,
  onProgress: (progress: PlanProgress) => void,
): Promise<CutPlan> =>
  planning.search(
    (api, report) => api.plan(job, work, report),
    onProgress,
    ({ plan }) => plan,
  );

export const proposeInWorker = (
  input: BustingInput,
  onProgress: (progress: BustingProgress) => void,
): Promise<BustingProgress | null> =>
  planning.search(
    (api, report) => api.propose(input, report),
    onProgress,
    (last) => last,
  );

export const rankInWorker = (
  ranking: DesignRanking,
  onProgress: (progress: DesignsRanked) => void,
): Promise<DesignsRanked | null> =>
  planning.search(
    (api, report) => api.rank(ranking, report),
    onProgress,
    (last) => last,
  );

export const punchInWorker = (scrap: Scrap, wishes: readonly PunchWish[]): Promise<Hole[][]> =>
  planning.ask((api) => api.punch(scrap, wishes));

export const stopPlanning = (): void => planning.stop();
