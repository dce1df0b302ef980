import { fill, isMany, ORDERS, RULES, type Random } from '../constructions/fill';
import type { Part } from '../parts/part';
import type { Effort, PlaceOptions } from '../constructions/place';
import type { Problem } from '../problem/problem';
import { copyState, type State } from '../parts/state';
import { takeBack } from './takeBack';
import { nth } from '../../../ground/nth';

const pick = <T>(list: readonly T[], random: Random): T => nth(list, Math.floor(random() * list.length));

function parts(tree: Part, into: Part[] = []): Part[] {
  if (tree.cut || tree.use) into.push(tree);
  if (tree.cut) {
    parts(tree.cut.near, into);
    parts(tree.cut.far, into);
  }
  return into;
}

/** Takes a few parts or sheets, drawn by lot, back. Mutates `state`. */
export function takeBackSome(problem: Problem, state: State, random: Random): void {
  const whole = random() < 0.3;
  const times = 1 + Math.floor(random() * (whole ? 2 : 4));
  for (let n = 0; n < times && state.sheets.length > 0; n++) {
    const at = Math.floor(random() * state.sheets.length);
    const { tree } = nth(state.sheets, at);
    takeBack(problem, state, at, whole ? tree : pick(parts(tree), random));
  }
}

/** Takes all sheets of a kind drawn by lot back; it then stays shut, so that others must serve. Mutates `state`. */
function shutOne(problem: Problem, state: State, random: Random): number | null {
  if (state.sheets.length === 0) return null;
  const { kind } = pick(state.sheets, random);
  for (let at = state.sheets.length - 1; at >= 0; at--)
    if (nth(state.sheets, at).kind === kind) takeBack(problem, state, at, nth(state.sheets, at).tree);
  return kind;
}

/** How to fill again, drawn by lot. */
export function fillSomehow(
  problem: Problem,
  state: State,
  random: Random,
  options: Pick<PlaceOptions, 'shut' | 'mostFresh' | keyof Effort>,
  urgent?: readonly number[],
): void {
  const noisy = random() < 0.7;
  fill(
    problem,
    state,
    {
      ...options,
      rule: pick(RULES, random),
      blocks: isMany(state) || random() < 0.4,
      noise: noisy ? () => 0.9 + 0.2 * random() : () => 1,
    },
    Math.floor(random() * ORDERS.length),
    random,
    urgent,
  );
}

/** Another plan near this one: a few parts or sheets are taken back and cut anew by a rule drawn by lot. */
export function rebuild(problem: Problem, from: State, random: Random, effort: Effort): State {
  const state = copyState(from);
  const shut = random() < 0.2 ? shutOne(problem, state, random) : null;
  if (shut === null || random() < 0.5) takeBackSome(problem, state, random);
  fillSomehow(problem, state, random, { shut, mostFresh: Infinity, ...effort });
  return state;
}
