import type { ShareJob, SharePlan, ShareProgress } from '../../core/shareout';
import type { SharingApi } from './sharing.worker';
import { withReports } from './withReports';
import { workerClient } from './workerClient';

const sharing = workerClient<SharingApi>(
  () => new Worker(new URL('./sharing.worker.ts', import.meta.url), { type: 'module' }),
);

export const shareInWorker = (
  job: ShareJob,
  work: number,
  onProgress: (progress: ShareProgress) => void,
): Promise<SharePlan> => withReports(onProgress, (report) => sharing.ask((api) => api.share(job, work, report)));

export const stopSharing = (): void => {
  sharing.tell((api) => api.stop());
};
