import { floorTable, type Patterns } from './patterns';
import type { Unlimited } from './unlimited';

/**
 * What can be had at the most from the part of a sheet that a build in its corner leaves over, were every piece there
 * without end. Source: K. V. Viswanathan, A. Bagchi, "Best-first search methods for constrained two-dimensional cutting
 * stock problems", Operations Research 41, 1993.
 */
export class OutsideBound {
  private readonly most: Float64Array;
  private readonly placeX: Int32Array;
  private readonly placeY: Int32Array;

  constructor({ W, H, xs, ys }: Patterns, table: Unlimited) {
    // Corners of builds are sums of sides, so positions again; the whole sheet's own sides are added.
    const us = xs[xs.length - 1] === W ? xs : [...xs, W];
    const vs = ys[ys.length - 1] === H ? ys : [...ys, H];
    const rows = vs.length;
    const U = (this.most = new Float64Array(us.length * rows));
    for (let i = us.length - 1; i >= 0; i--)
      for (let j = rows - 1; j >= 0; j--) {
        let best = 0;
        const [u, v] = [us[i]!, vs[j]!];
        for (let k = i + 1; k < us.length; k++) best = Math.max(best, U[k * rows + j]! + table.worth(us[k]! - u, v));
        for (let k = j + 1; k < rows; k++) best = Math.max(best, U[i * rows + k]! + table.worth(u, vs[k]! - v));
        U[i * rows + j] = best;
      }
    this.placeX = floorTable(us, W).map((i) => i * rows);
    this.placeY = floorTable(vs, H);
  }

  /** @param w, h the build's sides */
  at(w: number, h: number): number {
    return this.most[this.placeX[w]! + this.placeY[h]!]!;
  }
}
