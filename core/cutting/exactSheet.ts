import { clash, fitsCounts, joinBuilds, pieceBuilds, singlesOf, type Build } from './build';
import { Heap } from './heap';
import { outsideBound } from './outsideBound';
import type { Problem } from './problem';

export interface ExactAnswer {
  /** The best build found that beats the plan that was there; null where none did. */
  readonly build: Build | null;
  /** What no plan can beat. */
  readonly bound: number;
}

/** A build with its worth and what any plan round it can come to. */
interface Open { readonly build: Build; readonly worth: number; readonly area: number; readonly most: number }

const areaOf = ({ w, h }: { w: number; h: number }): number => w * h;

/** The highest bound first, then the dearest. */
const goesBefore = (a: Open, b: Open): boolean => (a.most !== b.most ? a.most > b.most : a.worth > b.worth);

/** The relaxed knapsack: dearest per area first into the area left, the last in part, no more of each than there are. */
function areaBound(dear: readonly { item: number; area: number; worth: number }[], counts: readonly number[], left: readonly number[], room: number): number {
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
 * proved. Source: K. V. Viswanathan, A. Bagchi, Operations Research 41, 1993, with M. Hifi's bounds and doubles left out,
 * "An improvement of Viswanathan and Bagchi's exact algorithm", Computers and Operations Research 24, 1997.
 * @param worth of one piece of each item, over 0; whole numbers make the bound round down
 * @param known what a plan already reaches
 * @param spend counts joins tried; false: stop, the bound then is that of the best build still open
 * @returns null where the sheet is too large for the tables
 */
export function exactSheet(
  problem: Problem, kind: number, left: readonly number[], worth: readonly number[], known: number, spend: (joins: number) => boolean,
): ExactAnswer | null {
  const { w: W, h: H } = problem.kinds[kind]!;
  const singles = pieceBuilds(problem, kind, left).filter(({ from }) => 'item' in from && worth[from.item]! > 0);
  const weighed = singles.map(({ w, h, from }) => ({ w, h, worth: 'item' in from ? worth[from.item]! : 0 }));
  const outside = outsideBound(W, H, weighed);
  if (!outside) return null;
  const isWhole = worth.every((one) => Number.isInteger(one));
  const down = (bound: number): number => (isWhole ? Math.floor(bound + 1e-9) : bound);
  const dear = problem.items
    .map((item, i) => ({ item: i, area: areaOf(item), worth: worth[i]! }))
    .filter(({ item, worth: one }) => one > 0 && left[item]! > 0)
    .sort((a, b) => b.worth / b.area - a.worth / a.area);

  const ones = singlesOf(left);
  let best: Build | null = null;
  let reached = known;
  const open = new Heap<Open>(goesBefore);
  const closed: Open[] = [];
  const seen = new Map<string, Build[]>();
  const take = (build: Build, own: number, area: number): void => {
    const most = down(own + Math.min(outside(build.w, build.h), areaBound(dear, build.counts, left, W * H - areaOf(build))));
    if (most <= reached) return;
    // The same pieces in no larger a rectangle were there before.
    const key = build.counts.join();
    const alike = seen.get(key);
    if (alike?.some((other) => other.w <= build.w && other.h <= build.h)) return;
    if (alike) alike.push(build);
    else seen.set(key, [build]);
    if (own > reached) { reached = own; best = build; }
    if (most > reached) open.push({ build, worth: own, area, most });
  };
  for (const single of singles) take(single, 'item' in single.from ? worth[single.from.item]! : 0, areaOf(single));
  for (;;) {
    const next = open.first;
    if (!next || next.most <= reached) return { build: best, bound: reached };
    if (!spend(closed.length + 1)) return { build: best, bound: next.most };
    open.pop();
    closed.push(next);
    for (const other of closed) {
      const [a, b] = [next.build, other.build];
      if (next.area + other.area > W * H) continue;
      const beside = a.w + b.w <= W;
      const upon = a.h + b.h <= H;
      if ((!beside && !upon) || clash(a, b, ones) || !fitsCounts(a.counts, b.counts, left)) continue;
      const own = next.worth + other.worth;
      const area = next.area + other.area;
      if (beside) take(joinBuilds('x', a, b), own, area);
      if (upon) take(joinBuilds('y', a, b), own, area);
    }
  }
}
