import { squareKept } from '../parts/leftOver';
import { halves, joined, leaves, type Part } from '../parts/part';
import { servingOf, type Lie, type Problem } from '../problem/problem';
import { makeSheet, type Sheet, type State } from '../parts/state';
import { nth } from '../../../ground/nth';

/** A sheet with more pieces is left as it is. */
const MOST_PIECES = 6;
/** Divisions tried for one sheet; past them it is left as it is. */
const MOST_TRIES = 8_000;

/** The best division of a part for a set of pieces: what is kept, then wasted, then cut, compared in turn. */
interface Division {
  readonly kept: number;
  readonly waste: number;
  readonly cuts: number;
  readonly how:
    | { readonly axis: 'x' | 'y'; readonly at: number; readonly near: Division; readonly far: Division }
    | { readonly item: number; readonly lie: Lie }
    | null;
}

const isBetter = (a: Division, b: Division | null): boolean =>
  b === null || (a.kept !== b.kept ? a.kept > b.kept : a.waste !== b.waste ? a.waste < b.waste : a.cuts < b.cuts);

/** The pieces of a sheet, each by its item; a set of them is a number with a bit for each. */
interface Pieces {
  readonly items: readonly number[];
  readonly lies: readonly (readonly Lie[])[];
}

/** Finds the best division of parts of one kind of sheet for sets of the given pieces. */
export class Recutter {
  private readonly memo = new Map<string, Division | null>();
  private tries = 0;

  constructor(
    private readonly problem: Problem,
    private readonly mostTries: number,
    private readonly pieces: Pieces,
  ) {}

  /** Whether there was too much to try: answers then need not be the best. */
  get isExhausted(): boolean {
    return this.tries >= this.mostTries;
  }

  /** Positions from the near edge at which the pieces of a set can end: sums of their sides. */
  private ends(set: number, axis: 'x' | 'y', most: number): number[] {
    let sums = new Set([0]);
    this.pieces.lies.forEach((lies, i) => {
      if (!(set & (1 << i))) return;
      const sides = lies.map((lie) => (axis === 'x' ? lie.w : lie.h));
      sums = new Set([...sums, ...[...sums].flatMap((sum) => sides.map((side) => sum + side))]);
    });
    return [...sums].filter((sum) => sum > 0 && sum <= most);
  }

  /** Pieces alike are taken in order, so that no set is tried twice under other names. */
  private isFirstOfAlike(set: number, from: number): boolean {
    const { items } = this.pieces;
    return items.every(
      (item, i) =>
        !(set & (1 << i)) ||
        items.every((other, j) => j >= i || other !== item || !(from & (1 << j)) || (set & (1 << j)) !== 0),
    );
  }

  /** Whether a set is larger than a part. */
  private isTooMuch(w: number, h: number, set: number): boolean {
    let room = w * h;
    this.pieces.items.forEach((item, i) => {
      if (set & (1 << i)) room -= nth(this.problem.items, item).w * nth(this.problem.items, item).h;
    });
    return room < 0;
  }

  /** The part as it is: left over, or just the piece. */
  private whole(w: number, h: number, set: number): Division | null {
    if (set === 0) {
      const kept = squareKept(this.problem, w, h);
      return { kept, waste: kept > 0 ? 0 : w * h, cuts: 0, how: null };
    }
    const i = Math.log2(set);
    const lie = Number.isInteger(i) ? nth(this.pieces.lies, i).find((one) => one.w === w && one.h === h) : undefined;
    return lie ? { kept: 0, waste: 0, cuts: 0, how: { item: nth(this.pieces.items, i), lie } } : null;
  }

  best(w: number, h: number, set: number): Division | null {
    const key = `${w}x${h}:${set}`;
    const known = this.memo.get(key);
    if (known !== undefined) return known;
    let best = this.whole(w, h, set);
    if (set !== 0 && best === null && !this.isExhausted && !this.isTooMuch(w, h, set)) {
      for (const axis of ['x', 'y'] as const) {
        if ((axis === 'x' ? h : w) > this.problem.longestCut) continue;
        const size = axis === 'x' ? w : h;
        for (let near = set; near > 0; near = (near - 1) & set) {
          if (!this.isFirstOfAlike(near, set)) continue;
          for (const at of this.ends(near, axis, size)) {
            if (at === size) continue;
            this.tries++;
            const one = axis === 'x' ? this.best(at, h, near) : this.best(w, at, near);
            const two = one && (axis === 'x' ? this.best(w - at, h, set ^ near) : this.best(w, h - at, set ^ near));
            if (!one || !two) continue;
            const division = {
              kept: one.kept + two.kept,
              waste: one.waste + two.waste,
              cuts: one.cuts + two.cuts + 1,
              how: { axis, at, near: one, far: two },
            };
            if (isBetter(division, best)) best = division;
          }
        }
      }
    }
    this.memo.set(key, best);
    return best;
  }
}

/** The part divided so. */
export function carryOut(part: Part, { how }: Division): Part {
  if (how === null) return part;
  if ('item' in how) return { ...part, use: { item: how.item, turned: how.lie.turned } };
  const [near, far] = halves(part, how.axis, how.at);
  return joined(part, how.axis, carryOut(near, how.near), carryOut(far, how.far));
}

const known = new WeakMap<Problem, Map<string, Part | null>>();

/**
 * A sheet's pieces cut from it anew so that the most is kept, the least wasted, with the fewest cuts: exact for few
 * pieces on a whole sheet, by remembering every part and set of pieces met; cuts are tried where pieces end.
 */
function recutSheet(problem: Problem, sheet: Sheet): Sheet {
  const { holes, w, h } = nth(problem.kinds, sheet.kind);
  const items = leaves(sheet.tree)
    .flatMap(({ use }) => (use ? [use.item] : []))
    .sort((a, b) => a - b);
  if (holes.length > 0 || items.length > MOST_PIECES) return sheet;
  let trees = known.get(problem);
  if (!trees) known.set(problem, (trees = new Map()));
  const key = `${sheet.kind}:${items.join()}`;
  let tree = trees.get(key);
  if (tree === undefined) {
    const recutter = new Recutter(problem, MOST_TRIES, {
      items,
      lies: items.map((item) => servingOf(problem, sheet.kind, item).lies),
    });
    const best = recutter.best(w, h, (1 << items.length) - 1);
    tree = best && !recutter.isExhausted ? carryOut({ ...sheet.tree, cut: null, use: null }, best) : null;
    trees.set(key, tree);
  }
  return tree ? makeSheet(problem, sheet.kind, tree) : sheet;
}

/**
 * A plan with every sheet cut anew as well as it can be; the pieces stay on their sheets.
 * @param isOver asked before each: whether the others are to stay as they are
 */
export const recut = (problem: Problem, state: State, isOver: () => boolean): State => ({
  ...state,
  sheets: state.sheets.map((sheet) => (isOver() ? sheet : recutSheet(problem, sheet))),
});
