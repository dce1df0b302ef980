import type { Size } from '../../geometry';
import { groupBy } from '../../groupBy';
import { nth } from '../../nth';
import { joinBuilds, pieceBuilds, turnedBuild, type Build } from '../parts/build';
import type { Problem } from '../problem/problem';

/** Pieces put together, as they are and, where they may be, turned. */
export interface Block {
  readonly lies: readonly Build[];
}

/** Sides within this factor tell how many there are of about a length. */
const NEAR = 1.5;
/** How much it says that the joined side meets another. */
const MEETS = 1;
/** How much is left to the lot. */
const CHANCE = 0.3;

interface Pair {
  readonly near: number;
  readonly far: number;
  readonly axis: 'x' | 'y';
  readonly a: Build;
  readonly b: Build;
}

/** All pairs of blocks with a side alike that fit the region. */
function pairsOf(blocks: readonly Block[], { w, h }: Size): Pair[] {
  const fits = (across: number, along: number): boolean => (across <= w && along <= h) || (across <= h && along <= w);
  return blocks.flatMap((one, near) =>
    blocks.slice(near + 1).flatMap((other, n) => {
      // Where both may be turned, turning the one is turning both.
      const own = other.lies.length > 1 ? one.lies.slice(0, 1) : one.lies;
      return own.flatMap((a) =>
        other.lies.flatMap((b): Pair[] => {
          const at = { near, far: near + 1 + n, a, b };
          if (a.h === b.h && fits(a.w + b.w, a.h)) return [{ ...at, axis: 'x' }];
          return a.w === b.w && fits(a.w, a.h + b.h) ? [{ ...at, axis: 'y' }] : [];
        }),
      );
    }),
  );
}

/** How many sides there are of about a length, for each unit of it: how likely one meets it by chance. */
function densities(blocks: readonly Block[]): (length: number) => number {
  const sides = blocks.flatMap(({ lies: [build] }) => (build ? [build.w, build.h] : []));
  const known = new Map<number, number>();
  return (length) => {
    const before = known.get(length);
    if (before !== undefined) return before;
    const near = sides.filter((side) => side >= length / NEAR && side <= length * NEAR).length;
    const density = Math.max(1, near) / (length * (NEAR - 1 / NEAR));
    known.set(length, density);
    return density;
  };
}

/** The pair that most likely lay side by side, or one about as likely, by lot. */
function likeliest(blocks: readonly Block[], region: Size, random: () => number): Pair | null {
  const density = densities(blocks);
  const sides = new Set([region.w, region.h, ...blocks.flatMap(({ lies }) => lies.flatMap(({ w, h }) => [w, h]))]);
  let best: { pair: Pair; by: number } | null = null;
  for (const pair of pairsOf(blocks, region)) {
    const { a, b, axis } = pair;
    const [across, one, other] = axis === 'x' ? [a.h, a.w, b.w] : [a.w, a.h, b.h];
    const by =
      -Math.log(density(across)) +
      MEETS * (sides.has(one + other) ? -Math.log(density(one + other)) : 0) -
      CHANCE * Math.log(-Math.log(random() + Number.MIN_VALUE));
    if (!best || by > best.by) best = { pair, by };
  }
  return best?.pair ?? null;
}

/**
 * Pieces put together two by two as they most likely lay before they were cut apart: a long side that another has too
 * is seldom chance. Source: own.
 * @param count how many blocks are to be left
 * @param spend counts joins; false: the work allowed is done
 * @returns null where no two go together any more
 */
export function likelyBlocks(
  problem: Problem,
  kind: number,
  left: readonly number[],
  { region, count }: { readonly region: Size; readonly count: number },
  random: () => number,
  spend: (joins: number) => boolean,
): Block[] | null {
  const turned = (build: Build): Build[] => {
    const other = build.w === build.h ? null : turnedBuild(problem, kind, build);
    return other ? [other] : [];
  };
  const byItem = groupBy(pieceBuilds(problem, kind, left), ({ counts }) => counts.indexOf(1));
  let blocks = [...byItem].flatMap(([item, lies]) => Array.from({ length: nth(left, item) }, (): Block => ({ lies })));
  while (blocks.length > count) {
    if (!spend(blocks.length)) return null;
    const pair = likeliest(blocks, region, random);
    if (!pair) return null;
    const both = joinBuilds(pair.axis, pair.a, pair.b);
    blocks = blocks.filter((_, i) => i !== pair.near && i !== pair.far);
    blocks.push({ lies: [both, ...turned(both)] });
  }
  return blocks;
}

/** The blocks of which a build is put together, by a lie of each. */
function liesIn(build: Build, lies: ReadonlySet<Build>): Build[] {
  if (lies.has(build)) return [build];
  const { from } = build;
  return 'axis' in from ? [...liesIn(from.near, lies), ...liesIn(from.far, lies)] : [];
}

/** The blocks that are over when a build is made of some of them; null where more of one are in it than there are. */
export function blocksBeside(blocks: readonly Block[], build: Build): Block[] | null {
  const over = [...blocks];
  for (const { counts } of liesIn(build, new Set(blocks.flatMap(({ lies }) => lies)))) {
    // Blocks of the same pieces are as good as one another.
    const at = over.findIndex(({ lies }) => nth(lies, 0).counts.every((n, i) => n === counts[i]));
    if (at < 0) return null;
    over.splice(at, 1);
  }
  return over;
}
