import { fitsCounts, isRow, joinBuilds, pieceBuilds, singlesOf, type Build } from '../parts/build';
import { Heap } from './heap';
import { OutsideBound } from './outsideBound';
import { patternsOf } from './patterns';
import { priceOut } from './prices';
import type { Problem } from '../problem/problem';
import type { Unlimited } from './unlimited';

export interface ExactAnswer {
  /** The best build found that beats the plan that was there; null where none did. */
  readonly build: Build | null;
  /** What no plan can beat. */
  readonly bound: number;
}

/** A build with its worth, what is asked for its pieces, and what any plan round it can come to. */
interface Open {
  readonly build: Build;
  readonly worth: number;
  readonly asked: number;
  readonly area: number;
  readonly most: number;
}

const areaOf = ({ w, h }: { w: number; h: number }): number => w * h;

/** Builds taken up, their figures side by side in long arrays: every new one is held against all of them. */
class Closed {
  readonly list: Open[] = [];
  private room = 1024;
  ints = new Int32Array(CLOSED_INTS * this.room);
  floats = new Float64Array(CLOSED_FLOATS * this.room);

  push(entry: Open): void {
    const at = this.list.push(entry) - 1;
    if (at === this.room) {
      this.room *= 2;
      const [ints, floats] = [new Int32Array(CLOSED_INTS * this.room), new Float64Array(CLOSED_FLOATS * this.room)];
      ints.set(this.ints);
      floats.set(this.floats);
      [this.ints, this.floats] = [ints, floats];
    }
    const { build, worth, asked, area } = entry;
    this.ints.set(
      [build.w, build.h, build.has[0], build.has[1], isRow(build, 'x') ? 1 : isRow(build, 'y') ? 2 : 0],
      CLOSED_INTS * at,
    );
    this.floats.set([worth, worth - asked, area], CLOSED_FLOATS * at);
  }
}

/** Pairs looked at that take as long as one build made. */
const TAKING = 10;
const CLOSED_INTS = 5;
const CLOSED_FLOATS = 3;

/** The highest bound first, then the dearest. */
const goesBefore = (a: Open, b: Open): boolean => (a.most !== b.most ? a.most > b.most : a.worth > b.worth);

/**
 * The relaxed knapsack: dearest per area first into the area left, the last in part, no more of each than there are.
 */
function areaBound(
  dear: readonly { item: number; area: number; worth: number }[],
  counts: readonly number[],
  left: readonly number[],
  room: number,
): number {
  let worth = 0;
  for (const piece of dear) {
    const n = left[piece.item]! - counts[piece.item]!;
    if (n <= 0) continue;
    const area = n * piece.area;
    if (area > room) return worth + (piece.worth * room) / piece.area;
    worth += n * piece.worth;
    room -= area;
  }
  return worth;
}

/**
 * The dearest set of pieces that one whole sheet gives, by best-first search from below: builds are joined side by side
 * and on one another; the one with the highest bound is taken up first, and when no bound beats the best plan, it is
 * proved. Sources: K. V. Viswanathan, A. Bagchi, Operations Research 41, 1993; M. Hifi, "An improvement of Viswanathan
 * and Bagchi's exact algorithm", Computers and Operations Research 24, 1997, whose doubles are left out; the bounds are
 * sharpened by prices, see {@link priceOut}.
 * @param worth of one piece of each item, over 0; whole numbers make the bound round down
 * @param known what a plan already reaches
 * @param spend counts joins tried; false: stop, the bound then is that of the best build still open
 * @param onTable as {@link priceOut} wants it
 * @returns null where the sheet is too large for the tables
 */
export function exactSheet(
  problem: Problem,
  kind: number,
  left: readonly number[],
  worth: readonly number[],
  known: number,
  spend: (joins: number) => boolean,
  onTable: (table: Unlimited) => number,
): ExactAnswer | null {
  const { w: W, h: H } = problem.kinds[kind]!;
  const laid = problem.items.flatMap((_, item) =>
    worth[item]! > 0 && left[item]! > 0
      ? (problem.servings[kind]![item]?.lies ?? []).map((lie) => ({ ...lie, item }))
      : [],
  );
  const patterns = patternsOf(W, H, laid, left);
  if (!patterns) return null;
  let best: Build | null = null;
  let reached = known;
  const priced = priceOut(
    patterns,
    laid,
    left,
    worth,
    known,
    spend,
    (table) => (reached = Math.max(reached, onTable(table))),
  );
  const isWhole = worth.every((one) => Number.isInteger(one));
  const down = (bound: number): number => (isWhole ? Math.floor(bound + 1e-6) : bound);
  const [plainly, sharply] = [priced[0]!, priced.at(-1)!].map(({ table }) => new OutsideBound(patterns, table)) as [
    OutsideBound,
    OutsideBound,
  ];
  const { prices } = priced.at(-1)!;
  const allAsked = prices.reduce((sum, price, i) => sum + price * left[i]!, 0);
  /** From a build's sides, worth, and worth less the price alone: cheap, and enough for most. */
  const mostOutside = (w: number, h: number, own: number, net: number): number =>
    Math.min(own + plainly.at(w, h), net + allAsked + sharply.at(w, h));
  const dear = problem.items
    .map((item, i) => ({ item: i, area: areaOf(item), worth: worth[i]! }))
    .filter(({ item, worth: one }) => one > 0 && left[item]! > 0)
    .sort((a, b) => b.worth / b.area - a.worth / a.area);

  const ones = singlesOf(left);
  const open = new Heap<Open>(goesBefore);
  const closed = new Closed();
  const seen = new Map<string, Build[]>();
  let taken = 0;
  const take = (build: Build, own: number, asked: number, area: number): void => {
    taken++;
    const most = down(
      Math.min(
        mostOutside(build.w, build.h, own, own - asked),
        own + areaBound(dear, build.counts, left, W * H - areaOf(build)),
      ),
    );
    if (most <= reached) return;
    // The same pieces in no larger a rectangle were there before.
    const key = String.fromCharCode(...build.counts);
    const alike = seen.get(key);
    if (alike?.some((other) => other.w <= build.w && other.h <= build.h)) return;
    if (alike) alike.push(build);
    else seen.set(key, [build]);
    if (own > reached) {
      reached = own;
      best = build;
    }
    if (most > reached) open.push({ build, worth: own, asked, area, most });
  };
  for (const single of pieceBuilds(problem, kind, left)) {
    if ('item' in single.from && worth[single.from.item]! > 0)
      take(single, worth[single.from.item]!, prices[single.from.item]!, areaOf(single));
  }
  const tryWithAll = (next: Open): void => {
    const {
      build: { w, h, has, counts },
      worth: own,
      asked,
      area,
    } = next;
    const [low, high] = [has[0] & ones[0], has[1] & ones[1]];
    const row = isRow(next.build, 'x') ? 1 : isRow(next.build, 'y') ? 2 : 0;
    const { ints, floats, list } = closed;
    for (let i = 0, n = 0, f = 0; i < list.length; i++, n += CLOSED_INTS, f += CLOSED_FLOATS) {
      if (area + floats[f + 2]! > W * H || (low & ints[n + 2]!) !== 0 || (high & ints[n + 3]!) !== 0) continue;
      const [otherW, otherH, otherRow] = [ints[n]!, ints[n + 1]!, ints[n + 4]!];
      const [both, net] = [own + floats[f]!, own - asked + floats[f + 1]!];
      // Of rows the parts are put on one by one, or every order would be tried.
      const beside =
        w + otherW <= W &&
        (row !== 1 || otherRow !== 1) &&
        down(mostOutside(w + otherW, Math.max(h, otherH), both, net)) > reached;
      const upon =
        h + otherH <= H &&
        (row !== 2 || otherRow !== 2) &&
        down(mostOutside(Math.max(w, otherW), h + otherH, both, net)) > reached;
      if (!beside && !upon) continue;
      const other = list[i]!;
      if (!fitsCounts(counts, other.build.counts, left)) continue;
      if (beside) take(joinBuilds('x', next.build, other.build), both, both - net, area + other.area);
      if (upon) take(joinBuilds('y', next.build, other.build), both, both - net, area + other.area);
    }
  };
  for (;;) {
    const next = open.first;
    if (!next || next.most <= reached) return { build: best, bound: reached };
    if (!spend(closed.list.length + TAKING * taken)) return { build: best, bound: next.most };
    open.pop();
    closed.push(next);
    taken = 0;
    tryWithAll(next);
  }
}
