import type { Remote } from 'comlink';
import type { ShareJob, SharePlan, ShareProgress } from '../../core/shareout';
import { openWorker } from './openWorker';
import type { SharingApi } from './sharing.worker';
import { withReports } from './withReports';

let worker: Remote<SharingApi> | null = null;

export function shareInWorker(
  job: ShareJob,
  work: number,
  onProgress: (progress: ShareProgress) => void,
): Promise<SharePlan> {
  const opened = (worker ??= openWorker<SharingApi>(
    new Worker(new URL('./sharing.worker.ts', import.meta.url), { type: 'module' }),
  ));
  return withReports(onProgress, (report) => opened.share(job, work, report));
}

export const stopSharing = (): void => {
  void worker?.stop();
};
