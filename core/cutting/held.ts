import { layBuild } from './build';
import { wholeSheet } from './part';
import type { Filled } from './perfectSheets';
import type { Problem } from './problem';
import { fill } from './rebuild';
import { compareScores, copyState, emptyState, makeSheet, scoreOf, type Score, type State } from './state';
import type { Preference } from './types';

/** A plan with its score, and what is preferred where plans are compared. */
export interface Held {
  readonly state: State;
  readonly score: Score;
  readonly prefer: Preference | undefined;
}

/** Over 0 where `a` is the better plan. */
export const compare = (a: Held, b: Held): number => compareScores(a.score, b.score, a.prefer);
export const better = (a: Held, b: Held): Held => (compare(b, a) > 0 ? b : a);
export const held = (problem: Problem, state: State): Held => ({
  state,
  score: scoreOf(problem, state),
  prefer: problem.job.prefer,
});

/** The plan with whatever else still has room. */
export function filledUp(problem: Problem, state: State, spend: (work: number) => void): Held {
  const rest = copyState(state);
  fill(problem, rest, { rule: 'keep', blocks: true, noise: () => 1, shut: null, mostFresh: Infinity, spend }, 0, null);
  return held(problem, rest);
}

/** A plan with these sheets beside those of another, and whatever else then still has room. */
export function planWith(
  problem: Problem,
  filled: readonly Filled[],
  spend: (work: number) => void,
  beside = emptyState(problem),
): Held {
  const state = copyState(beside);
  for (const { kind, build } of filled) {
    state.sheets.push(makeSheet(problem, kind, layBuild(wholeSheet(problem.kinds[kind]!), build)));
    state.opened[kind]!++;
    build.counts.forEach((n, i) => {
      state.left[i]! -= n;
    });
  }
  return filledUp(problem, state, spend);
}
