import { freePart, leaves, replacePart, withoutIdleCuts, type Part } from './part';
import { place, type PlaceOptions, type Rule } from './place';
import type { Problem } from './problem';
import { copyState, makeSheet, type State } from './state';

const RULES: readonly Rule[] = ['keep', 'keep', 'snug', 'edge'];

/** In what order pieces are put: by their size, their longest side, or the number of papers that can give them. */
const ORDERS: readonly ((problem: Problem, item: number) => number)[] = [
  ({ items }, i) => items[i]!.w * items[i]!.h,
  ({ items }, i) => Math.max(items[i]!.w, items[i]!.h),
  ({ items }, i) => Math.min(items[i]!.w, items[i]!.h),
  (problem, i) => (problem.items[i]!.w * problem.items[i]!.h) / (1 + problem.givers[i]!.length),
];

export type Random = () => number;
const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)]!;

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
  const weight = (of: Problem, item: number): number => ORDERS[orderBy]!(of, item) * (urgent?.[item] ?? 1);
  const shuffle = (): number => (random ? 0.75 + 0.5 * random() : 1);
  const wanted = problem.items
    .map((item, i) => ({ item, i, optional: item.optional }))
    .filter(({ item, i }) => state.left[i]! > 0 && (!item.optional || item.value > 0))
    .map(({ item, i, optional }) => ({
      i,
      optional,
      by: (optional ? item.value / (item.w * item.h) : weight(problem, i)) * shuffle(),
    }))
    .sort((a, b) => Number(a.optional) - Number(b.optional) || b.by - a.by || a.i - b.i);
  for (const { i } of wanted) while (state.left[i]! > 0 && place(problem, state, i, options));
}

/** So many copies that they are cut in blocks: one by one would take too long. */
const isMany = ({ left }: State): boolean => left.reduce((sum, n) => sum + n, 0) > MANY;
const MANY = 400;

/** A first plan: largest pieces first, each where it costs the least. */
export function firstPlan(problem: Problem, state: State, spend: PlaceOptions['spend'], variant: number): State {
  fill(
    problem,
    state,
    {
      rule: RULES[1 + (variant % 3)]!,
      blocks: variant % 2 === 1 || isMany(state),
      noise: () => 1,
      shut: null,
      mostFresh: Infinity,
      spend,
    },
    variant % ORDERS.length,
    null,
  );
  return state;
}

function parts(tree: Part, into: Part[] = []): Part[] {
  if (tree.cut || tree.use) into.push(tree);
  if (tree.cut) {
    parts(tree.cut.near, into);
    parts(tree.cut.far, into);
  }
  return into;
}

/** Takes back all pieces of a part of a sheet; a sheet left without any is closed again. Mutates `state`. */
export function takeBack(problem: Problem, state: State, at: number, part: Part): void {
  const { kind, tree } = state.sheets[at]!;
  for (const leaf of leaves(part)) if (leaf.use) state.left[leaf.use.item]!++;
  const rest = withoutIdleCuts(replacePart(tree, part, freePart(part, problem.kinds[kind]!)));
  if (rest.cut || rest.use) {
    state.sheets[at] = makeSheet(problem, kind, rest);
    return;
  }
  state.sheets.splice(at, 1);
  state.opened[kind]!--;
}

function takeBackSome(problem: Problem, state: State, random: Random): void {
  const whole = random() < 0.3;
  const times = 1 + Math.floor(random() * (whole ? 2 : 4));
  for (let n = 0; n < times && state.sheets.length > 0; n++) {
    const at = Math.floor(random() * state.sheets.length);
    const { tree } = state.sheets[at]!;
    takeBack(problem, state, at, whole ? tree : pick(parts(tree), random));
  }
}

/** Takes all sheets of a kind drawn by lot back; it then stays shut, so that others must serve. Mutates `state`. */
function shutOne(problem: Problem, state: State, random: Random): number | null {
  if (state.sheets.length === 0) return null;
  const { kind } = pick(state.sheets, random);
  for (let at = state.sheets.length - 1; at >= 0; at--)
    if (state.sheets[at]!.kind === kind) takeBack(problem, state, at, state.sheets[at]!.tree);
  return kind;
}

/** How to fill again, drawn by lot. */
function fillSomehow(
  problem: Problem,
  state: State,
  random: Random,
  options: Pick<PlaceOptions, 'shut' | 'mostFresh' | 'spend'>,
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
export function rebuild(problem: Problem, from: State, random: Random, spend: PlaceOptions['spend']): State {
  const state = copyState(from);
  const shut = random() < 0.2 ? shutOne(problem, state, random) : null;
  if (shut === null || random() < 0.5) takeBackSome(problem, state, random);
  fillSomehow(problem, state, random, { shut, mostFresh: Infinity, spend });
  return state;
}

/** The plan with one of its fresh sheets, drawn by lot, closed again; its pieces are still to be cut. */
export function closeOne(problem: Problem, from: State, random: Random): State {
  const state = copyState(from);
  const fresh = state.sheets.filter(({ kind }) => problem.kinds[kind]!.stock.fresh);
  if (fresh.length > 0) {
    const at = state.sheets.indexOf(pick(fresh, random));
    takeBack(problem, state, at, state.sheets[at]!.tree);
  }
  return state;
}

/** Another plan near this one that opens no more fresh sheets; pieces that found no room before often go first. */
export function squeeze(
  problem: Problem,
  from: State,
  mostFresh: number,
  random: Random,
  spend: PlaceOptions['spend'],
): State {
  const state = copyState(from);
  const urgency = 1 + 3 * random();
  const urgent = from.left.map((n) => (n > 0 ? urgency : 1));
  takeBackSome(problem, state, random);
  fillSomehow(problem, state, random, { shut: null, mostFresh, spend }, urgent);
  return state;
}
