import type { Size } from '../../geometry';
import { nth } from '../../nth';
import { clash, fitsCounts, gapBuild, isRow, joinBuilds, pieceBuilds, singlesOf, type Build } from '../parts/build';
import { Heap } from '../proofs/heap';
import type { Problem } from '../problem/problem';

/** Builds that are made in one search at the most. */
export const MOST_BUILDS = 24_000;
/** Kinds of pieces that are counted in the time of one join. */
export const KINDS_PER_JOIN = 6;

/** Builds by the length of the edge at which they may be joined along an axis. */
class Edges {
  /** Those that are a row along this axis already, and the others. */
  private readonly rows = new Map<number, Build[]>();
  private readonly others = new Map<number, Build[]>();

  constructor(private readonly axis: 'x' | 'y') {}

  private edge({ w, h }: Build): number {
    return this.axis === 'x' ? h : w;
  }

  add(build: Build): void {
    const index = isRow(build, this.axis) ? this.rows : this.others;
    const list = index.get(this.edge(build));
    if (list) list.push(build);
    else index.set(this.edge(build), [build]);
  }

  /**
   * What may be joined to a build. Two rows are not: their parts are put on one by one, or every order would be tried.
   */
  meeting(build: Build): Build[] {
    const others = this.others.get(this.edge(build)) ?? [];
    return isRow(build, this.axis) ? [...others] : [...others, ...(this.rows.get(this.edge(build)) ?? [])];
  }
}

/** What a search for builds without waste came to. */
export interface WithoutWaste {
  /** Those that fill the region. */
  readonly fills: readonly Build[];
  /** Those as wide or as high as the region: a straight cut parts them from the rest of it. */
  readonly slabs: readonly Build[];
}

/** Where builds are looked for, and how long. */
export interface Search {
  /** A whole sheet, or a rectangle on one that has no gap. */
  readonly region: Size;
  readonly builds: number;
  readonly enough: (fills: readonly Build[], slabs: readonly Build[]) => boolean;
}

/**
 * Builds without any waste: only those whose edges meet exactly are joined (P. Y. Wang, "Two algorithms for constrained
 * two-dimensional cutting stock problems", Operations Research 31, 1983, with no waste allowed). A gap is a piece that
 * may be had once and must come to lie where it is.
 * @param spend counts joins; false: the work allowed is done
 */
export function buildsWithoutWaste(
  problem: Problem,
  kind: number,
  left: readonly number[],
  random: () => number,
  spend: (joins: number) => boolean,
  { region: { w: W, h: H }, builds, enough }: Search,
): WithoutWaste {
  const hole = nth(problem.kinds, kind).holes[0] ?? null;
  const singles = singlesOf(left);
  const [fills, slabs]: [Build[], Build[]] = [[], []];
  const beside = new Edges('x');
  const upon = new Edges('y');
  const seen = new Set<string>();
  // The largest are taken up first: they are rare, and the nearest to a whole sheet.
  const open = new Heap<{ build: Build; rank: number }>((a, b) => a.rank > b.rank);
  const take = (build: Build): void => {
    // Every build counts each kind of piece.
    spend(left.length / KINDS_PER_JOIN);
    const { gap } = build;
    const key = `${build.w}x${build.h}:${build.counts.join()}${gap ? `:${gap.x},${gap.y}` : ''}`;
    if (seen.has(key)) return;
    seen.add(key);
    if (build.w === W && build.h === H) {
      if (gap !== null || hole === null) fills.push(build);
      return;
    }
    if (build.w === W || build.h === H) slabs.push(build);
    beside.add(build);
    upon.add(build);
    open.push({ build, rank: build.w * build.h * (0.6 + 0.4 * random()) });
  };
  /** Whether the gap can still come to lie where it is. */
  const mayLie = ({ w, h, gap }: Build): boolean =>
    !gap || !hole || (gap.x <= hole.x && gap.y <= hole.y && w - gap.x <= W - hole.x && h - gap.y <= H - hole.y);
  const join = (axis: 'x' | 'y', build: Build, other: Build): void => {
    if (build.gap && other.gap) return;
    const both = joinBuilds(axis, build, other);
    if (mayLie(both)) take(both);
    // Beside a gap it is not the same on which side another lies.
    if (!both.gap) return;
    const around = joinBuilds(axis, other, build);
    if (mayLie(around)) take(around);
  };
  pieceBuilds(problem, kind, left)
    .filter(({ w, h }) => w <= W && h <= H)
    .forEach(take);
  if (hole) take(gapBuild(problem, hole));
  for (let next = open.pop(); next && seen.size < builds && !enough(fills, slabs); next = open.pop()) {
    const { build } = next;
    const sameHeight = beside.meeting(build);
    const sameWidth = upon.meeting(build);
    // Most pairs are told apart at a glance.
    if (!spend((sameHeight.length + sameWidth.length) / 6)) break;
    for (const other of sameHeight)
      if (build.w + other.w <= W && !clash(build, other, singles) && fitsCounts(build.counts, other.counts, left))
        join('x', build, other);
    for (const other of sameWidth)
      if (build.h + other.h <= H && !clash(build, other, singles) && fitsCounts(build.counts, other.counts, left))
        join('y', build, other);
  }
  return { fills, slabs };
}
