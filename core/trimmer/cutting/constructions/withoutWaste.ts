import type { Point, Rect, Size } from '../../../ground/geometry';
import { nth } from '../../../ground/nth';
import { gapBuild, pieceBuilds, type Build } from '../parts/build';
import { BuildRows, JOINS_PER_BUILD, PAIRS_PER_JOIN, type Joint } from '../parts/buildRows';
import { Chains } from '../parts/chains';
import { at } from '../parts/column';
import { Tally } from '../parts/tally';
import { Heap } from '../proofs/heap';
import type { Problem } from '../problem/problem';

/** Builds that are made in one search at the most. */
export const MOST_BUILDS = 24_000;

/** Words that tell where a gap lies: x and y. */
const GAP_WORDS = 2;
const NO_GAP = -1;

/** What has been found so far. */
export interface Found {
  readonly fills: number;
  readonly slabs: number;
  /** Whether one that fills the region takes every piece. */
  readonly isAll: boolean;
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
  readonly enough: (found: Found) => boolean;
}

/** A search for builds without waste, those made so far and those still to be taken up. */
class Joining {
  private readonly hole: Rect | null;
  private readonly tally: Tally;
  /** Words of a key: the counts and, where the sheet has a gap, where it lies in the build. */
  private readonly width: number;
  private readonly rows: BuildRows;
  private readonly chains: Chains;
  private readonly key: Int32Array;
  private readonly ranks: number[] = [];
  // The largest are taken up first: they are rare, and the nearest to a whole sheet.
  private readonly open = new Heap<number>((a, b) => nth(this.ranks, a) > nth(this.ranks, b));
  private readonly fills: number[] = [];
  private readonly slabs: number[] = [];
  private isAll = false;
  private readonly pieces: number;

  constructor(
    problem: Problem,
    kind: number,
    left: readonly number[],
    private readonly random: () => number,
    private readonly search: Search,
  ) {
    const { region, builds } = search;
    this.hole = nth(problem.kinds, kind).holes[0] ?? null;
    this.pieces = left.reduce((sum, n) => sum + n, 0);
    this.tally = new Tally(left);
    this.width = this.tally.words + (this.hole ? GAP_WORDS : 0);
    const lies = pieceBuilds(problem, kind, left).filter(({ w, h }) => w <= region.w && h <= region.h);
    const most = Math.max(builds, lies.length + 1);
    this.rows = new BuildRows(this.width, most);
    this.chains = new Chains(this.rows, this.tally);
    this.key = new Int32Array(this.width);
    for (const lie of lies) if (this.rows.enterSingle(this.keyOf(lie), lie, 1)) this.settle(null);
    if (!this.hole) return;
    const gap = gapBuild(problem, this.hole);
    if (this.rows.enterSingle(this.keyOf(gap), gap, 0)) this.settle(gap.gap);
  }

  private keyOf({ counts, gap }: Build): Int32Array {
    this.key.set(this.tally.wordsOf(counts));
    if (this.hole) this.setGap(gap);
    return this.key;
  }

  private setGap(gap: Point | null): void {
    const { words } = this.tally;
    [this.key[words], this.key[words + 1]] = gap ? [gap.x, gap.y] : [NO_GAP, NO_GAP];
  }

  /** Where the sheet's gap lies in a build; null: it is not in it. */
  private gapIn(row: number): Point | null {
    if (!this.hole) return null;
    const from = row * this.width + this.tally.words;
    const x = at(this.rows.keys, from);
    return x === NO_GAP ? null : { x, y: at(this.rows.keys, from + 1) };
  }

  /** What was entered last is a fill, or may be joined to others. */
  private settle(gap: Point | null): void {
    const { region } = this.search;
    const row = this.rows.length - 1;
    const [w, h] = [at(this.rows.w, row), at(this.rows.h, row)];
    if (w === region.w && h === region.h) {
      if (gap === null && this.hole !== null) return;
      this.fills.push(row);
      this.isAll ||= at(this.rows.sizes, row) === this.pieces;
      return;
    }
    if (w === region.w || h === region.h) this.slabs.push(row);
    this.chains.add(row);
    this.ranks[row] = w * h * (0.6 + 0.4 * this.random());
    this.open.push(row);
  }

  /** Whether the gap can still come to lie where it is. */
  private mayLie({ w, h }: Size, gap: Point): boolean {
    const { hole } = this;
    const { region } = this.search;
    return (
      hole !== null &&
      gap.x <= hole.x &&
      gap.y <= hole.y &&
      w - gap.x <= region.w - hole.x &&
      h - gap.y <= region.h - hole.y
    );
  }

  private enter(joint: Joint, gap: Point | null): void {
    if (this.hole) this.setGap(gap);
    if (!this.rows.isFull && this.rows.enterJoint(this.key, joint)) this.settle(gap);
  }

  private join(axis: 'x' | 'y', row: number, other: number): void {
    const { rows, tally, key, width } = this;
    // Two rows are not joined: their parts are put on one by one, or every order would be tried.
    if (rows.isRow(row, axis) && rows.isRow(other, axis)) return;
    const w = at(rows.w, row) + (axis === 'x' ? at(rows.w, other) : 0);
    const h = at(rows.h, row) + (axis === 'y' ? at(rows.h, other) : 0);
    for (let word = 0; word < tally.words; word++)
      key[word] = at(rows.keys, row * width + word) + at(rows.keys, other * width + word);
    const [own, others] = [this.gapIn(row), this.gapIn(other)];
    if (own && others) return;
    if (!own && !others) {
      this.enter({ axis, near: row, far: other, w, h }, null);
      return;
    }
    // Beside a gap it is not the same on which side another lies.
    for (const [near, far] of [
      [row, other],
      [other, row],
    ] as const) {
      const gap = this.gapIn(near) ?? this.gapBehind(near, far, axis);
      if (gap && this.mayLie({ w, h }, gap)) this.enter({ axis, near, far, w, h }, gap);
    }
  }

  private gapBehind(near: number, far: number, axis: 'x' | 'y'): Point | null {
    const gap = this.gapIn(far);
    if (!gap) return null;
    return axis === 'x' ? { ...gap, x: gap.x + at(this.rows.w, near) } : { ...gap, y: gap.y + at(this.rows.h, near) };
  }

  /** Joins the next to all that it meets. @returns the work done; null: there is none, or enough was found */
  takeUp(): number | null {
    const { rows, chains, search, fills, slabs, isAll } = this;
    if (rows.length >= search.builds || search.enough({ fills: fills.length, slabs: slabs.length, isAll })) return null;
    const row = this.open.pop();
    if (row === undefined) return null;
    const had = rows.length;
    const pairs =
      chains.eachMeeting(row, 'x', search.region.w, (other) => this.join('x', row, other)) +
      chains.eachMeeting(row, 'y', search.region.h, (other) => this.join('y', row, other));
    return pairs / PAIRS_PER_JOIN + JOINS_PER_BUILD * (rows.length - had);
  }

  found(): WithoutWaste {
    const build = (row: number): Build => this.rows.build(row);
    return { fills: this.fills.map(build), slabs: this.slabs.map(build) };
  }
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
  search: Search,
): WithoutWaste {
  const joining = new Joining(problem, kind, left, random, search);
  for (let work = joining.takeUp(); work !== null && spend(work);) work = joining.takeUp();
  return joining.found();
}
