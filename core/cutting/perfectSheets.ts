import { clash, fitsCounts, isRow, joinBuilds, pieceBuilds, singlesOf, type Build } from './build';
import { Heap } from './heap';
import type { Problem } from './problem';

/** Builds without waste made for one kind of sheet at a time, and ways to fill it that are kept. */
const MOST_BUILDS = 24_000;
const MOST_FILLS = 1_500;
/** Steps of one search for fills that together take every piece. */
const MOST_STEPS = 60_000;
/** Tries, each with other builds taken up first. */
const MOST_TRIES = 60;

export interface Filled { readonly kind: number; readonly build: Build }

/** Builds by the length of the edge at which they may be joined along an axis. */
class Edges {
  /** Those that are a row along this axis already, and the others. */
  private readonly rows = new Map<number, Build[]>();
  private readonly others = new Map<number, Build[]>();

  constructor(private readonly axis: 'x' | 'y') {}

  private edge({ w, h }: Build): number { return this.axis === 'x' ? h : w; }

  add(build: Build): void {
    const index = isRow(build, this.axis) ? this.rows : this.others;
    const list = index.get(this.edge(build));
    if (list) list.push(build);
    else index.set(this.edge(build), [build]);
  }

  /** What may be joined to a build. Two rows are not: their parts are put on one by one, or every order would be tried. */
  meeting(build: Build): Build[] {
    const others = this.others.get(this.edge(build)) ?? [];
    return isRow(build, this.axis) ? [...others] : [...others, ...this.rows.get(this.edge(build)) ?? []];
  }
}

/**
 * Ways to fill a whole sheet of a kind without any waste: only builds whose edges meet exactly are joined (P. Y. Wang,
 * "Two algorithms for constrained two-dimensional cutting stock problems", Operations Research 31, 1983, with no waste
 * allowed).
 */
function fillsOf(problem: Problem, kind: number, left: readonly number[], random: () => number, spend: (joins: number) => boolean): Filled[] {
  const { w: W, h: H } = problem.kinds[kind]!;
  const singles = singlesOf(left);
  const fills: Filled[] = [];
  const beside = new Edges('x');
  const upon = new Edges('y');
  const seen = new Set<string>();
  // The largest are taken up first: they are rare, and the nearest to a whole sheet.
  const open = new Heap<{ build: Build; rank: number }>((a, b) => a.rank > b.rank);
  const take = (build: Build): void => {
    const key = `${build.w}x${build.h}:${build.counts.join()}`;
    if (seen.has(key)) return;
    seen.add(key);
    if (build.w === W && build.h === H) { fills.push({ kind, build }); return; }
    beside.add(build);
    upon.add(build);
    open.push({ build, rank: build.w * build.h * (0.6 + 0.4 * random()) });
  };
  pieceBuilds(problem, kind, left).forEach(take);
  for (let next = open.pop(); next && seen.size < MOST_BUILDS && fills.length < MOST_FILLS; next = open.pop()) {
    const { build } = next;
    const sameHeight = beside.meeting(build);
    const sameWidth = upon.meeting(build);
    // Most pairs are told apart at a glance.
    if (!spend((sameHeight.length + sameWidth.length) / 6)) break;
    for (const other of sameHeight) if (build.w + other.w <= W && !clash(build, other, singles) && fitsCounts(build.counts, other.counts, left)) take(joinBuilds('x', build, other));
    for (const other of sameWidth) if (build.h + other.h <= H && !clash(build, other, singles) && fitsCounts(build.counts, other.counts, left)) take(joinBuilds('y', build, other));
  }
  return fills;
}

/** The largest piece of a fill, squared: fills of large pieces go first, small ones are easier to place later. */
const weight = ({ items }: Problem, { build }: Filled): number => build.counts.reduce((sum, n, i) => sum + n * (items[i]!.w * items[i]!.h) ** 2, 0);

/** Fills that can still be had, of the item that the fewest of them have; an item that none has ends the branch. */
function scarcest(fills: readonly Filled[], left: readonly number[]): Filled[] {
  const having = left.map((n) => (n > 0 ? [] as Filled[] : null));
  for (const fill of fills) fill.build.counts.forEach((n, i) => { if (n > 0) having[i]?.push(fill); });
  return having.reduce<Filled[] | null>((least, own) => (own && (!least || own.length < least.length) ? own : least), null) ?? [];
}

/**
 * Fills whole sheets without waste. All fills found for the pieces at hand are searched for a set that takes every
 * piece (exact cover, the scarcest piece first, as D. E. Knuth, "Dancing links", 2000); where there is none among them,
 * one drawn by lot is settled and the rest is looked for anew, in several tries.
 * @param spend counts joins; false: the work allowed is done
 * @returns sheets that take every piece that must be cut, or the most that were filled
 */
export function perfectSheets(problem: Problem, random: () => number, spend: (joins: number) => boolean): Filled[] {
  const { items, kinds } = problem;
  let most: Filled[] = [];
  const opened = kinds.map(() => 0);
  const left = items.map((item) => (item.optional ? 0 : item.count));
  const isFree = (kind: number): boolean => opened[kind]! < kinds[kind]!.stock.count;

  const settle = (fill: Filled, sign: 1 | -1): void => {
    fill.build.counts.forEach((n, i) => { left[i]! -= sign * n; });
    opened[fill.kind]! += sign;
  };

  const cover = (fills: readonly Filled[], done: readonly Filled[], steps: { left: number }): boolean => {
    if (done.length > most.length) most = [...done];
    if (left.every((n) => n === 0)) return true;
    if (steps.left-- < 0) return false;
    const able = fills.filter(({ kind, build }) => isFree(kind) && build.counts.every((n, i) => n <= left[i]!));
    for (const fill of scarcest(able, left)) {
      settle(fill, 1);
      if (cover(able, [...done, fill], steps)) return true;
      settle(fill, -1);
    }
    return false;
  };

  /** One try: a fill drawn by lot is settled until a set of those found takes all that is left, or none is found. */
  const tryOnce = (): boolean => {
    const done: Filled[] = [];
    for (;;) {
      const room = left.reduce((sum, n, i) => sum + n * items[i]!.w * items[i]!.h, 0);
      const fills = kinds.flatMap(({ holes, w, h }, kind) =>
        (isFree(kind) && holes.length === 0 && Math.max(w, h) <= problem.longestCut && w * h <= room ? fillsOf(problem, kind, left, random, spend) : []));
      fills.sort((a, b) => weight(problem, b) - weight(problem, a));
      if (cover(fills, done, { left: MOST_STEPS })) return true;
      if (fills.length === 0) break;
      const among = fills.slice(0, 1 + Math.floor(fills.length / 4));
      const fill = among[Math.floor(random() * among.length)]!;
      settle(fill, 1);
      done.push(fill);
    }
    done.forEach((fill) => settle(fill, -1));
    return false;
  };
  for (let n = 0; n < MOST_TRIES; n++) if (tryOnce() || most.length === 0 || !spend(1)) break;
  return most;
}
