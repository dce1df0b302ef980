import { nth } from '../../nth';
import type { Build } from '../parts/build';
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

/**
 * Fills one sheet with pieces that are as large together as it is. Where few sides are alike, what lay together can be
 * told ({@link BlockByBlock}); where many are, there are many ways to fill it ({@link slabBySlab}). Where few are
 * alike, some sheets come out one way and some the other: both have as much of the work.
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
  const { w, h } = nth(problem.kinds, kind);
  const region = { w, h };
  const blocks = singleBlocks(problem, kind, left);
  const areManyAlike = blocks.length > MOST_BLOCKS || matesOf(blocks) > FEW_MATES;
  const work = { blocks: 0, slabs: 0 };
  const spendOn =
    (way: 'blocks' | 'slabs') =>
    (joins: number): boolean => {
      work[way] += joins;
      return spend(joins);
    };
  const byBlocks = areManyAlike ? null : new BlockByBlock(problem, kind, blocks, region, random, spendOn('blocks'));
  let filled: Build | null = null;
  while (!filled && !byBlocks?.isProvedEmpty && spend(1))
    filled =
      byBlocks && work.blocks <= work.slabs
        ? byBlocks.oneTry()
        : slabBySlab(problem, kind, left, region, random, spendOn('slabs'), fewOf(blocks, random));
  return filled;
}
