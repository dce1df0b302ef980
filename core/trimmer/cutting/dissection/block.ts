import { groupBy } from '../../../ground/groupBy';
import { nth } from '../../../ground/nth';
import { pieceBuilds, turnedBuild, type Build } from '../parts/build';
import type { Problem } from '../problem/problem';

/** A piece, or pieces put together without waste: as they lie and, where they may be turned, a quarter round. */
export interface Block {
  readonly lies: readonly Build[];
}

/** Every piece that is left, each copy a block of its own. */
export const singleBlocks = (problem: Problem, kind: number, left: readonly number[]): Block[] =>
  [...groupBy(pieceBuilds(problem, kind, left), ({ counts }) => counts.indexOf(1))].flatMap(([item, lies]) =>
    Array.from({ length: nth(left, item) }, () => ({ lies })),
  );

/** A build as a block, turned too where all of it may be. */
export function blockOf(problem: Problem, kind: number, build: Build): Block {
  const turned = build.w === build.h ? null : turnedBuild(problem, kind, build);
  return { lies: turned ? [build, turned] : [build] };
}

/** How many other blocks, on average, have a side as long as one of a block where both lie some way. */
export function matesOf(blocks: readonly Block[]): number {
  const lies = blocks.flatMap((block) => block.lies.map(({ w, h }) => ({ block, w, h })));
  const mates = lies.map(
    ({ block, w, h }) => lies.filter((other) => other.block !== block && (other.w === w || other.h === h)).length,
  );
  return mates.reduce((sum, n) => sum + n, 0) / lies.length;
}
