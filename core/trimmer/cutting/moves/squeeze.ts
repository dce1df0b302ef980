import type { Random } from '../constructions/fill';
import { compare, held, type Held } from '../parts/held';
import type { Effort } from '../constructions/place';
import type { Problem } from '../problem/problem';
import { fillSomehow, takeBackSome } from './rebuild';
import { copyState, mustArea, type State } from '../parts/state';
import type { Move } from './move';
import { takeBack } from './takeBack';
import { nth } from '../../../ground/nth';

/** After so many rounds a plan without one of the fresh sheets is sought. */
const SQUEEZES = 60;

/** So many rounds are spent on doing without a fresh sheet. */
const ROUNDS = 120;

/** The plan with one of its fresh sheets, drawn by lot, closed again; its pieces are still to be cut. */
function closeOne(problem: Problem, from: State, random: Random): State {
  const state = copyState(from);
  const fresh = state.sheets.filter(({ kind }) => nth(problem.kinds, kind).stock.fresh);
  if (fresh.length > 0) {
    const at = state.sheets.indexOf(nth(fresh, Math.floor(random() * fresh.length)));
    takeBack(problem, state, at, nth(state.sheets, at).tree);
  }
  return state;
}

/** Another plan near this one that opens no more fresh sheets; pieces that found no room before often go first. */
function squeeze(problem: Problem, from: State, mostFresh: number, random: Random, effort: Effort): State {
  const state = copyState(from);
  const urgency = 1 + 3 * random();
  const urgent = from.left.map((n) => (n > 0 ? urgency : 1));
  takeBackSome(problem, state, random);
  fillSomehow(problem, state, random, { shut: null, mostFresh, ...effort }, urgent);
  return state;
}

/**
 * A plan with a fresh sheet less: one is closed, and its pieces are squeezed in among the others, some of which stay
 * uncut on the way; nearer is what cuts more area.
 */
function withoutOneFresh(problem: Problem, from: Held, random: Random, effort: Effort, isOver: () => boolean): Held {
  const mostFresh = -from.score[2] - 1;
  let state = closeOne(problem, from.state, random);
  let area = mustArea(problem, state);
  for (let round = 0; round < ROUNDS && !isOver(); round++) {
    effort.spend(1);
    const next = squeeze(problem, state, mostFresh, random, effort);
    const own = mustArea(problem, next);
    if (own < area * (1 - 0.01 * random() * (1 - round / ROUNDS))) continue;
    state = next;
    area = own;
    const now = held(problem, state);
    if (compare(now, from) > 0) return now;
  }
  return from;
}

/** Now and then, as long as it is not proved that the fresh sheets are needed. */
export const fewerFresh: Move = {
  isDue: (search, { round }) => round % SQUEEZES === SQUEEZES - 1 && search.best.score[2] < -search.bounds().fresh,
  make(search) {
    const { problem, best, random, effort, isOver } = search;
    search.take(withoutOneFresh(problem, best, random, effort, isOver));
  },
};
