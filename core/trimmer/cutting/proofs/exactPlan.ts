import { wholeSheet } from '../parts/part';
import type { Problem } from '../problem/problem';
import { carryOut, Recutter } from '../moves/recut';
import { compareScores, emptyState, makeSheet, scoreOf, type Score, type Sheet, type State } from '../parts/state';
import { nth } from '../../../ground/nth';

/** Ways to share the pieces out past which a job is too large to be tried out whole. */
const MOST_WAYS = 60_000;

/** Divisions tried for one kind of sheet. */
const MOST_TRIES = 1_000_000;

const sizeOf = (set: number): number => {
  let n = 0;
  for (let rest = set; rest > 0; rest &= rest - 1) n++;
  return n;
};

/**
 * The best plan of a very small job by all seven aims: every set of pieces on every sheet, each sheet cut as well as it
 * can be. Exact where sheets have no gaps and lie within the trimmer's reach.
 * @returns null where the job is not so
 */
export function exactPlan(problem: Problem): State | null {
  const { items, kinds, longestCut } = problem;
  const pieces = items.flatMap((item, i) =>
    item.optional && item.value === 0 ? [] : Array.from({ length: Math.min(item.count, 20) }, () => i),
  );
  const copies = kinds.reduce((sum, { stock }) => sum + Math.min(stock.count, pieces.length), 0);
  const isPlain = kinds.every(({ holes, w, h }) => holes.length === 0 && Math.max(w, h) <= longestCut);
  if (!isPlain || pieces.length === 0 || pieces.length > 8 || (copies + 1) ** pieces.length > MOST_WAYS) return null;

  const recutters = kinds.map(
    (_, kind) =>
      new Recutter(problem, MOST_TRIES, {
        items: pieces,
        lies: pieces.map((item) => nth(problem.servings, kind)[item]?.lies ?? []),
      }),
  );
  const cache = new Map<string, Sheet | null>();
  const sheetOf = (kind: number, set: number): Sheet | null => {
    const key = `${kind}:${set}`;
    let sheet = cache.get(key);
    if (sheet === undefined) {
      const { w, h } = nth(kinds, kind);
      const best = nth(recutters, kind).best(w, h, set);
      cache.set(key, (sheet = best && makeSheet(problem, kind, carryOut(wholeSheet(nth(kinds, kind)), best))));
    }
    return sheet;
  };

  let best: { state: State; score: Score } | null = null;
  const sheets: Sheet[] = [];
  const finish = (): void => {
    const state = { ...emptyState(problem), sheets: [...sheets] };
    for (const { kind, tree } of sheets) {
      state.opened[kind] = nth(state.opened, kind) + 1;
      countUses(tree, state.left);
    }
    const score = scoreOf(problem, state);
    if (!best || compareScores(score, best.score, problem.job.prefer) > 0) best = { state, score };
  };
  /** Copies of one kind take no larger sets than those before, so that fewer are tried in another order. */
  const share = (kind: number, copy: number, left: number, most: number): void => {
    if (kind === kinds.length) {
      finish();
      return;
    }
    if (copy === Math.min(nth(kinds, kind).stock.count, pieces.length)) {
      share(kind + 1, 0, left, Infinity);
      return;
    }
    share(kind + 1, 0, left, Infinity);
    for (let set = left; set > 0; set = (set - 1) & left) {
      const size = sizeOf(set);
      if (size > most || !isFirstOfAlike(pieces, set, left)) continue;
      const sheet = sheetOf(kind, set);
      if (!sheet) continue;
      sheets.push(sheet);
      share(kind, copy + 1, left & ~set, size);
      sheets.pop();
    }
  };
  share(0, 0, (1 << pieces.length) - 1, Infinity);
  return recutters.some((recutter) => recutter.isExhausted) ? null : ((best as { state: State } | null)?.state ?? null);
}

/** Pieces alike are interchangeable: a set takes the first of them that are left. */
const isFirstOfAlike = (pieces: readonly number[], set: number, left: number): boolean =>
  pieces.every(
    (item, i) =>
      !(set & (1 << i)) ||
      pieces.every((other, j) => j >= i || other !== item || !(left & (1 << j)) || (set & (1 << j)) !== 0),
  );

function countUses(tree: Sheet['tree'], left: number[]): void {
  if (tree.use) left[tree.use.item] = nth(left, tree.use.item) - 1;
  if (tree.cut) {
    countUses(tree.cut.near, left);
    countUses(tree.cut.far, left);
  }
}
