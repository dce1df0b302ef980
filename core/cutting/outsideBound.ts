/** A piece as the bounds see it: one way it lies, and its worth. */
export interface Weighed { readonly w: number; readonly h: number; readonly worth: number }

/** Positions that sums of sides reach, up to a length: normal patterns (N. Christofides, C. Whitlock, Operations Research 25, 1977). */
function positions(sides: readonly number[], length: number): number[] {
  const reached = new Uint8Array(length + 1);
  reached[0] = 1;
  for (let at = 0; at <= length; at++) {
    if (reached[at]) for (const side of sides) if (at + side <= length) reached[at + side] = 1;
  }
  return [...reached.keys()].filter((at) => reached[at]);
}

/** For every length up to the whole, the place of the last position at or before it. */
function floorTable(at: readonly number[], length: number): Int32Array {
  const table = new Int32Array(length + 1);
  for (let x = 0, i = 0; x <= length; x++) {
    if (i + 1 < at.length && at[i + 1]! <= x) i++;
    table[x] = i;
  }
  return table;
}

/** Cells of the tables past which they are not made. */
const MOST_CELLS = 90_000;

/**
 * What can be had at the most from the part of a sheet that a build in its corner leaves over, were every piece there
 * without end. Source: K. V. Viswanathan, A. Bagchi, "Best-first search methods for constrained two-dimensional cutting
 * stock problems", Operations Research 41, 1993: U(w, h) from the unconstrained optimum F by dynamic programming
 * (P. C. Gilmore, R. E. Gomory, Operations Research 14, 1966).
 * @returns the bound as a function of the build's sides; null where the tables would be too large
 */
export function outsideBound(W: number, H: number, pieces: readonly Weighed[]): ((w: number, h: number) => number) | null {
  if (W + H > 200_000) return null;
  const xs = positions(pieces.map(({ w }) => w), W);
  const ys = positions(pieces.map(({ h }) => h), H);
  if (xs.length * ys.length > MOST_CELLS) return null;
  const [floorX, floorY] = [floorTable(xs, W), floorTable(ys, H)];
  const rows = ys.length;
  const F = new Float64Array(xs.length * rows);
  for (let i = 0; i < xs.length; i++) for (let j = 0; j < rows; j++) {
    let best = 0;
    for (const { w, h, worth } of pieces) if (w <= xs[i]! && h <= ys[j]! && worth > best) best = worth;
    for (let k = 1; k < i && 2 * xs[k]! <= xs[i]!; k++) best = Math.max(best, F[k * rows + j]! + F[floorX[xs[i]! - xs[k]!]! * rows + j]!);
    for (let k = 1; k < j && 2 * ys[k]! <= ys[j]!; k++) best = Math.max(best, F[i * rows + k]! + F[i * rows + floorY[ys[j]! - ys[k]!]!]!);
    F[i * rows + j] = best;
  }
  const unbounded = (w: number, h: number): number => F[floorX[w]! * rows + floorY[h]!]!;
  // U over corners (w, h) of builds: sums of sides, so positions again; the whole sheet's own sides are added.
  const us = xs[xs.length - 1] === W ? xs : [...xs, W];
  const vs = ys[ys.length - 1] === H ? ys : [...ys, H];
  const U = new Float64Array(us.length * vs.length);
  for (let i = us.length - 1; i >= 0; i--) for (let j = vs.length - 1; j >= 0; j--) {
    let best = 0;
    for (let k = i + 1; k < us.length; k++) best = Math.max(best, U[k * vs.length + j]! + unbounded(us[k]! - us[i]!, vs[j]!));
    for (let k = j + 1; k < vs.length; k++) best = Math.max(best, U[i * vs.length + k]! + unbounded(us[i]!, vs[k]! - vs[j]!));
    U[i * vs.length + j] = best;
  }
  const [placeU, placeV] = [floorTable(us, W), floorTable(vs, H)];
  return (w, h) => U[placeU[w]! * vs.length + placeV[h]!]!;
}
