import type { SpellJob, Spelling } from '../../core/spelling';
import type { SpellingApi } from './spelling.worker';
import { workerClient } from './workerClient';

const spelling = workerClient<SpellingApi>(
  () => new Worker(new URL('./spelling.worker.ts', import.meta.url), { type: 'module' }),
);

/** Spells what can be spelt, job after job, in a worker; null: the same asker asked something else meanwhile. */
export const spellInWorker = (asker: string, jobs: readonly SpellJob[]): Promise<readonly Spelling[] | null> =>
  spelling.ask((api) => api.spell(asker, jobs));
