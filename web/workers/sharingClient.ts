import type { Middle, ShareJob, SharePlan, ShareProgress } from '../../core/kit/shareout';
import { searchClient } from './searchClient';
import type { SharingApi } from './sharing.worker';

const sharing = searchClient<SharingApi>(
  () => new Worker(new URL('./sharing.worker.ts', import.meta.url), { type: 'module' }),
);

export const shareInWorker = (
  job: ShareJob,
  middles: readonly Middle[],
  work: number,
  onProgress: (progress: ShareProgress) => void,
): Promise<SharePlan> =>
  sharing.search(
    (api, report) => api.share(job, middles, work, report),
    onProgress,
    ({ plan }) => plan,
  );

export const stopSharing = (): void => sharing.stop();
