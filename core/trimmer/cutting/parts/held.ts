import type { Problem } from '../problem/problem';
import { compareScores, scoreOf, type Score, type State } from './state';
import type { Preference } from '../types';

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
