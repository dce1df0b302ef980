import { intersect, unionArea, type Rect, type Size } from '../../../ground/geometry';
import { groupAlike, type Alike } from './alike';
import type { CutJob, CutPiece, CutStock } from '../types';
import { nth } from '../../../ground/nth';

/** A way in which a piece may lie in a stock. */
export interface Lie extends Size {
  readonly turned: boolean;
}

/** How a piece can come from a stock: on which face, lying how. */
export interface Serving {
  readonly face: 'front' | 'back';
  readonly lies: readonly Lie[];
}

export interface StockKind extends Size {
  /** The first of its stock; `count` is that of all. */
  readonly stock: CutStock;
  readonly ids: Alike<CutStock>['ids'];
  readonly copyAt: Alike<CutStock>['copyAt'];
  readonly holes: readonly Rect[];
  /** What is there of it, in the square of the grain. */
  readonly solid: number;
}

/** Pieces alike; `id` is that of the first, `count` that of all. Which one the nth is may lie on its side. */
export interface Item extends CutPiece {
  readonly ids: Alike<CutPiece>['ids'];
  readonly copyAt: Alike<CutPiece>['copyAt'];
}

/**
 * A cut job made ready for the search. All lengths are divided by their greatest common divisor, the grain: areas and
 * their squares then stay small whole numbers, so that plans compare exactly.
 */
export interface Problem {
  readonly job: CutJob;
  readonly grain: number;
  /** Stock alike is one kind, pieces alike are one item, whatever they are called. */
  readonly kinds: readonly StockKind[];
  readonly items: readonly Item[];
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
    job.keepAtLeast.w,
    job.keepAtLeast.h,
    job.longestCut ?? 0,
  ];
  return lengths.reduce(gcd, 0) || 1;
}

const scaled = <T extends Size>(size: T, grain: number): T => ({ ...size, w: size.w / grain, h: size.h / grain });

function serving(stock: CutStock, size: Size, item: CutPiece): Serving | null {
  if (item.pinnedTo !== undefined && item.pinnedTo !== stock.id) return null;
  const face =
    item.of === null || (stock.front !== null && item.of.includes(stock.front))
      ? 'front'
      : stock.back !== null && item.of.includes(stock.back)
        ? 'back'
        : null;
  if (face === null) return null;
  const turn = (item.turn ?? !stock.upright) && item.w !== item.h;
  const lies = [
    { w: item.w, h: item.h, turned: false },
    ...(turn ? [{ w: item.h, h: item.w, turned: true }] : []),
  ].filter((lie) => lie.w <= size.w && lie.h <= size.h);
  return lies.length === 0 ? null : { face, lies };
}

/** Stock that a piece is pinned to is a kind of its own. */
const stockKind = (pinned: ReadonlySet<string | undefined>) => (stock: CutStock) => {
  const { id, w, h, front, back, upright, fresh, since, missing } = stock;
  return JSON.stringify([
    pinned.has(id) ? id : null,
    w,
    h,
    front,
    back,
    upright,
    fresh,
    since,
    missing.map((r) => [r.x, r.y, r.w, r.h]),
  ]);
};

/** Where every paper lets it be turned, a piece is alike with one of its sides exchanged. */
const pieceKind = (anyUpright: boolean) => (piece: CutPiece) => {
  const { w, h, of, turn, optional, value, pinnedTo } = piece;
  const sides = (turn ?? !anyUpright) ? [Math.max(w, h), Math.min(w, h)] : [w, h];
  return JSON.stringify([...sides, of && [...of].sort(), turn, optional, value, pinnedTo]);
};

/** Prepares a job; see {@link Problem}. */
export function readProblem(job: CutJob): Problem {
  const grain = grainOf(job);
  const kinds = groupAlike(job.stock, stockKind(new Set(job.pieces.map(({ pinnedTo }) => pinnedTo)))).map(
    ({ one, count, ids, copyAt }): StockKind => {
      const sheet: Rect = { x: 0, y: 0, w: one.w / grain, h: one.h / grain };
      const holes = one.missing
        .map(({ x, y, w, h }) => intersect(sheet, { x: x / grain, y: y / grain, w: w / grain, h: h / grain }))
        .filter((hole) => hole !== null);
      return {
        stock: { ...one, count },
        ids,
        copyAt,
        w: sheet.w,
        h: sheet.h,
        holes,
        solid: sheet.w * sheet.h - unionArea(sheet, holes),
      };
    },
  );
  const items = groupAlike(job.pieces, pieceKind(job.stock.some(({ upright }) => upright))).map(
    ({ one, count, ids, copyAt }): Item => ({ ...scaled(one, grain), count, ids, copyAt }),
  );
  const servings = kinds.map((kind) => items.map((item) => serving(kind.stock, kind, item)));
  const bySize = kinds.map((_, k) => k).sort((a, b) => nth(kinds, a).solid - nth(kinds, b).solid || a - b);
  return {
    job,
    grain,
    kinds,
    items,
    servings,
    givers: items.map((_, i) => bySize.filter((k) => nth(servings, k)[i] !== null)),
    keptUnopened: kinds.reduce((sum, { stock, solid }) => sum + stock.count * solid ** 2, 0),
    keep: scaled(job.keepAtLeast, grain),
    longestCut: job.longestCut === null ? Infinity : job.longestCut / grain,
  };
}

/** How an item lies on sheets of a kind it is known to be cut from. */
export const servingOf = ({ servings }: Problem, kind: number, item: number): Serving =>
  nth(nth(servings, kind), item) as Serving;

/** Whether what is left this large is worth keeping, either way round. */
export const isNubbin = ({ keep }: Problem, w: number, h: number): boolean =>
  (w >= keep.w && h >= keep.h) || (w >= keep.h && h >= keep.w);

/** Whether all of a sheet is there and any cut across it is allowed. */
export const isPlain = ({ longestCut }: Problem, { holes, w, h }: StockKind): boolean =>
  holes.length === 0 && Math.max(w, h) <= longestCut;
