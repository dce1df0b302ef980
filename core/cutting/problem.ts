import { intersect, unionArea, type Rect, type Size } from '../geometry';
import type { CutJob, CutPiece, CutStock } from './types';

/** A way in which a piece may lie in a stock. */
export interface Lie extends Size { readonly turned: boolean }

/** How a piece can come from a stock: on which face, lying how. */
export interface Serving { readonly face: 'front' | 'back'; readonly lies: readonly Lie[] }

export interface StockKind extends Size {
  readonly stock: CutStock;
  readonly holes: readonly Rect[];
  /** What is there of it, in the square of the grain. */
  readonly solid: number;
}

/**
 * A cut job made ready for the search. All lengths are divided by their greatest common divisor, the grain: areas and
 * their squares then stay small whole numbers, so that plans compare exactly.
 */
export interface Problem {
  readonly job: CutJob;
  readonly grain: number;
  readonly kinds: readonly StockKind[];
  readonly items: readonly CutPiece[];
  /** Per stock kind and item; null where the stock cannot give the piece. */
  readonly servings: readonly (readonly (Serving | null)[])[];
  /** Per item the stock kinds that can give it. */
  readonly givers: readonly (readonly number[])[];
  /** Sum of the squares of what is there of all stock, were none of it opened. */
  readonly keptUnopened: number;
  readonly keep: Size;
  readonly longestCut: number;
}

const gcd = (a: number, b: number): number => (b === 0 ? Math.abs(a) : gcd(b, a % b));

function grainOf(job: CutJob): number {
  const lengths = [
    ...job.stock.flatMap((s) => [s.w, s.h, ...s.missing.flatMap((r) => [r.x, r.y, r.w, r.h])]),
    ...job.pieces.flatMap((p) => [p.w, p.h]),
    job.keepAtLeast.w, job.keepAtLeast.h, job.longestCut ?? 0,
  ];
  return lengths.reduce(gcd, 0) || 1;
}

const scaled = <T extends Size>(size: T, grain: number): T => ({ ...size, w: size.w / grain, h: size.h / grain });

function serving(stock: CutStock, size: Size, item: CutPiece): Serving | null {
  const face = item.of === null || (stock.front !== null && item.of.includes(stock.front)) ? 'front'
    : stock.back !== null && item.of.includes(stock.back) ? 'back' : null;
  if (face === null) return null;
  const turn = (item.turn ?? !stock.upright) && item.w !== item.h;
  const lies = [{ w: item.w, h: item.h, turned: false }, ...(turn ? [{ w: item.h, h: item.w, turned: true }] : [])]
    .filter((lie) => lie.w <= size.w && lie.h <= size.h);
  return lies.length === 0 ? null : { face, lies };
}

/** Prepares a job; see {@link Problem}. */
export function readProblem(job: CutJob): Problem {
  const grain = grainOf(job);
  const kinds = job.stock.map((stock): StockKind => {
    const sheet: Rect = { x: 0, y: 0, w: stock.w / grain, h: stock.h / grain };
    const holes = stock.missing
      .map(({ x, y, w, h }) => intersect(sheet, { x: x / grain, y: y / grain, w: w / grain, h: h / grain }))
      .filter((hole) => hole !== null);
    return { stock, w: sheet.w, h: sheet.h, holes, solid: sheet.w * sheet.h - unionArea(sheet, holes) };
  });
  const items = job.pieces.map((piece) => scaled(piece, grain));
  const servings = kinds.map((kind) => items.map((item) => serving(kind.stock, kind, item)));
  return {
    job, grain, kinds, items, servings,
    givers: items.map((_, i) => kinds.map((__, k) => k).filter((k) => servings[k]![i] !== null)),
    keptUnopened: kinds.reduce((sum, { stock, solid }) => sum + stock.count * solid ** 2, 0),
    keep: scaled(job.keepAtLeast, grain),
    longestCut: job.longestCut === null ? Infinity : job.longestCut / grain,
  };
}

/** Whether what is left this large is worth keeping, either way round. */
export const isNubbin = ({ keep }: Problem, w: number, h: number): boolean =>
  (w >= keep.w && h >= keep.h) || (w >= keep.h && h >= keep.w);
