import type { Effort } from '../constructions/place';
import { exactSheet } from '../proofs/exactSheet';
import { compare, type Held } from '../parts/held';
import { planWith } from '../constructions/planWith';
import type { Joins } from '../proofs/joins';
import { isPlain, type Problem } from '../problem/problem';
import { takeBack } from './takeBack';
import { copyState } from '../parts/state';
import { worths } from '../problem/worths';
import { nth } from '../../../ground/nth';

/**
 * A plan in which the sheet of this kind (`at` that place among those opened; null: another) is filled with the dearest
 * of what is to be had.
 */
function sheetAnew(
  problem: Problem,
  from: Held,
  kind: number,
  at: number | null,
  joins: Joins,
  effort: Effort,
): Held | null {
  const { worth } = worths(problem);
  const { state } = from;
  if (!isPlain(problem, nth(problem.kinds, kind)) || state.left.every((n, i) => n === 0 || worth[i] === 0)) return null;
  const rest = copyState(state);
  if (at !== null) takeBack(problem, rest, at, nth(rest.sheets, at).tree);
  const known = rest.left.reduce((sum, n, i) => sum + (n - nth(state.left, i)) * nth(worth, i), 0);
  const build = exactSheet(problem, kind, rest.left, worth, known, joins.spend, () => known)?.build;
  const plan = build ? planWith(problem, [{ kind, build }], effort, rest) : null;
  return plan && compare(plan, from) > 0 ? plan : null;
}

/**
 * The plan with its sheets, and then those that it leaves shut, filled anew one at a time with the dearest of what is
 * on them and what is cut nowhere, as long as that makes it better.
 */
export function eachSheetAnew(problem: Problem, from: Held, joins: Joins, effort: Effort): Held {
  let best = from;
  const anew = (kind: number, at: number | null): boolean => {
    const next = sheetAnew(problem, best, kind, at, joins, effort);
    if (next) best = next;
    return next !== null;
  };
  for (let again = true; again;) {
    again =
      best.state.sheets.some(({ kind }, at) => anew(kind, at)) ||
      problem.kinds.some(({ stock }, kind) => nth(best.state.opened, kind) < stock.count && anew(kind, null));
  }
  effort.spend(joins.work);
  return best;
}
