import type { Size } from '../../../ground/geometry';
import { nth } from '../../../ground/nth';
import { joinBuilds, type Build } from '../parts/build';
import type { Problem } from '../problem/problem';
import { buildsWithoutWaste, MOST_BUILDS } from '../constructions/withoutWaste';

/** Builds made, and slabs found, before one of them is settled. */
const BUILDS_FOR_A_SLAB = 2_000;
const SLABS_TO_DRAW_FROM = 50;
/** Of the slabs found, those with the largest pieces: one in so many is drawn from. */
const BEST = 8;

const sum = (counts: readonly number[]): number => counts.reduce((all, n) => all + n, 0);

/** How large its pieces are, those of large ones the most: what is hard to place goes first. */
function largeness({ items }: Problem, { w, h, counts }: Build): number {
  const squares = items.map((item, i) => nth(counts, i) * (item.w * item.h) ** 2);
  return sum(squares) / (w * h);
}

/**
 * Tries to fill a region without waste: a slab right across it is settled, one of large pieces, and another across what
 * is left, until the few pieces over are put together to the last one ({@link buildsWithoutWaste}). The next try settles
 * other slabs.
 * @param left of each item what is to lie in it; their areas add up to that of the region
 * @param spend counts joins; false: the work allowed is done
 * @param few so many pieces over, or fewer, are put together to the last one
 * @returns null where it ends short, or the work allowed is done
 */
export function slabBySlab(
  problem: Problem,
  kind: number,
  left: readonly number[],
  region: Size,
  random: () => number,
  spend: (joins: number) => boolean,
  few: number,
): Build | null {
  const pieces = sum(left);
  const isFew = pieces <= few;
  const takesAll = ({ counts }: Build): boolean => sum(counts) === pieces;
  const { fills, slabs } = buildsWithoutWaste(problem, kind, left, random, spend, {
    region,
    builds: isFew ? MOST_BUILDS : BUILDS_FOR_A_SLAB,
    enough: (found) => found.isAll || (!isFew && found.slabs >= SLABS_TO_DRAW_FROM),
  });
  const all = fills.find(takesAll);
  if (all || isFew || slabs.length === 0 || !spend(1)) return all ?? null;
  const ordered = slabs.map((slab) => ({ slab, by: largeness(problem, slab) })).sort((a, b) => b.by - a.by);
  const { slab } = nth(ordered, Math.floor(random() * Math.ceil(ordered.length / BEST)));
  const isAcross = slab.w === region.w;
  const beyond = isAcross ? { ...region, h: region.h - slab.h } : { ...region, w: region.w - slab.w };
  const over = left.map((n, i) => n - nth(slab.counts, i));
  const rest = slabBySlab(problem, kind, over, beyond, random, spend, few);
  return rest && joinBuilds(isAcross ? 'y' : 'x', slab, rest);
}
