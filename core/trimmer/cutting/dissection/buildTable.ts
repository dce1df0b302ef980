import type { Size } from '../../../ground/geometry';
import { BuildRows, type Joint } from '../parts/buildRows';
import { at } from '../parts/column';
import type { Block } from './block';

const BITS = 30;
/** Numbers that tell which blocks are in a build. */
export const WORDS = 3;
/** Blocks that are told apart at the most: a bit each. */
export const MOST_BLOCKS = WORDS * BITS;

/** Builds of blocks, each of which there is once. No two have the same blocks and the same sides. */
export class BuildTable extends BuildRows {
  private readonly both = new Int32Array(WORDS);

  /** @param most how many builds it can hold */
  constructor(
    readonly blocks: readonly Block[],
    most: number,
  ) {
    super(WORDS, most);
    blocks.forEach(({ lies }, block) => {
      const key = new Int32Array(WORDS);
      key[Math.floor(block / BITS)] = 1 << (block % BITS);
      for (const lie of lies) this.enterSingle(key, lie, 1);
    });
  }

  /** Enters two builds joined, where that is not in it already; there must be room. */
  join(joint: Joint): void {
    const { keys, both } = this;
    const [near, far] = [joint.near * WORDS, joint.far * WORDS];
    for (let word = 0; word < WORDS; word++) both[word] = at(keys, near + word) | at(keys, far + word);
    this.enterJoint(both, joint);
  }

  /** Whether two builds have a block in common. */
  meet(row: number, other: number): boolean {
    const { keys } = this;
    const [one, two] = [row * WORDS, other * WORDS];
    const common = (at(keys, one) & at(keys, two)) | (at(keys, one + 1) & at(keys, two + 1));
    return (common | (at(keys, one + 2) & at(keys, two + 2))) !== 0;
  }

  /** Which blocks are in it, in a word: the same for a build and for the same one turned. */
  setOf(row: number): string {
    return this.keys.subarray(row * WORDS, (row + 1) * WORDS).join();
  }

  /** The blocks that are not in it. */
  blocksBeside(row: number): Block[] {
    return this.blocks.filter(
      (_, block) => (at(this.keys, row * WORDS + Math.floor(block / BITS)) & (1 << (block % BITS))) === 0,
    );
  }

  /** A build of all blocks that is as large as a region; null: there is none. */
  wholeOf({ w, h }: Size): number | null {
    const { length } = this.blocks;
    for (let row = this.length - 1; row >= 0 && at(this.sizes, row) === length; row--)
      if (at(this.w, row) === w && at(this.h, row) === h) return row;
    return null;
  }
}
