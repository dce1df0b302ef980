import type { Lie } from '../problem/problem';
import { nth } from '../../../ground/nth';

/** A way an item may lie on the sheet. */
export interface Laid extends Lie {
  readonly item: number;
}

/** The positions on a sheet at which pieces can end, and for every length the last of them at or before it. */
export interface Patterns {
  readonly W: number;
  readonly H: number;
  readonly xs: readonly number[];
  readonly ys: readonly number[];
  readonly floorX: Int32Array;
  readonly floorY: Int32Array;
}

/** Cells of a table over all positions past which it is not made. */
const MOST_CELLS = 90_000;
const LONGEST = 200_000;

/** Positions that sums of sides reach, each used no more often than pieces have it. */
function positions(sides: readonly (readonly [side: number, count: number])[], length: number): number[] {
  const reached = new Uint8Array(length + 1);
  reached[0] = 1;
  for (const [side, count] of sides) {
    // How often the side was used to come here; 0 where it was not needed.
    const uses = new Int32Array(length + 1);
    for (let at = side; at <= length; at++) {
      if (reached[at] || !reached[at - side] || uses[at - side]! >= count) continue;
      reached[at] = 1;
      uses[at] = uses[at - side]! + 1;
    }
  }
  return [...reached.keys()].filter((at) => reached[at]);
}

/** For every length up to the whole, the place of the last position at or before it. */
export function floorTable(at: readonly number[], length: number): Int32Array {
  const table = new Int32Array(length + 1);
  for (let x = 0, i = 0; x <= length; x++) {
    if (i + 1 < at.length && at[i + 1]! <= x) i++;
    table[x] = i;
  }
  return table;
}

function sidesOf(laid: readonly Laid[], left: readonly number[], side: 'w' | 'h'): [number, number][] {
  const counts = new Map<number, number>();
  for (const one of laid) counts.set(one[side], (counts.get(one[side]) ?? 0) + nth(left, one.item));
  return [...counts];
}

/**
 * Normal patterns (N. Christofides, C. Whitlock, Operations Research 25, 1977): every plan can be pushed left and up so
 * that pieces end at sums of sides.
 * @param left how many of each item there are
 * @returns null where there are too many
 */
export function patternsOf(W: number, H: number, laid: readonly Laid[], left: readonly number[]): Patterns | null {
  if (W + H > LONGEST) return null;
  const [xs, ys] = [positions(sidesOf(laid, left, 'w'), W), positions(sidesOf(laid, left, 'h'), H)];
  return xs.length * ys.length > MOST_CELLS
    ? null
    : { W, H, xs, ys, floorX: floorTable(xs, W), floorY: floorTable(ys, H) };
}
