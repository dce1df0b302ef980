import { nth } from '../../../ground/nth';
import { halves, joined, type Part } from '../parts/part';
import type { Laid, Patterns } from './patterns';

/** What was best for a cell: nothing, a piece by its place among those laid, or a cut at a position. */
const NOTHING = 0;
const PIECE = 1;
const ACROSS = 2;
const DOWN = 3;

/**
 * The dearest cutting of every rectangle that ends at two positions, were there pieces without end: dynamic programming
 * (P. C. Gilmore, R. E. Gomory, Operations Research 14, 1966).
 */
export class Unlimited {
  private readonly worths: Float64Array;
  private readonly kinds: Uint8Array;
  private readonly ats: Int32Array;
  private readonly rows: number;

  /** @param worth of each item; what is worth nothing is not cut */
  constructor(
    private readonly patterns: Patterns,
    private readonly laid: readonly Laid[],
    worth: readonly number[],
  ) {
    const { xs, ys, floorX, floorY } = patterns;
    const rows = (this.rows = ys.length);
    const F = (this.worths = new Float64Array(xs.length * rows));
    const kinds = (this.kinds = new Uint8Array(F.length));
    const ats = (this.ats = new Int32Array(F.length));
    laid.forEach(({ w, h, item }, place) => {
      const own = nth(worth, item);
      for (let i = nth(floorX, w); i < xs.length; i++) {
        if (xs[i]! < w) continue;
        for (let j = nth(floorY, h); j < rows; j++) {
          if (ys[j]! < h || own <= F[i * rows + j]!) continue;
          F[i * rows + j] = own;
          kinds[i * rows + j] = PIECE;
          ats[i * rows + j] = place;
        }
      }
    });
    for (let i = 0; i < xs.length; i++)
      for (let j = 0; j < rows; j++) {
        const own = i * rows + j;
        const [w, h] = [xs[i]!, ys[j]!];
        let best = F[own]!;
        for (let k = 1, x; k < i && 2 * (x = xs[k]!) <= w; k++) {
          const both = F[k * rows + j]! + F[floorX[w - x]! * rows + j]!;
          if (both > best) {
            best = both;
            kinds[own] = ACROSS;
            ats[own] = x;
          }
        }
        for (let k = 1, y; k < j && 2 * (y = ys[k]!) <= h; k++) {
          const both = F[i * rows + k]! + F[i * rows + floorY[h - y]!]!;
          if (both > best) {
            best = both;
            kinds[own] = DOWN;
            ats[own] = y;
          }
        }
        F[own] = best;
      }
  }

  private cell(w: number, h: number): number {
    return this.patterns.floorX[w]! * this.rows + this.patterns.floorY[h]!;
  }

  worth(w: number, h: number): number {
    return this.worths[this.cell(w, h)]!;
  }

  /** How many of each item the dearest cutting of the whole sheet has. */
  counts(items: number): number[] {
    const counts = Array.from({ length: items }, () => 0);
    const count = (w: number, h: number): void => {
      const cell = this.cell(w, h);
      const at = nth(this.ats, cell);
      if (this.kinds[cell] === PIECE) {
        const { item } = nth(this.laid, at);
        counts[item] = nth(counts, item) + 1;
      } else if (this.kinds[cell] === ACROSS) {
        count(at, h);
        count(w - at, h);
      } else if (this.kinds[cell] === DOWN) {
        count(w, at);
        count(w, h - at);
      }
    };
    count(this.patterns.W, this.patterns.H);
    return counts;
  }

  /** The part cut so; a piece of which none is left stays free. Mutates `left`. */
  lay(part: Part, left: number[]): Part {
    const cell = this.cell(part.w, part.h);
    const at = nth(this.ats, cell);
    switch (this.kinds[cell]) {
      case NOTHING:
        return part;
      case PIECE:
        return this.layPiece(part, nth(this.laid, at), left);
      default: {
        const axis = this.kinds[cell] === ACROSS ? 'x' : 'y';
        const [near, far] = halves(part, axis, at);
        return joined(part, axis, this.lay(near, left), this.lay(far, left));
      }
    }
  }

  private layPiece(part: Part, piece: Laid, left: number[]): Part {
    const more = nth(left, piece.item);
    if (more < 1) return part;
    const over = { w: part.w - piece.w, h: part.h - piece.h };
    if (over.w === 0 && over.h === 0) {
      left[piece.item] = more - 1;
      return { ...part, use: { item: piece.item, turned: piece.turned } };
    }
    const axis = over.w > 0 && (over.h === 0 || over.w * part.h >= over.h * part.w) ? 'x' : 'y';
    const [near, far] = halves(part, axis, axis === 'x' ? piece.w : piece.h);
    return joined(part, axis, this.layPiece(near, piece, left), far);
  }
}
