import type { Size } from '../../../ground/geometry';
import { nth } from '../../../ground/nth';
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

/** What the search is asked, and what the prices told of it. */
interface Asked {
  readonly problem: Problem;
  readonly sheet: Size;
  readonly left: readonly number[];
  readonly worth: readonly number[];
  readonly prices: readonly number[];
  /** Bounds of what can lie outside a build: by worth alone, and by worth less the prices. */
  readonly plainly: OutsideBound;
  readonly sharply: OutsideBound;
}

/** Builds still open and closed, and the best so far. */
class BestFirst {
  best: Build | null = null;
  private readonly open = new Heap<Open>(goesBefore);
  private readonly closed = new Closed();
  private readonly seen = new Map<string, Build[]>();
  private readonly ones: readonly [number, number];
  private readonly dear: readonly { item: number; area: number; worth: number }[];
  private readonly allAsked: number;
  private readonly isWhole: boolean;
  private taken = 0;

  constructor(
    private readonly asked: Asked,
    public reached: number,
  ) {
    const { problem, left, worth, prices } = asked;
    this.ones = singlesOf(left);
    this.isWhole = worth.every((one) => Number.isInteger(one));
    this.allAsked = prices.reduce((sum, price, i) => sum + price * nth(left, i), 0);
    this.dear = problem.items
      .map((item, i) => ({ item: i, area: areaOf(item), worth: nth(worth, i) }))
      .filter((one) => one.worth > 0 && nth(left, one.item) > 0)
      .sort((a, b) => b.worth / b.area - a.worth / a.area);
  }

  private down(bound: number): number {
    return this.isWhole ? Math.floor(bound + 1e-6) : bound;
  }

  /** From a build's sides, worth, and worth less the price alone: cheap, and enough for most. */
  private mostOutside(w: number, h: number, own: number, net: number): number {
    const { plainly, sharply } = this.asked;
    return Math.min(own + plainly.at(w, h), net + this.allAsked + sharply.at(w, h));
  }

  /** Opens a build, unless no bound of it beats what is reached, or the same pieces lay in no larger a rectangle. */
  take(build: Build, own: number, price: number, area: number): void {
    const { sheet, left } = this.asked;
    this.taken++;
    const room = sheet.w * sheet.h - areaOf(build);
    const most = this.down(
      Math.min(
        this.mostOutside(build.w, build.h, own, own - price),
        own + areaBound(this.dear, build.counts, left, room),
      ),
    );
    if (most <= this.reached) return;
    const key = String.fromCharCode(...build.counts);
    const alike = this.seen.get(key);
    if (alike?.some((other) => other.w <= build.w && other.h <= build.h)) return;
    if (alike) alike.push(build);
    else this.seen.set(key, [build]);
    if (own > this.reached) {
      this.reached = own;
      this.best = build;
    }
    if (most > this.reached) this.open.push({ build, worth: own, asked: price, area, most });
  }

  /** Joins a build with every closed one, beside it and upon it. */
  private tryWithAll({ build, worth: own, asked: price, area }: Open): void {
    const { w, h, has, counts } = build;
    const { w: W, h: H } = this.asked.sheet;
    const [low, high] = [has[0] & this.ones[0], has[1] & this.ones[1]];
    const row = isRow(build, 'x') ? 1 : isRow(build, 'y') ? 2 : 0;
    const { ints, floats, list } = this.closed;
    for (let i = 0, n = 0, f = 0; i < list.length; i++, n += CLOSED_INTS, f += CLOSED_FLOATS) {
      if (area + floats[f + 2]! > W * H || (low & ints[n + 2]!) !== 0 || (high & ints[n + 3]!) !== 0) continue;
      const [otherW, otherH, otherRow] = [ints[n]!, ints[n + 1]!, ints[n + 4]!];
      const [both, net] = [own + floats[f]!, own - price + floats[f + 1]!];
      // Of rows the parts are put on one by one, or every order would be tried.
      const beside =
        w + otherW <= W &&
        (row !== 1 || otherRow !== 1) &&
        this.down(this.mostOutside(w + otherW, Math.max(h, otherH), both, net)) > this.reached;
      const upon =
        h + otherH <= H &&
        (row !== 2 || otherRow !== 2) &&
        this.down(this.mostOutside(Math.max(w, otherW), h + otherH, both, net)) > this.reached;
      if (!beside && !upon) continue;
      const other = nth(list, i);
      if (!fitsCounts(counts, other.build.counts, this.asked.left)) continue;
      if (beside) this.take(joinBuilds('x', build, other.build), both, both - net, area + other.area);
      if (upon) this.take(joinBuilds('y', build, other.build), both, both - net, area + other.area);
    }
  }

  /** To the proof, or until no more may be spent. @returns the bound of any plan */
  run(spend: (joins: number) => boolean): number {
    for (;;) {
      const next = this.open.first;
      if (!next || next.most <= this.reached) return this.reached;
      if (!spend(this.closed.list.length + TAKING * this.taken)) return next.most;
      this.open.pop();
      this.closed.push(next);
      this.taken = 0;
      this.tryWithAll(next);
    }
  }
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
  const { w, h } = nth(problem.kinds, kind);
  const laid = problem.items.flatMap((_, item) =>
    nth(worth, item) > 0 && nth(left, item) > 0
      ? (nth(problem.servings, kind)[item]?.lies ?? []).map((lie) => ({ ...lie, item }))
      : [],
  );
  const patterns = patternsOf(w, h, laid, left);
  if (!patterns) return null;
  let reached = known;
  const [plain, last = plain] = priceOut(
    patterns,
    laid,
    left,
    worth,
    known,
    spend,
    (table) => (reached = Math.max(reached, onTable(table))),
  );
  const search = new BestFirst(
    {
      problem,
      sheet: { w, h },
      left,
      worth,
      prices: last.prices,
      plainly: new OutsideBound(patterns, plain.table),
      sharply: new OutsideBound(patterns, last.table),
    },
    reached,
  );
  for (const single of pieceBuilds(problem, kind, left)) {
    if (!('item' in single.from)) continue;
    const { item } = single.from;
    if (nth(worth, item) > 0) search.take(single, nth(worth, item), nth(last.prices, item), areaOf(single));
  }
  const bound = search.run(spend);
  return { build: search.best, bound };
}
