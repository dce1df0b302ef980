import { nth } from '../../nth';
import type { Build } from '../parts/build';
import type { Problem } from '../problem/problem';
import { matesOf, singleBlocks } from './block';
import { BlockByBlock } from './blockByBlock';
import { MOST_BLOCKS } from './buildTable';
import { slabBySlab } from './slabBySlab';

/** Work that is counted for itself as well. */
function counted(spend: (joins: number) => boolean): { spend: (joins: number) => boolean; readonly spent: number } {
  let spent = 0;
  return {
    spend: (joins) => {
      spent += joins;
      return spend(joins);
    },
    get spent() {
      return spent;
    },
  };
}

/** Other blocks that have a side alike past which most do so by chance. */
const FEW_MATES = 6.6;
/** Parts of the work for what then is less likely to come to something. */
const LESS = 1 / 8;

/**
 * Fills one sheet with pieces that are as large together as it is. Where few sides are alike, what lay together can be
 * told ({@link BlockByBlock}); where many are, there are many ways to fill it ({@link slabBySlab}). Both are tried in
 * turn, the likelier mostly.
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
  const [slabs, together] = [counted(spend), counted(spend)];
  const blocks = singleBlocks(problem, kind, left);
  const tries =
    blocks.length > MOST_BLOCKS ? null : new BlockByBlock(problem, kind, blocks, region, random, together.spend);
  const share = matesOf(blocks) > FEW_MATES ? LESS : 1 - LESS;
  let filled: Build | null = null;
  while (!filled && !tries?.isProvedEmpty && spend(1))
    filled =
      tries && together.spent * (1 - share) <= slabs.spent * share
        ? tries.oneTry()
        : slabBySlab(problem, kind, left, region, random, slabs.spend);
  return filled;
}
