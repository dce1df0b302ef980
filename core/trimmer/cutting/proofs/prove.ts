import type { Bounds } from './bounds';
import { exactPlan } from './exactPlan';
import { exactSheet } from './exactSheet';
import { better, held, type Held } from '../parts/held';
import { filledUp, planWith } from '../constructions/planWith';
import type { Effort } from '../constructions/place';
import type { Joins } from './joins';
import { wholeSheet, withoutIdleCuts } from '../parts/part';
import { isPlain, type Problem } from '../problem/problem';
import { makeSheet } from '../parts/state';
import type { Unlimited } from './unlimited';
import { worths } from '../problem/worths';

/** A plan that may be better, and bounds that are proved. */
export interface Proof {
  readonly plan: Held | null;
  readonly bounds: Partial<Bounds>;
}

/** Very small jobs are tried out whole; of others, a single sheet is proved. */
export function prove(problem: Problem, best: Held, joins: Joins, effort: Effort): Proof {
  const state = exactPlan(problem);
  if (!state) return proveOneSheet(problem, best, joins, effort);
  const plan = held(problem, state);
  return { plan, bounds: { pieces: plan.score[0], value: plan.score[1], fresh: -plan.score[2] } };
}

/** One whole sheet: the exact search. */
function proveOneSheet(problem: Problem, best: Held, joins: Joins, effort: Effort): Proof {
  const [kind, another] = problem.kinds;
  if (!kind || another || kind.stock.count > 1 || !isPlain(problem, kind)) return { plan: null, bounds: {} };
  const { must, worth } = worths(problem);
  let plan = best;
  const reachedBy = ({ score }: Held): number => must * score[0] + score[1];
  const onTable = (table: Unlimited): number => {
    const left = problem.items.map(({ count }) => count);
    const tree = withoutIdleCuts(table.lay(wholeSheet(kind), left));
    plan = better(
      plan,
      filledUp(
        problem,
        {
          sheets: tree.cut || tree.use ? [makeSheet(problem, 0, tree)] : [],
          left,
          opened: [tree.cut || tree.use ? 1 : 0],
        },
        effort,
      ),
    );
    return reachedBy(plan);
  };
  const answer = exactSheet(
    problem,
    0,
    problem.items.map(({ count }) => count),
    worth,
    reachedBy(best),
    joins.spend,
    onTable,
  );
  effort.spend(joins.work);
  if (!answer) return { plan: null, bounds: {} };
  const pieces = must === 0 ? 0 : Math.floor(answer.bound / must + 1e-9);
  if (answer.build) plan = better(plan, planWith(problem, [{ kind: 0, build: answer.build }], effort));
  const reached = plan.score[0];
  return { plan, bounds: { pieces, ...(pieces === reached ? { value: answer.bound - pieces * must } : {}) } };
}
