import type { Ticks } from '../../ground/length';
import type { Rect, Size } from '../../ground/geometry';
import type { Trimmer } from './trimmer';

/** Paper to cut from: `count` sheets or leftovers all alike. Lengths in ticks. */
export interface CutStock extends Size {
  readonly id: string;
  readonly count: number;
  /** Designs of the two faces; null: plain. */
  readonly front: string | null;
  readonly back: string | null;
  /** The designs have one right way up. */
  readonly upright: boolean;
  /** A sheet she would rather not open. */
  readonly fresh: boolean;
  /** The month it came in, as a number that grows with time; null: unknown, counts as oldest. */
  readonly since: number | null;
  /** Areas already gone; may overlap or reach over the edge. */
  readonly missing: readonly Rect[];
}

export interface CutPiece extends Size {
  readonly id: string;
  readonly count: number;
  /** Designs it may be cut from, on either face; null: any. */
  readonly of: readonly string[] | null;
  /** May be turned a quarter; null: only where the stock has no right way up. */
  readonly turn: boolean | null;
  /** Cut only where it pays. */
  readonly optional: boolean;
  readonly value: number;
  /** Pinned to this stock, by its id. */
  readonly pinnedTo?: string;
}

/** What matters next when all pieces are had: fresh sheets saved, cuts saved, or large pieces kept whole. */
export type Preference = 'fresh' | 'cuts' | 'whole';

export interface CutJob extends Partial<Pick<Trimmer, 'kerf'>> {
  readonly stock: readonly CutStock[];
  readonly pieces: readonly CutPiece[];
  /** A leftover at least this large, either way round, is a nubbin; less is waste. */
  readonly keepAtLeast: Size;
  /** The longest cut the trimmer makes, ticks; null: no limit. */
  readonly longestCut: Ticks | null;
  /** @default 'fresh', the order of the aims in the format */
  readonly prefer?: Preference;
}

/** A part of a plan that was begun elsewhere: cut in two, or a piece by its id, or left over (null). Lengths in ticks. */
export type BegunPart =
  | { readonly axis: 'x' | 'y'; readonly at: number; readonly near: BegunPart; readonly far: BegunPart }
  | { readonly piece: string | null };

/** One sheet of it. */
export interface BegunSheet {
  readonly stock: string;
  readonly whole: BegunPart;
}

/**
 * One trimmer cut, `at` from the part's own left ('x') or top ('y') edge; gives left then right, or top then bottom.
 */
export interface PlannedCut {
  readonly part: string;
  readonly axis: 'x' | 'y';
  readonly at: Ticks;
  /** So much beside it is taken away, on the side of what is given second; absent: nothing. */
  readonly lost?: Ticks;
  readonly gives: readonly [string, string];
}
export interface PlannedPart extends Rect {
  readonly part: string;
}
export interface PlannedPiece extends PlannedPart {
  readonly id: string;
  readonly copy: number;
  readonly turned: boolean;
  readonly face: 'front' | 'back';
}

/** A sheet that is opened; the whole sheet is part "A", cuts are in an order in which they can be made. */
export interface PlannedSheet {
  readonly stock: string;
  readonly copy: number;
  readonly cuts: readonly PlannedCut[];
  readonly pieces: readonly PlannedPiece[];
  readonly nubbins: readonly PlannedPart[];
  readonly waste: readonly PlannedPart[];
}

export interface NotCut {
  readonly id: string;
  readonly copy: number;
  readonly why: string;
}

/** Areas in square ticks; `kept` in their squares. */
export interface CutStats {
  readonly pieces: number;
  readonly value: number;
  readonly fresh: number;
  readonly kept: number;
  readonly cuts: number;
  readonly pieceArea: number;
  readonly nubbinArea: number;
  readonly wasteArea: number;
  readonly largestNubbin: number;
  readonly bound: { readonly pieces: number; readonly value: number; readonly fresh: number };
  readonly optimal: boolean;
}

export interface CutPlan {
  readonly sheets: readonly PlannedSheet[];
  readonly notCut: readonly NotCut[];
  readonly stats: CutStats;
}
