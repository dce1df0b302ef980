import type { Size } from '../../geometry';
import { nth } from '../../nth';
import { joinBuilds, type Build } from '../parts/build';
import type { Block } from './block';
import { at } from './column';

/** Blocks that are told apart at the most: a bit each in three numbers. */
export const MOST_BLOCKS = 90;
const BITS = 30;

/** Two builds that are joined along an axis, and how large both are together. */
export interface Joint extends Size {
  readonly axis: 'x' | 'y';
  readonly near: number;
  readonly far: number;
}

/** No row at all. */
export const NONE = -1;

/**
 * Builds of blocks without waste, thousands of them, each a row in columns of numbers: most of the time goes into
 * asking which of them have no block in common. No two have the same blocks and the same sides.
 */
export class BuildTable {
  private rows = 0;
  private readonly lies: Build[] = [];
  /** Which blocks are in it, a bit each. */
  readonly sets: readonly [Int32Array, Int32Array, Int32Array];
  /** How many blocks are in it. */
  readonly sizes: Int32Array;
  readonly w: Int32Array;
  readonly h: Int32Array;
  /** Of which two builds it was joined; {@link NONE}: it is a single block. */
  readonly near: Int32Array;
  readonly far: Int32Array;
  /** 1 where the two lie beside one another, 0 where one lies on the other. */
  private readonly isBeside: Int32Array;
  /** Rows by a hash of what they are: the next free place after it, if that is taken. */
  private readonly places: Int32Array;

  /** @param most how many builds it can hold */
  constructor(
    readonly blocks: readonly Block[],
    private readonly most: number,
  ) {
    const column = (): Int32Array => new Int32Array(most);
    this.sets = [column(), column(), column()];
    [this.sizes, this.w, this.h] = [column(), column(), column()];
    [this.near, this.far, this.isBeside] = [column(), column(), column()];
    this.places = new Int32Array(2 ** Math.ceil(Math.log2(2 * most))).fill(NONE);
    blocks.forEach(({ lies }, block) => {
      const bits = this.sets.map((_, word) => (Math.floor(block / BITS) === word ? 1 << (block % BITS) : 0));
      for (const lie of lies) {
        if (!this.enter(nth(bits, 0), nth(bits, 1), nth(bits, 2), lie.w, lie.h)) continue;
        this.sizes[this.rows - 1] = 1;
        this.near[this.rows - 1] = NONE;
        this.lies.push(lie);
      }
    });
  }

  get length(): number {
    return this.rows;
  }

  get isFull(): boolean {
    return this.rows >= this.most;
  }

  /** A new row for such blocks and sides; false where there is one already. */
  private enter(one: number, two: number, three: number, w: number, h: number): boolean {
    const [ones, twos, threes] = this.sets;
    const last = this.places.length - 1;
    const mixed = Math.imul(one, 0x9e3779b1) ^ Math.imul(two, 0x7feb352d) ^ Math.imul(three, 0x846ca68b);
    const hash = Math.imul(mixed ^ Math.imul(w, 0x85ebca6b) ^ (mixed >>> 15), 0x2c1b3c6d);
    let place = (hash ^ (hash >>> 13)) & last;
    for (let row = at(this.places, place); row !== NONE; row = at(this.places, place)) {
      // The same blocks have the same area: where they are as wide, they are as high.
      if (at(ones, row) === one && at(twos, row) === two && at(threes, row) === three && at(this.w, row) === w)
        return false;
      place = (place + 1) & last;
    }
    const row = this.rows++;
    this.places[place] = row;
    [ones[row], twos[row], threes[row]] = [one, two, three];
    [this.w[row], this.h[row]] = [w, h];
    return true;
  }

  /** Enters two builds joined, where that is not in it already; there must be room. */
  join({ axis, near, far, w, h }: Joint): void {
    const [ones, twos, threes] = this.sets;
    const isNew = this.enter(
      at(ones, near) | at(ones, far),
      at(twos, near) | at(twos, far),
      at(threes, near) | at(threes, far),
      w,
      h,
    );
    if (!isNew) return;
    const row = this.rows - 1;
    this.sizes[row] = at(this.sizes, near) + at(this.sizes, far);
    [this.near[row], this.far[row], this.isBeside[row]] = [near, far, axis === 'x' ? 1 : 0];
  }

  /** What a build was joined of; null: it is a single block. */
  jointOf(row: number): Joint | null {
    const near = at(this.near, row);
    if (near === NONE) return null;
    const axis = at(this.isBeside, row) === 1 ? 'x' : 'y';
    return { axis, near, far: at(this.far, row), w: at(this.w, row), h: at(this.h, row) };
  }

  /** Whether two builds have a block in common. */
  meet(row: number, other: number): boolean {
    const [ones, twos, threes] = this.sets;
    const common = (at(ones, row) & at(ones, other)) | (at(twos, row) & at(twos, other));
    return (common | (at(threes, row) & at(threes, other))) !== 0;
  }

  /** Which blocks are in it, in a word: the same for a build and for the same one turned. */
  setOf(row: number): string {
    return this.sets.map((column) => at(column, row)).join();
  }

  /** The blocks that are not in it. */
  blocksBeside(row: number): Block[] {
    return this.blocks.filter(
      (_, block) => (at(nth(this.sets, Math.floor(block / BITS)), row) & (1 << (block % BITS))) === 0,
    );
  }

  /** A build of all blocks that is as large as a region; null: there is none. */
  wholeOf({ w, h }: Size): number | null {
    const { length } = this.blocks;
    for (let row = this.rows - 1; row >= 0 && at(this.sizes, row) === length; row--)
      if (at(this.w, row) === w && at(this.h, row) === h) return row;
    return null;
  }

  /** The build itself, with all its parts. */
  build(row: number): Build {
    const joint = this.jointOf(row);
    return joint ? joinBuilds(joint.axis, this.build(joint.near), this.build(joint.far)) : nth(this.lies, row);
  }
}
