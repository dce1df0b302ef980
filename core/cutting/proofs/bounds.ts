import type { Problem } from '../problem/problem';

/** What no plan can beat. */
export interface Bounds {
  readonly pieces: number;
  readonly value: number;
  readonly fresh: number;
}

const areaOf = ({ w, h }: { w: number; h: number }): number => w * h;

const isServed = (problem: Problem, item: number): boolean => problem.servings.some((row) => row[item] !== null);

const isServedByOpen = (problem: Problem, item: number): boolean =>
  problem.kinds.some((kind, k) => !kind.stock.fresh && problem.servings[k]![item] !== null);

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

/** Dearest per area first into what room the pieces leave, the last one in part: the relaxed knapsack. */
function mostValue(problem: Problem, taken: number): number {
  let room = paper(problem) - taken;
  let value = 0;
  const wanted = problem.items
    .map((item, i) => ({ item, area: areaOf(item), served: isServed(problem, i) }))
    .filter(({ item, served }) => item.optional && item.value > 0 && served)
    .sort((a, b) => b.item.value / b.area - a.item.value / a.area);
  for (const { item, area } of wanted) {
    const fitting = Math.min(item.count, room / area);
    value += fitting * item.value;
    room -= fitting * area;
  }
  return value;
}

/** Fresh sheets that must be opened to cut so many pieces: by area, and for those that nothing open can give. */
function fewestFresh(problem: Problem, pieces: number, bound: { count: number; area: number }): number {
  if (pieces === 0 || pieces < bound.count) return 0;
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
  let missing = Math.max(bound.area - open, pieces === allServed ? onlyFresh : 0);
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

/** Bounds by area and by what each paper can give at all. @param pieces reached by the plan that is judged */
export function boundsOf(problem: Problem, pieces: number): Bounds {
  const most = mostPieces(problem);
  const relaxed = mostValue(problem, pieces === most.count ? most.area : 0);
  const whole = problem.items.every((item) => !item.optional || Number.isInteger(item.value));
  // A hair's breadth of rounding must not cut a whole value short.
  return {
    pieces: most.count,
    value: whole ? Math.floor(relaxed * (1 + 1e-12)) : relaxed,
    fresh: fewestFresh(problem, pieces, most),
  };
}
