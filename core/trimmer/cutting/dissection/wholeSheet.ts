import { nth } from '../../../ground/nth';
import type { Size } from '../../../ground/geometry';
import type { Build } from '../parts/build';
import { asTold } from './asTold';
import type { Problem } from '../problem/problem';
import { matesOf, singleBlocks, type Block } from './block';
import { BlockByBlock } from './blockByBlock';
import { MOST_BLOCKS } from './buildTable';
import { slabBySlab } from './slabBySlab';

/** Other blocks that have a side alike past which most do so by chance. */
const FEW_MATES = 6.6;

/**
 * Pieces over that are put together to the last one: where all may be turned, and where none may, which makes fewer
 * builds. Of all pieces at least so large a share, at most all of them, by lot: where there are few in all and many
 * sides are alike, a slab settled first leaves fewer builds to make.
 */
const FEW = { turned: 26, asTheyLie: 38 };
const LEAST_SHARE = 0.4;

/** How many pieces over a try puts together to the last one. */
function fewOf(blocks: readonly Block[], random: () => number): number {
  const turned = blocks.filter(({ lies }) => lies.length > 1).length / blocks.length;
  const most = FEW.asTheyLie - (FEW.asTheyLie - FEW.turned) * turned;
  return Math.min(most, blocks.length * (LEAST_SHARE + (1 - LEAST_SHARE) * random()));
}

/** Both ways of filling a sheet with pieces, each with as much of the work. */
class Ways {
  private readonly blocks: readonly Block[];
  private readonly byBlocks: BlockByBlock | null;
  private readonly done = { blocks: 0, slabs: 0 };

  constructor(
    private readonly problem: Problem,
    private readonly kind: number,
    private readonly left: readonly number[],
    private readonly random: () => number,
    private readonly spend: (joins: number) => boolean,
  ) {
    this.blocks = singleBlocks(problem, kind, left);
    const areManyAlike = this.blocks.length > MOST_BLOCKS || matesOf(this.blocks) > FEW_MATES;
    this.byBlocks = areManyAlike
      ? null
      : new BlockByBlock(problem, kind, this.blocks, this.region, random, this.spendOn('blocks'));
  }

  private get region(): Size {
    const { w, h } = nth(this.problem.kinds, this.kind);
    return { w, h };
  }

  private spendOn(way: 'blocks' | 'slabs') {
    return (joins: number): boolean => {
      this.done[way] += joins;
      return this.spend(joins);
    };
  }

  get work(): number {
    return this.done.blocks + this.done.slabs;
  }

  get isProvedEmpty(): boolean {
    return this.byBlocks?.isProvedEmpty === true;
  }

  oneTry(): Build | null {
    const { problem, kind, left, random, blocks, byBlocks, done } = this;
    if (byBlocks && done.blocks <= done.slabs) return byBlocks.oneTry();
    return slabBySlab(problem, kind, left, this.region, random, this.spendOn('slabs'), fewOf(blocks, random));
  }
}

/** Of the work, one part in so many goes to pieces that lie as their sides are told, where they may be turned. */
const AS_TOLD = 3;

/**
 * Fills one sheet with pieces that are as large together as it is. Where few sides are alike, what lay together can be
 * told ({@link BlockByBlock}); where many are, there are many ways to fill it ({@link slabBySlab}). Where few are
 * alike, some sheets come out one way and some the other: both have as much of the work. Pieces that may be turned are
 * also tried as they are told ({@link asTold}).
 * @param left of each item what is to lie on it; their areas add up to that of the sheet, which has no gap
 * @param spend counts joins; false: the work allowed is done
 * @returns null where the work is done, or there is no way to fill it
 */
export function wholeSheet(
  problem: Problem,
  kind: number,
  left: readonly number[],
  random: () => number,
  spend: (joins: number) => boolean,
): Build | null {
  const ways = new Ways(problem, kind, left, random, spend);
  const told = asTold(problem, kind, left);
  const waysTold = told && new Ways(told.problem, kind, told.left, random, spend);
  while (!ways.isProvedEmpty && spend(1)) {
    const isTold = waysTold?.isProvedEmpty === false && waysTold.work * (AS_TOLD - 1) <= ways.work;
    const filled = isTold ? waysTold.oneTry() : ways.oneTry();
    if (filled) return isTold && told ? told.inProblem(filled) : filled;
  }
  return null;
}
