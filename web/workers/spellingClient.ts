import type { SpellingApi } from './spelling.worker';
import { workerClient } from './workerClient';

/** The worker that spells: see its own functions. */
export const spelling = workerClient<SpellingApi>(
  () => new Worker(new URL('./spelling.worker.ts', import.meta.url), { type: 'module' }),
);
