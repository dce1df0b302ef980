import { area, largestRectOutside, overlaps, solidRects, type Rect } from '../../../ground/geometry';
import { halves, joined, type Part, type Whole } from './part';
import { isNubbin, type Problem } from '../problem/problem';
import { nth } from '../../../ground/nth';

/** Past this many grid rectangles a part full of holes is divided greedily. */
const MOST_STATES = 10_000;

/** Whether nothing is there of a part; told from the areas of its holes where they are too small for that. */
const isWhollyGone = (part: Part): boolean =>
  part.holes.reduce((sum, hole) => sum + area(hole), 0) >= area(part) && solidRects(part, part.holes).length === 0;

/** The square of a whole leftover's area where it is worth keeping, else 0. */
export const squareKept = (problem: Problem, w: number, h: number): number =>
  isNubbin(problem, w, h) ? (w * h) ** 2 : 0;

/** What is left over, cut so that the sum of the squares of the nubbins is greatest. */
interface Division {
  readonly part: Part;
  readonly kept: number;
}

const canCut = (problem: Problem, part: Part, axis: 'x' | 'y'): boolean =>
  (axis === 'x' ? part.h : part.w) <= problem.longestCut;

/**
 * Positions, from the part's own edge, where a cut may help: at edges of its holes, and where a side comes within the
 * trimmer's reach.
 */
function cutPositions(
  { longestCut }: Problem,
  part: Part,
  axis: 'x' | 'y',
  edges: readonly number[],
): readonly number[] {
  const size = axis === 'x' ? part.w : part.h;
  if (size <= longestCut) return edges;
  return [...new Set([...edges, ...[longestCut, size - longestCut].filter((at) => at > 0 && at < size)])];
}

/** Positions, from the part's own edge, of the edges of its holes. */
function holeEdges(part: Part, axis: 'x' | 'y'): number[] {
  const [start, size] = axis === 'x' ? [part.x, part.w] : [part.y, part.h];
  const edges: number[] = [];
  // Sorted in as they come: a part has few holes, and this is asked of very many parts.
  const add = (at: number): void => {
    if (at <= 0 || at >= size) return;
    let i = edges.length;
    while (i > 0 && nth(edges, i - 1) > at) i--;
    if (edges[i - 1] !== at) edges.splice(i, 0, at);
  };
  for (const { x, y, w, h } of part.holes) {
    add((axis === 'x' ? x : y) - start);
    add((axis === 'x' ? x + w : y + h) - start);
  }
  return edges;
}

/** So many answers are kept of a sheet. */
const MOST_REMEMBERED = 100_000;

/** Answers by sheet and by the part's place on it: a search meets the same parts again and again. */
class Remembered<T> {
  private readonly bySheet = new WeakMap<Whole, Map<string, T>>();

  get({ whole, x, y, w, h }: Part, find: () => T): T {
    let answers = this.bySheet.get(whole);
    if (answers && answers.size > MOST_REMEMBERED) answers.clear();
    if (!answers) this.bySheet.set(whole, (answers = new Map()));
    const key = `${x},${y},${w},${h}`;
    let answer = answers.get(key);
    if (answer === undefined) answers.set(key, (answer = find()));
    return answer;
  }
}

const divisions = new Remembered<Division>();
const spots = new Remembered<readonly Rect[]>();

/** Exact over all cuts along edges of holes. */
function divideExactly(problem: Problem, part: Part, edges: Readonly<Record<'x' | 'y', readonly number[]>>): Division {
  let best: Division = { part, kept: 0 };
  for (const axis of ['x', 'y'] as const) {
    if (!canCut(problem, part, axis)) continue;
    for (const at of cutPositions(problem, part, axis, edges[axis])) {
      const [near, far] = halves(part, axis, at).map((half) => divideLeftOver(problem, half)) as [Division, Division];
      const kept = near.kept + far.kept;
      if (kept > best.kept) best = { part: joined(part, axis, near.part, far.part), kept };
    }
  }
  return best;
}

/** Of one part with very many holes so many pairs of edges are looked at; what is not reached by then is left over. */
const MOST_LOOKS = 1_000_000;

/** For very many holes: the largest whole rectangle is cut free, and the same again with what lies round it. */
function divideGreedily(problem: Problem, part: Part, looks = { left: MOST_LOOKS }): Division {
  if (part.holes.length === 0) return { part, kept: squareKept(problem, part.w, part.h) };
  looks.left -= part.holes.length ** 2;
  if (looks.left < 0) return { part: { ...part, isLeft: true }, kept: 0 };
  const whole = largestRectOutside(part, part.holes);
  if (!whole || !isNubbin(problem, whole.w, whole.h)) return { part, kept: 0 };
  const sides: ['x' | 'y', number][] = [
    ['x', whole.x - part.x],
    ['x', whole.x + whole.w - part.x],
    ['y', whole.y - part.y],
    ['y', whole.y + whole.h - part.y],
  ];
  const cut = sides.find(
    ([axis, at]) => at > 0 && at < (axis === 'x' ? part.w : part.h) && canCut(problem, part, axis),
  );
  if (!cut) return { part, kept: 0 };
  const [near, far] = halves(part, ...cut).map((half) => divideGreedily(problem, half, looks)) as [Division, Division];
  const kept = near.kept + far.kept;
  return kept > 0 ? { part: joined(part, cut[0], near.part, far.part), kept } : { part, kept };
}

/** Divides a part left over so that most is kept; a whole one stays as it is. */
export function divideLeftOver(problem: Problem, part: Part): Division {
  if (part.holes.length === 0) return { part, kept: squareKept(problem, part.w, part.h) };
  if (part.isLeft) return { part, kept: 0 };
  return divisions.get(part, () => {
    if (isWhollyGone(part)) return { part, kept: 0 };
    const edges = { x: holeEdges(part, 'x'), y: holeEdges(part, 'y') };
    const states = ((edges.x.length + 2) * (edges.y.length + 2)) ** 2;
    return states <= MOST_STATES ? divideExactly(problem, part, edges) : divideGreedily(problem, part);
  });
}

/** The largest whole rectangles of a part: the part itself, or where it has holes, the spots round them. */
export function wholeSpots(part: Part): readonly Rect[] {
  return part.holes.length === 0 ? [part] : spots.get(part, () => maximalSpots(part));
}

/** Every maximal rectangle that meets no hole: bounded left, right by edges; top and bottom follow. */
function maximalSpots(part: Part): Rect[] {
  const xs = [0, ...holeEdges(part, 'x'), part.w].map((at) => part.x + at);
  if (xs.length > 24) return solidRects(part, part.holes);
  const found: Rect[] = [];
  xs.forEach((left, i) =>
    xs.slice(i + 1).forEach((right) => {
      const column = { x: left, y: part.y, w: right - left, h: part.h };
      const across = part.holes
        .filter((hole) => overlaps(hole, column))
        .map((hole) => ({ ...column, y: hole.y, h: hole.h }));
      found.push(...solidRects(column, across));
    }),
  );
  return found.filter(
    (r) =>
      !found.some(
        (other) =>
          other !== r &&
          area(other) > area(r) &&
          other.x <= r.x &&
          other.y <= r.y &&
          other.x + other.w >= r.x + r.w &&
          other.y + other.h >= r.y + r.h,
      ),
  );
}
