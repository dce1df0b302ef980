import type { BustingInput, BustingProgress } from '../../core/kit/busting';
import type { Punching, PurposedPlan } from '../../core/page/cutlist';
import type { DesignRanking, DesignsRanked } from '../../core/page/papers';
import type { PunchWish, Scrap } from '../../core/trimmer/punching';
import type { Hole, PlanSheet } from '../../core/stock/things';
import type { CutProgress, CutQuestion } from './cutQuestion';
import type { PlanningApi } from './planning.worker';
import { searchClient } from './searchClient';

const planning = searchClient<PlanningApi>(
  () => new Worker(new URL('./planning.worker.ts', import.meta.url), { type: 'module' }),
);

export const planInWorker = (
  question: CutQuestion,
  work: number,
  onProgress: (progress: CutProgress) => void,
): Promise<PurposedPlan> =>
  planning.search(
    (api, report) => api.plan(question, work, report),
    onProgress,
    ({ plan }) => plan,
  );

export const proposeInWorker = (
  input: BustingInput,
  together: number | null,
  onProgress: (progress: BustingProgress) => void,
): Promise<BustingProgress | null> =>
  planning.search(
    (api, report) => api.propose(input, together, report),
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

export const punchedInWorker = (sheets: readonly PlanSheet[], punching: Punching): Promise<readonly PlanSheet[]> =>
  planning.ask((api) => api.punched(sheets, punching));

export const stopPlanning = (): void => planning.stop();
