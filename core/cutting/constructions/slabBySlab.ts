import type { Size } from '../../geometry';
import { nth } from '../../nth';
import { joinBuilds, type Build } from '../parts/build';
import type { Problem } from '../problem/problem';
import { blocksBeside, likelyBlocks, type Block } from './likelyBlocks';
import { buildsWithoutWaste, MOST_BUILDS } from './withoutWaste';

/** Pieces, counted each, that a search for builds puts together to the last one. */
const FEW = 26;
/** So many blocks pieces are put together to, where there are more of them; of very many some are put together wrongly. */
const BLOCKS = 40;
const MOST_FOR_BLOCKS = 60;
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

/** What is to be put together in a region: single pieces, or blocks of them. */
interface Lot {
  readonly left: readonly number[];
  readonly blocks: readonly Block[] | null;
  readonly region: Size;
}

const countOf = ({ left, blocks }: Lot): number => blocks?.length ?? sum(left);

/** What is over when a slab across the region is settled; null where that cannot be told. */
function beyond({ left, blocks, region }: Lot, slab: Build): Lot | null {
  const over = blocks && blocksBeside(blocks, slab);
  if (blocks && !over) return null;
  return {
    left: left.map((n, i) => n - nth(slab.counts, i)),
    blocks: over,
    region: slab.w === region.w ? { ...region, h: region.h - slab.h } : { ...region, w: region.w - slab.w },
  };
}

/** One try from a whole sheet down: slabs drawn by lot, then all that is left at once; null where that ends short. */
function oneTry(
  problem: Problem,
  kind: number,
  lot: Lot,
  random: () => number,
  spend: (joins: number) => boolean,
): Build | null {
  const { left, blocks, region } = lot;
  const pieces = sum(left);
  const isFew = countOf(lot) <= FEW;
  const takesAll = ({ counts }: Build): boolean => sum(counts) === pieces;
  const { fills, slabs } = buildsWithoutWaste(problem, kind, left, random, spend, {
    region,
    ...(blocks ? { parts: blocks.flatMap(({ lies }) => lies) } : {}),
    builds: isFew ? MOST_BUILDS : BUILDS_FOR_A_SLAB,
    enough: (whole, across) => whole.some(takesAll) || (!isFew && across.length >= SLABS_TO_DRAW_FROM),
  });
  const all = fills.find(takesAll);
  if (all || isFew || slabs.length === 0 || !spend(1)) return all ?? null;
  const ordered = slabs.map((slab) => ({ slab, by: largeness(problem, slab) })).sort((a, b) => b.by - a.by);
  const { slab } = nth(ordered, Math.floor(random() * Math.ceil(ordered.length / BEST)));
  const over = beyond(lot, slab);
  const rest = over && oneTry(problem, kind, over, random, spend);
  return rest && joinBuilds(slab.w === region.w ? 'y' : 'x', slab, rest);
}

/**
 * Fills one sheet with pieces that are as large together as it is, many of them: a slab right across it is settled,
 * one of large pieces, and another across what is left, until the few pieces over are put together to the last one
 * ({@link buildsWithoutWaste}). Where that ends short, other slabs are drawn; mostly of blocks, pieces that
 * most likely lay side by side ({@link likelyBlocks}).
 * @param left of each item what is to lie on it; their areas add up to that of the sheet, which has no gap
 * @param spend counts joins; false: the work allowed is done
 */
export function slabBySlab(
  problem: Problem,
  kind: number,
  left: readonly number[],
  random: () => number,
  spend: (joins: number) => boolean,
): Build | null {
  const { w, h } = nth(problem.kinds, kind);
  const region = { w, h };
  const pieces = sum(left);
  const mayBlock = pieces > BLOCKS && pieces <= MOST_FOR_BLOCKS;
  for (let n = 0; spend(1); n++) {
    const isOfBlocks = mayBlock && n % 4 !== 0;
    const blocks = isOfBlocks ? likelyBlocks(problem, kind, left, { region, count: BLOCKS }, random, spend) : null;
    if (isOfBlocks && !blocks) continue;
    const filled = oneTry(problem, kind, { left, blocks, region }, random, spend);
    if (filled) return filled;
  }
  return null;
}
