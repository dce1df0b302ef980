import { expose } from 'comlink';
import loadHighs from 'highs';
import wasm from 'highs/runtime?url';
import { spell, spellSolverFrom, type SpellJob, type Spelling } from '../../core/spelling';
import { hello } from './answering';
import { breathe } from './breathe';

/** Of each asker the latest question counts: those before it are not answered any more. */
const latest = new Map<string, number>();

const api = {
  hello,
  /** Spells what can be spelt, job after job; null: the same asker asked something else meanwhile. */
  async spell(asker: string, jobs: readonly SpellJob[]): Promise<readonly Spelling[] | null> {
    const mine = (latest.get(asker) ?? 0) + 1;
    latest.set(asker, mine);
    const solver = spellSolverFrom(await loadHighs({ locateFile: () => wasm }));
    const spelt: Spelling[] = [];
    for (const job of jobs) {
      await breathe();
      if (mine !== latest.get(asker)) return null;
      spelt.push(spell(job, solver));
    }
    return spelt;
  },
};
export type SpellingApi = typeof api;
expose(api);
