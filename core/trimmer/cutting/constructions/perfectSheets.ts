import type { Build } from '../parts/build';
import type { Problem } from '../problem/problem';
import { buildsWithoutWaste, MOST_BUILDS } from './withoutWaste';
import { nth } from '../../../ground/nth';

/** Ways to fill a kind of sheet that are kept. */
const MOST_FILLS = 1_500;
/** Kinds of pieces that are counted in the time of one join. */
const KINDS_PER_JOIN = 6;
/** Steps of one search for fills that together take every piece. */
const MOST_STEPS = 60_000;

export interface Filled {
  readonly kind: number;
  readonly build: Build;
}

/** The largest piece of a fill, squared: fills of large pieces go first, small ones are easier to place later. */
const weight = ({ items }: Problem, { build }: Filled): number =>
  build.counts.reduce((sum, n, i) => sum + n * (nth(items, i).w * nth(items, i).h) ** 2, 0);

/** Fills that can still be had, of the item that the fewest of them have; an item that none has ends the branch. */
function scarcest(fills: readonly Filled[], left: readonly number[]): Filled[] {
  const having = left.map((n) => (n > 0 ? ([] as Filled[]) : null));
  for (const fill of fills)
    fill.build.counts.forEach((n, i) => {
      if (n > 0) having[i]?.push(fill);
    });
  return (
    having.reduce<Filled[] | null>(
      (least, own) => (own && (!least || own.length < least.length) ? own : least),
      null,
    ) ?? []
  );
}

/** Sheets that are opened again at once, at the most, when no more can be filled. */
const MOST_REOPENED = 3;

/** Whole sheets filled so far, what is left to fill others with, and the search for more. */
class Filling {
  private best: Filled[] = [];
  private readonly left: number[];
  private readonly opened: number[];

  constructor(
    private readonly problem: Problem,
    private readonly random: () => number,
    private readonly spend: (joins: number) => boolean,
    withOptional: boolean,
  ) {
    this.left = problem.items.map((item) => (item.optional && !withOptional ? 0 : item.count));
    this.opened = problem.kinds.map(() => 0);
  }

  private settle({ kind, build }: Filled, sign: 1 | -1): void {
    build.counts.forEach((n, i) => {
      this.left[i] = nth(this.left, i) - sign * n;
    });
    this.opened[kind] = nth(this.opened, kind) + sign;
  }

  private isFree(kind: number): boolean {
    return nth(this.opened, kind) < nth(this.problem.kinds, kind).stock.count;
  }

  /** All fills found of what is left, those with large pieces first. */
  private fills(): Filled[] {
    const { items, kinds, longestCut } = this.problem;
    const room = this.left.reduce((sum, n, i) => sum + n * nth(items, i).w * nth(items, i).h, 0);
    const found = kinds.flatMap(({ holes, w, h, solid }, kind) =>
      this.isFree(kind) && holes.length <= 1 && Math.max(w, h) <= longestCut && solid > 0 && solid <= room
        ? buildsWithoutWaste(this.problem, kind, this.left, this.random, this.spend, {
            region: { w, h },
            builds: MOST_BUILDS,
            enough: ({ fills }) => fills >= MOST_FILLS,
          }).fills.map((build) => ({ kind, build }))
        : [],
    );
    return found.sort((a, b) => weight(this.problem, b) - weight(this.problem, a));
  }

  /** Whether a set of the fills takes every piece; `best` remembers the most that went together. */
  private cover(fills: readonly Filled[], done: readonly Filled[], steps: { left: number }): boolean {
    if (done.length > this.best.length) this.best = [...done];
    if (this.left.every((n) => n === 0)) return true;
    if (steps.left-- < 0 || !this.spend(1 + fills.length * (1 + this.left.length / KINDS_PER_JOIN))) return false;
    const able = fills.filter(
      ({ kind, build }) => this.isFree(kind) && build.counts.every((n, i) => n <= nth(this.left, i)),
    );
    for (const fill of scarcest(able, this.left)) {
      this.settle(fill, 1);
      if (this.cover(able, [...done, fill], steps)) return true;
      this.settle(fill, -1);
    }
    return false;
  }

  private drawn<T>(list: readonly T[], among = list.length): T {
    return nth(list, Math.floor(this.random() * among));
  }

  /** Adds fill after fill to those that are done; true where every piece is taken. */
  private goOn(done: Filled[]): boolean {
    while (this.spend(ROUND)) {
      const fills = this.fills();
      if (this.cover(fills, done, { left: MOST_STEPS })) return true;
      if (fills.length === 0) return false;
      const fill = this.drawn(fills, 1 + Math.floor(fills.length / 4));
      this.settle(fill, 1);
      done.push(fill);
    }
    return false;
  }

  /** Fills sheets, then opens a few again and fills them otherwise, until every piece is taken or the work is done. */
  run(): Filled[] {
    let done: Filled[] = [];
    if (this.goOn(done)) return this.best;
    for (let round = 0; done.length > 0 && this.spend(1); round++) {
      const before = [...done];
      const isAnew = round % ROUNDS_TO_START_ANEW === ROUNDS_TO_START_ANEW - 1;
      for (
        let n = isAnew ? done.length : Math.min(done.length, 1 + Math.floor(this.random() * MOST_REOPENED));
        n > 0;
        n--
      ) {
        const at = Math.floor(this.random() * done.length);
        this.settle(nth(done.splice(at, 1), 0), -1);
      }
      if (this.goOn(done)) return this.best;
      if (isAnew || done.length >= before.length) continue;
      done.forEach((fill) => this.settle(fill, -1));
      before.forEach((fill) => this.settle(fill, 1));
      done = before;
    }
    return this.best;
  }
}

/** Joins of builds that take as long as what every round does besides. */
const ROUND = 500;
/** Rounds after which all sheets are opened again. */
const ROUNDS_TO_START_ANEW = 40;

/**
 * Fills whole sheets without waste. All fills found for the pieces at hand are searched for a set that takes every
 * piece (exact cover, the scarcest piece first, as D. E. Knuth, "Dancing links", 2000); where there is none among them,
 * one drawn by lot is settled and the rest is looked for anew; where that ends, a few sheets are opened again.
 * @param spend counts joins; false: the work allowed is done
 * @param withOptional whether what is optional is to be cut like the rest
 * @returns sheets that take every piece that must be cut, or the most that were filled
 */
export const perfectSheets = (
  problem: Problem,
  random: () => number,
  spend: (joins: number) => boolean,
  withOptional = false,
): Filled[] => new Filling(problem, random, spend, withOptional).run();
