import { divideLeftOver } from './leftOver';
import { leaves, type Part } from './part';
import type { Problem } from '../problem/problem';
import type { Preference } from '../types';
import { nth } from '../../../ground/nth';

/** How far a sheet's cuts serve the aims. */
interface Tally {
  readonly kept: number;
  readonly waste: number;
  readonly cuts: number;
}

/** A sheet that is opened. Never changed once made. */
export interface Sheet {
  readonly kind: number;
  readonly tree: Part;
  readonly free: readonly Part[];
  readonly tally: Tally;
  readonly parts: number;
}

/** A plan in the making: the sheets opened and how many copies of each item are still to be cut. */
export interface State {
  sheets: Sheet[];
  readonly left: number[];
  readonly opened: number[];
}

/** The aims of the contract, each in the direction that more is better. */
export type Score = readonly [
  pieces: number,
  value: number,
  fresh: number,
  kept: number,
  older: readonly number[],
  waste: number,
  cuts: number,
];

export const emptyState = ({ items, kinds }: Problem): State => ({
  sheets: [],
  left: items.map((item) => item.count),
  opened: kinds.map(() => 0),
});

export const copyState = ({ sheets, left, opened }: State): State => ({
  sheets: [...sheets],
  left: [...left],
  opened: [...opened],
});

export const freshOpened = ({ kinds }: Problem, { opened }: State): number =>
  opened.reduce((sum, n, k) => (nth(kinds, k).stock.fresh ? sum + n : sum), 0);

/** Area of the pieces that must be cut and are. */
export const mustArea = ({ items }: Problem, { left }: State): number =>
  items.reduce((sum, { w, h, count, optional }, i) => (optional ? sum : sum + (count - nth(left, i)) * w * h), 0);

const countCuts = (part: Part): number => (part.cut ? 1 + countCuts(part.cut.near) + countCuts(part.cut.far) : 0);

function tally(problem: Problem, kind: number, tree: Part, parts: readonly Part[]): Tally {
  let [kept, used, cuts] = [0, 0, countCuts(tree)];
  let nubbins = 0;
  for (const part of parts) {
    if (part.use) {
      used += part.w * part.h;
      continue;
    }
    const division = divideLeftOver(problem, part);
    kept += division.kept;
    cuts += countCuts(division.part);
    for (const leaf of leaves(division.part)) if (divideLeftOver(problem, leaf).kept > 0) nubbins += leaf.w * leaf.h;
  }
  return { kept, waste: nth(problem.kinds, kind).solid - used - nubbins, cuts };
}

export function makeSheet(problem: Problem, kind: number, tree: Part): Sheet {
  const parts = leaves(tree);
  return {
    kind,
    tree,
    free: parts.filter((part) => !part.use),
    tally: tally(problem, kind, tree, parts),
    parts: parts.length,
  };
}

export function scoreOf(problem: Problem, state: State): Score {
  let [pieces, value, fresh, waste, cuts] = [0, 0, 0, 0, 0];
  problem.items.forEach((item, i) => {
    const cut = item.count - nth(state.left, i);
    if (item.optional) value += cut * item.value;
    else pieces += cut;
  });
  let kept = problem.keptUnopened;
  const older: number[] = [];
  for (const sheet of state.sheets) {
    const { stock, solid } = nth(problem.kinds, sheet.kind);
    if (stock.fresh) fresh++;
    kept += sheet.tally.kept - solid ** 2;
    waste += sheet.tally.waste;
    cuts += sheet.tally.cuts;
    older.push(stock.since ?? -Infinity);
  }
  older.sort((a, b) => b - a);
  return [pieces, value, -fresh, kept, older, -waste, -cuts];
}

/** Months newest first, compared in turn: an older one, or none more, is better. */
function compareAges(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < Math.max(a.length, b.length); i++) {
    const [one, two] = [a[i], b[i]];
    if (one === two) continue;
    if (one === undefined) return 1;
    if (two === undefined) return -1;
    return two - one;
  }
  return 0;
}

/** Values and squares may be sums of fractions: a difference in the last digits is none. */
const near = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-12 * Math.max(Math.abs(a), Math.abs(b));

/** The order in which the aims are compared, by their places in the score. */
const ORDERS: Record<Preference, readonly (keyof Score & number)[]> = {
  fresh: [0, 1, 2, 3, 4, 5, 6],
  cuts: [0, 1, 6, 2, 3, 4, 5],
  whole: [0, 1, 3, 2, 4, 5, 6],
};

/** Over 0 where `a` is the better plan; the aims are compared in turn. */
export function compareScores(a: Score, b: Score, prefer: Preference = 'fresh'): number {
  for (const aim of ORDERS[prefer]) {
    const [one, two] = [a[aim], b[aim]];
    if (typeof one === 'number' && typeof two === 'number') {
      if (!near(one, two)) return one - two;
      continue;
    }
    const older = compareAges(a[4], b[4]);
    if (older !== 0) return older;
  }
  return 0;
}
