import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ticks } from '../../length';
import { seededRandom } from '../../random';
import { joinBuilds, pieceBuilds, type Build } from '../parts/build';
import { readProblem } from '../problem/problem';
import { blocksBeside, likelyBlocks } from './likelyBlocks';

const SIDE = 40;
const problemOf = (sizes: readonly (readonly [number, number])[], turn: boolean) =>
  readProblem({
    keepAtLeast: { w: ticks(1), h: ticks(1) },
    longestCut: null,
    stock: [
      {
        id: 's',
        w: SIDE,
        h: SIDE,
        count: 1,
        front: null,
        back: null,
        upright: false,
        fresh: true,
        since: null,
        missing: [],
      },
    ],
    pieces: sizes.map(([w, h], i) => ({ id: `p${i}`, w, h, count: 1, of: null, turn, optional: false, value: 0 })),
  });
const anySizes = fc.array(fc.tuple(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 12 })), {
  minLength: 6,
  maxLength: 14,
});
const region = { w: SIDE, h: SIDE };
const forEver = (): boolean => true;

/** A build by its parts: whether each meets the other edge to edge, and the area of all pieces in it. */
function pieced(build: Build): { isWhole: boolean; area: number } {
  const { from, w, h } = build;
  if (!('axis' in from)) return { isWhole: true, area: w * h };
  const { axis, near, far } = from;
  const [one, two] = [pieced(near), pieced(far)];
  const isEdgeToEdge = axis === 'x' ? near.h === far.h && near.h === h : near.w === far.w && near.w === w;
  return { isWhole: isEdgeToEdge && one.isWhole && two.isWhole, area: one.area + two.area };
}

test('blocks hold every piece once, without waste, and lie turned only where all of them may be', () =>
  fc.assert(
    fc.property(anySizes, fc.boolean(), fc.integer(), (sizes, turn, seed) => {
      const problem = problemOf(sizes, turn);
      const left = problem.items.map(({ count }) => count);
      const blocks = likelyBlocks(problem, 0, left, { region, count: 4 }, seededRandom(seed), forEver);
      if (!blocks) return;
      expect(blocks).toHaveLength(Math.min(4, sizes.length));
      const held = left.map((_, i) => blocks.reduce((sum, { lies }) => sum + lies[0]!.counts[i]!, 0));
      expect(held).toEqual(left);
      for (const { lies } of blocks) {
        for (const lie of lies) expect(pieced(lie)).toEqual({ isWhole: true, area: lie.w * lie.h });
        expect(lies.length).toBe(turn && lies[0]!.w !== lies[0]!.h ? 2 : 1);
      }
    }),
    { numRuns: 60 },
  ));

describe('the pair that most likely lay side by side', () => {
  test('has the long side that no other has', () => {
    const problem = problemOf(
      [
        [30, 3],
        [30, 5],
        [4, 3],
        [4, 6],
        [4, 9],
      ],
      true,
    );
    const left = problem.items.map(({ count }) => count);
    const blocks = likelyBlocks(problem, 0, left, { region, count: 4 }, seededRandom(1), forEver)!;
    expect(blocks.map(({ lies }) => [lies[0]!.w, lies[0]!.h].sort((a, b) => a - b))).toContainEqual([8, 30]);
  });
  test('is none where no sides are alike', () => {
    const problem = problemOf(
      [
        [1, 2],
        [3, 4],
      ],
      true,
    );
    expect(likelyBlocks(problem, 0, [1, 1], { region, count: 1 }, seededRandom(1), forEver)).toBeNull();
  });
});

test('beside a build are the blocks that are not in it; with one in it twice there is no telling', () => {
  const problem = problemOf(
    [
      [2, 3],
      [2, 4],
      [5, 6],
    ],
    false,
  );
  const blocks = pieceBuilds(problem, 0, [1, 1, 1]).map((build) => ({ lies: [build] }));
  const [one, two] = blocks.map(({ lies }) => lies[0]!);
  expect(blocksBeside(blocks, joinBuilds('y', one!, two!))).toEqual([blocks[2]]);
  expect(blocksBeside(blocks, joinBuilds('y', one!, one!))).toBeNull();
});
