import { layBuild } from '../parts/build';
import { fill } from './fill';
import { held, type Held } from '../parts/held';
import { wholeSheet } from '../parts/part';
import type { Effort } from './place';
import type { Filled } from './perfectSheets';
import type { Problem } from '../problem/problem';
import { copyState, emptyState, makeSheet, type State } from '../parts/state';
import { nth } from '../../../ground/nth';

/** The plan with whatever else still has room. */
export function filledUp(problem: Problem, state: State, effort: Effort): Held {
  const rest = copyState(state);
  fill(
    problem,
    rest,
    { rule: 'keep', blocks: true, noise: () => 1, shut: null, mostFresh: Infinity, ...effort },
    0,
    null,
  );
  return held(problem, rest);
}

/** A plan with these sheets beside those of another, and whatever else then still has room. */
export function planWith(
  problem: Problem,
  filled: readonly Filled[],
  effort: Effort,
  beside = emptyState(problem),
): Held {
  const state = copyState(beside);
  for (const { kind, build } of filled) {
    state.sheets.push(makeSheet(problem, kind, layBuild(wholeSheet(nth(problem.kinds, kind)), build)));
    state.opened[kind] = nth(state.opened, kind) + 1;
    build.counts.forEach((n, i) => {
      state.left[i] = nth(state.left, i) - n;
    });
  }
  return filledUp(problem, state, effort);
}
