import { nth } from '../../nth';
import type { Build } from '../parts/build';
import type { Problem } from '../problem/problem';
import { matesOf, singleBlocks } from './block';
import { BlockByBlock } from './blockByBlock';
import { MOST_BLOCKS } from './buildTable';
import { slabBySlab } from './slabBySlab';

/** Other blocks that have a side alike past which most do so by chance. */
const FEW_MATES = 6.6;

/**
 * Fills one sheet with pieces that are as large together as it is. Where few sides are alike, what lay together can be
 * told ({@link BlockByBlock}); where many are, there are many ways to fill it ({@link slabBySlab}).
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
  const byBlocks = areManyAlike ? null : new BlockByBlock(problem, kind, blocks, region, random, spend);
  let filled: Build | null = null;
  while (!filled && !byBlocks?.isProvedEmpty && spend(1))
    filled = byBlocks ? byBlocks.oneTry() : slabBySlab(problem, kind, left, region, random, spend);
  return filled;
}
