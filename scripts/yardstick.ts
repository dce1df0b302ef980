import { pack2D } from 'binpackingjs/2d';
import { MaxRectsPacker } from 'maxrects-packer/dist/maxrects-packer.mjs';
import { planCuts, type CutJob } from '../core/trimmer/cutting';
import { inches } from '../core/ground/length';
import { seededRandom } from '../core/ground/random';

interface Side {
  readonly w: number;
  readonly h: number;
}

const SHEET = 48;

/** Pieces of quarter inches for plain 12x12 sheets: all that a packer without designs or leftovers can be asked. */
function piecesOf(count: number, most: number, seed: number): Side[] {
  const random = seededRandom(seed);
  const side = (): number => 4 + Math.floor(random() * (most - 3));
  return Array.from({ length: count }, () => ({ w: side(), h: side() }));
}

const jobOf = (pieces: readonly Side[]): CutJob => ({
  stock: [
    {
      id: 'sheet',
      w: inches(12),
      h: inches(12),
      count: pieces.length,
      front: null,
      back: null,
      upright: false,
      fresh: true,
      since: null,
      missing: [],
    },
  ],
  pieces: pieces.map(({ w, h }, i) => ({
    id: `p${i}`,
    w: inches(w / 4),
    h: inches(h / 4),
    count: 1,
    of: null,
    turn: null,
    optional: false,
    value: 0,
  })),
  keepAtLeast: { w: inches(1), h: inches(1) },
  longestCut: null,
});

function maximalRectangles(pieces: readonly Side[]): number {
  const packer = new MaxRectsPacker(SHEET, SHEET, 0, { allowRotation: true, smart: true, pot: false, square: false });
  packer.addArray(
    pieces.map(({ w, h }) => ({ x: 0, y: 0, width: w, height: h, allowRotation: true, rot: false }) as never),
  );
  return packer.bins.length;
}

const shortSides = (pieces: readonly Side[]): number =>
  pack2D({
    bins: pieces.map(() => ({ width: SHEET, height: SHEET })),
    boxes: pieces.map(({ w, h }) => ({ width: w, height: h })),
  }).packedBins.filter(({ boxes }) => boxes.length > 0).length;

/**
 * Fixed job sets, each with the sheets that the planner opens beside those of two packers whose layouts no trimmer
 * could cut.
 */
export const YARDSTICKS = (
  [
    ['30 small pieces', 30, 20, 3],
    ['40 pieces', 40, 26, 5],
    ['80 pieces', 80, 24, 9],
  ] as const
).map(([name, count, most, seed]) => {
  const pieces = piecesOf(count, most, seed);
  return {
    name: `sheets for ${name}, beside two packers`,
    n: 1,
    run: () => {
      const { stats } = planCuts(jobOf(pieces));
      return {
        fresh: stats.fresh,
        freshBound: stats.bound.fresh,
        packerA: maximalRectangles(pieces),
        packerB: shortSides(pieces),
      };
    },
  };
});
