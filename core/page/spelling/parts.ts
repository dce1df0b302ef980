import { countOf, wordsAsked, type AskedWord } from './asked';
import { servingFor, type Serving } from './standIns';
import type { SpellJob } from './types';

/** Letters that a set, or all sets together, have to give: a word, or a whole title. */
export interface Part {
  /** Which title it is of. */
  readonly title: number;
  readonly words: readonly AskedWord[];
  /** How often each letter is wanted. */
  readonly wanted: ReadonlyMap<string, number>;
}

/** A job made ready: what is asked, part by part, and what serves for what. */
export interface Asked {
  readonly job: SpellJob;
  readonly parts: readonly Part[];
  /** By title, whether anything is asked of it. */
  readonly isAsked: readonly boolean[];
  readonly serving: (wanted: string) => readonly Serving[];
}

export function askedOf(job: SpellJob): Asked {
  const known = new Map<string, readonly Serving[]>();
  const serving = (wanted: string): readonly Serving[] => {
    const own = known.get(wanted) ?? servingFor(wanted, job);
    known.set(wanted, own);
    return own;
  };
  const part = (title: number, words: readonly AskedWord[]): Part => ({
    title,
    words,
    wanted: countOf(words.flatMap(({ letters }) => letters)),
  });
  const words = job.titles.map((title) => wordsAsked(title, job));
  const parts = words.flatMap((own, title) =>
    own.length === 0 ? [] : job.mix === 'word' ? own.map((word) => part(title, [word])) : [part(title, own)],
  );
  return { job, parts, isAsked: words.map((own) => own.length > 0), serving };
}
