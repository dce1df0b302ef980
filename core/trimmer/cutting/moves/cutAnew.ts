import type { Random } from '../constructions/fill';
import { better, compare, held } from '../parts/held';
import type { Score } from '../parts/state';
import type { Search } from '../search';
import type { Move } from './move';
import { rebuild } from './rebuild';
import { recut } from './recut';

/** Up to so many pieces every plan that is tried is cut anew as well as can be; beyond, only those that are better. */
const FEW = 6;

/** How much worse a neighbouring plan may be and still be gone on from; falls as the work is done. */
function isNearEnough(score: Score, than: Score, slack: number, random: Random): boolean {
  if (score[0] !== than[0]) return than[0] - score[0] <= 1 && random() < 0.02;
  if (score[1] !== than[1]) return score[1] >= than[1] * (1 - slack) && random() < 0.3;
  if (score[2] !== than[2]) return than[2] - score[2] <= 1 && random() < 0.02;
  return score[3] >= than[3] * (1 - slack / 4);
}

/** Whether a plan is gone on from though it is not the best. */
function isGoneOnFrom(next: Score, { current, spent, work, random }: Search): boolean {
  return isNearEnough(next, current.score, 0.06 * (1 - Math.min(1, spent / work)), random);
}

/** Parts are taken back and cut anew: ruin and recreate. */
export const cutAnew: Move = {
  isDue: () => true,
  make(search, { copies }) {
    const { problem, random, effort, ends, best, current } = search;
    const tried = rebuild(problem, current.state, random, effort);
    const next = held(problem, copies <= FEW ? recut(problem, tried, ends) : tried);
    if (compare(next, best) > 0) search.take(better(next, held(problem, recut(problem, next.state, ends))));
    else if (compare(next, current) >= 0 || isGoneOnFrom(next.score, search)) search.current = next;
  },
};
