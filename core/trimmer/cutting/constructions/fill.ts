import { place, type Effort, type PlaceOptions, type Rule } from './place';
import type { Problem } from '../problem/problem';
import type { State } from '../parts/state';
import { nth } from '../../../ground/nth';

export const RULES: readonly Rule[] = ['keep', 'keep', 'snug', 'edge'];

/** In what order pieces are put: by their size, their longest side, or the number of papers that can give them. */
export const ORDERS: readonly ((problem: Problem, item: number) => number)[] = [
  ({ items }, i) => nth(items, i).w * nth(items, i).h,
  ({ items }, i) => Math.max(nth(items, i).w, nth(items, i).h),
  ({ items }, i) => Math.min(nth(items, i).w, nth(items, i).h),
  (problem, i) => (nth(problem.items, i).w * nth(problem.items, i).h) / (1 + nth(problem.givers, i).length),
];

export type Random = () => number;

/**
 * Cuts what is left to cut: pieces that must be, then optional ones by value, in a shuffled order. Mutates `state`.
 * @param urgent by item, how much sooner than its size says
 */
export function fill(
  problem: Problem,
  state: State,
  options: PlaceOptions,
  orderBy: number,
  random: Random | null,
  urgent?: readonly number[],
): void {
  const weight = (of: Problem, item: number): number => nth(ORDERS, orderBy)(of, item) * (urgent?.[item] ?? 1);
  const shuffle = (): number => (random ? 0.75 + 0.5 * random() : 1);
  const wanted = problem.items
    .map((item, i) => ({ item, i, optional: item.optional }))
    .filter(({ item, i }) => nth(state.left, i) > 0 && (!item.optional || item.value > 0))
    .map(({ item, i, optional }) => ({
      i,
      optional,
      by: (optional ? item.value / (item.w * item.h) : weight(problem, i)) * shuffle(),
    }))
    .sort((a, b) => Number(a.optional) - Number(b.optional) || b.by - a.by || a.i - b.i);
  for (const { i } of wanted) while (nth(state.left, i) > 0 && !options.isOver() && place(problem, state, i, options));
}

/** So many copies that they are cut in blocks: one by one would take too long. */
export const isMany = ({ left }: State): boolean => left.reduce((sum, n) => sum + n, 0) > MANY;
const MANY = 400;

/** A first plan: largest pieces first, each where it costs the least. */
export function firstPlan(problem: Problem, state: State, effort: Effort, variant: number): State {
  fill(
    problem,
    state,
    {
      rule: nth(RULES, 1 + (variant % 3)),
      blocks: variant % 2 === 1 || isMany(state),
      noise: () => 1,
      shut: null,
      mostFresh: Infinity,
      ...effort,
    },
    variant % ORDERS.length,
    null,
  );
  return state;
}
