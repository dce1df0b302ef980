import { nth } from '../../../ground/nth';
import { halves, joined, wholeSheet, type Part } from '../parts/part';
import { emptyState, makeSheet, type State } from '../parts/state';
import type { Problem } from '../problem/problem';
import type { BegunPart, BegunSheet } from '../types';

/**
 * A plan that was found elsewhere, of sheets cut as they are told there.
 * @throws {RangeError} where it is no plan of the job: another stock or piece, or a part of another size than its piece
 */
export function beginWith(problem: Problem, begun: readonly BegunSheet[]): State {
  const state = emptyState(problem);
  const kinds = new Map(problem.kinds.flatMap(({ ids }, k) => ids.map((id) => [id, k])));
  const items = new Map(problem.items.flatMap(({ ids }, i) => ids.map((id) => [id, i])));
  const cutAs = (part: Part, told: BegunPart, kind: number): Part => {
    if ('axis' in told) {
      const [near, far] = halves(part, told.axis, told.at / problem.grain);
      return joined(part, told.axis, cutAs(near, told.near, kind), cutAs(far, told.far, kind));
    }
    if (told.piece === null) return part;
    const item = items.get(told.piece);
    const lie =
      item === undefined
        ? undefined
        : nth(problem.servings, kind)[item]?.lies.find(({ w, h }) => w === part.w && h === part.h);
    if (item === undefined || !lie || state.left[item] === 0) throw new RangeError(`${told.piece} is not cut so`);
    state.left[item] = nth(state.left, item) - 1;
    return { ...part, use: { item, turned: lie.turned } };
  };
  for (const { stock, whole } of begun) {
    const kind = kinds.get(stock);
    if (kind === undefined || state.opened[kind] === nth(problem.kinds, kind).stock.count)
      throw new RangeError(`no more of ${stock} is there`);
    state.sheets.push(makeSheet(problem, kind, cutAs(wholeSheet(nth(problem.kinds, kind)), whole, kind)));
    state.opened[kind] = nth(state.opened, kind) + 1;
  }
  return state;
}
