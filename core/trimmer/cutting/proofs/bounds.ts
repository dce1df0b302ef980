import type { Problem } from '../problem/problem';
import { nth } from '../../../ground/nth';

/** What no plan can beat. */
export interface Bounds {
  readonly pieces: number;
  readonly value: number;
  readonly fresh: number;
}

const areaOf = ({ w, h }: { w: number; h: number }): number => w * h;

const isServed = (problem: Problem, item: number): boolean => problem.servings.some((row) => row[item] !== null);

const isServedByOpen = (problem: Problem, item: number): boolean =>
  problem.kinds.some((kind, k) => !kind.stock.fresh && nth(problem.servings, k)[item] !== null);

const paper = (problem: Problem): number =>
  problem.kinds.reduce((sum, { stock, solid }) => sum + stock.count * solid, 0);

/** Smallest first, how many fit the area of all paper: no plan cuts more. */
function mostPieces(problem: Problem): { count: number; area: number } {
  let [count, area] = [0, 0];
  const room = paper(problem);
  const wanted = problem.items
    .filter((item, i) => !item.optional && isServed(problem, i))
    .map((item) => ({ area: areaOf(item), count: item.count }))
    .sort((a, b) => a.area - b.area);
  for (const item of wanted) {
    const fitting = Math.min(item.count, Math.floor((room - area) / item.area));
    count += fitting;
    area += fitting * item.area;
    if (fitting < item.count) break;
  }
  return { count, area };
}

/** Optional pieces that some paper can give, the dearest for their area first. */
const dearest = (problem: Problem) =>
  problem.items
    .map((item, i) => ({ ...item, i, area: areaOf(item) }))
    .filter(({ optional, value, i }) => optional && value > 0 && isServed(problem, i))
    .sort((a, b) => b.value / b.area - a.value / a.area);

/** Dearest per area first into what room the pieces leave, the last one in part: the relaxed knapsack. */
function mostValue(problem: Problem, taken: number): number {
  let room = paper(problem) - taken;
  let value = 0;
  for (const item of dearest(problem)) {
    const fitting = Math.min(item.count, room / item.area);
    value += fitting * item.value;
    room -= fitting * item.area;
  }
  return value;
}

/** The least area of some optional pieces that come to a value, the last one in part. */
function leastArea(items: ReturnType<typeof dearest>, value: number): number {
  let [missing, area] = [value * (1 - 1e-12), 0];
  for (const item of items) {
    if (missing <= 0) break;
    const wanted = Math.min(item.count, missing / item.value);
    missing -= wanted * item.value;
    area += wanted * item.area;
  }
  return area;
}

/** Area of optional pieces that a value takes: of all paper, and of what only fresh sheets can give. */
function areasFor(problem: Problem, value: number): { all: number; onlyFresh: number } {
  const items = dearest(problem);
  const open = items.filter(({ i }) => isServedByOpen(problem, i));
  const byOpen = open.reduce((sum, item) => sum + item.count * item.value, 0);
  const others = items.filter((item) => !open.includes(item));
  return { all: leastArea(items, value), onlyFresh: leastArea(others, Math.max(0, value - byOpen)) };
}

/**
 * Fresh sheets that must be opened to cut so many pieces of such a value: by area, and for those that nothing open can
 * give.
 */
function fewestFresh(
  problem: Problem,
  { pieces, value }: { readonly pieces: number; readonly value: number },
  bound: { count: number; area: number },
): number {
  if (pieces < bound.count) return 0;
  const worth = areasFor(problem, value);
  const open = problem.kinds
    .filter((kind) => !kind.stock.fresh)
    .reduce((sum, { stock, solid }) => sum + stock.count * solid, 0);
  const onlyFresh = problem.items.reduce(
    (sum, item, i) =>
      item.optional || !isServed(problem, i) || isServedByOpen(problem, i) ? sum : sum + item.count * areaOf(item),
    0,
  );
  // When every piece that can be served is cut, those that only fresh sheets can give are among them.
  const allServed = problem.items.reduce(
    (sum, item, i) => (item.optional || !isServed(problem, i) ? sum : sum + item.count),
    0,
  );
  let missing = Math.max(bound.area + worth.all - open, (pieces === allServed ? onlyFresh : 0) + worth.onlyFresh);
  // A hair's breadth of rounding opens no sheet.
  missing = Math.ceil(missing * (1 - 1e-9));
  let sheets = 0;
  const fresh = problem.kinds.filter((kind) => kind.stock.fresh).sort((a, b) => b.solid - a.solid);
  for (const { stock, solid } of fresh) {
    for (let n = 0; n < stock.count && missing > 0; n++) {
      missing -= solid;
      sheets++;
    }
  }
  return sheets;
}

/** Bounds by area and by what each paper can give at all. @param reached by the plan that is judged */
export function boundsOf(problem: Problem, reached: { readonly pieces: number; readonly value: number }): Bounds {
  const most = mostPieces(problem);
  const relaxed = mostValue(problem, reached.pieces === most.count ? most.area : 0);
  const whole = problem.items.every((item) => !item.optional || Number.isInteger(item.value));
  // A hair's breadth of rounding must not cut a whole value short.
  return {
    pieces: most.count,
    value: whole ? Math.floor(relaxed * (1 + 1e-12)) : relaxed,
    fresh: fewestFresh(problem, reached, most),
  };
}
