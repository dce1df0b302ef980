import { proxy, wrap, type Remote } from 'comlink';
import type { ShareJob, SharePlan, ShareProgress } from '../../core/shareout';
import type { SharingApi } from './sharing.worker';

let worker: Remote<SharingApi> | null = null;

export function shareInWorker(job: ShareJob, work: number, onProgress: (progress: ShareProgress) => void): Promise<SharePlan> {
  worker ??= wrap<SharingApi>(new Worker(new URL('./sharing.worker.ts', import.meta.url), { type: 'module' }));
  return worker.share(job, work, proxy(onProgress));
}

export const stopSharing = (): void => { void worker?.stop(); };
