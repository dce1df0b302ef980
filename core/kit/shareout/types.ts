import type { Ticks } from '../../ground/length';
import type { Solved } from '../../ground/program';
import type { CutStock, CutStats, PlannedPiece, PlannedSheet, Trimmer } from '../../trimmer/cutting';
import type { Rect, Size } from '../../ground/geometry';
import type { PlanWindow } from '../../stock/things';

/** So many pieces of one size for a page, all of one design. Lengths in ticks. */
export interface ShareSlot extends Size {
  readonly id: string;
  readonly count: number;
  /** Designs it may be of; null: any. */
  readonly of: readonly string[] | null;
  /** May be turned a quarter; null: only where the stock has no right way up. */
  readonly turn: boolean | null;
  /** Slots of the page that must be of another design. */
  readonly unlike: readonly string[];
  /** Slots of the page that must be of the same design. */
  readonly like: readonly string[];
}

export interface SharePage {
  readonly id: string;
  readonly worth: number;
  /** How many different designs the page may use. */
  readonly atLeast: number;
  readonly atMost: number;
  readonly slots: readonly ShareSlot[];
}

/** How she goes about a kit: good papers saved, shared evenly over the pages, or used up, the older first. */
export type ShareMode = 'save' | 'even' | 'spend';

/** What she wants of a share-out once the most pages are made. */
export interface Taste {
  readonly mode: ShareMode;
  /** The papers she likes best: what is saved, or shared evenly. */
  readonly good: readonly string[];
  /** Papers that must be used, before anything else counts. */
  readonly must: readonly string[];
  /** Papers that she means to use: of share-outs that make as many pages, those with the most of them. */
  readonly meant?: readonly string[];
}

export interface ShareJob extends Partial<Pick<Trimmer, 'kerf'>> {
  readonly stock: readonly CutStock[];
  readonly pages: readonly SharePage[];
  readonly keepAtLeast: Size;
  /** The longest cut the trimmer makes, ticks; null: no limit. */
  readonly longestCut: Ticks | null;
  /** Absent: the order of the aims in the format. */
  readonly taste?: Taste;
  /** Designs that look the same, by group: slots that must be unlike are told apart by how they look. */
  readonly alike?: readonly (readonly string[])[];
}

/** A design by its name; null: plain stock, all together one design. */
export type DesignName = string | null;

export interface SharedPiece extends Omit<PlannedPiece, 'id'> {
  readonly page: string;
  readonly slot: string;
}
export interface SharedSheet extends Omit<PlannedSheet, 'pieces'> {
  readonly pieces: readonly SharedPiece[];
  /** Hidden middles cut out of pieces, for others to be cut from. */
  readonly windows?: readonly PlanWindow[];
}

/** A hidden middle of a page's piece, told from the piece's own corner as it lies on the page. */
export interface Middle {
  readonly page: string;
  readonly slot: string;
  readonly at: Rect;
}

/** What becomes of a page: complete with a design for each slot, or not, and why. */
export type SharedPage =
  | {
      readonly id: string;
      readonly complete: true;
      readonly slots: readonly { readonly id: string; readonly design: DesignName }[];
    }
  | { readonly id: string; readonly complete: false; readonly why: Lacking };

/** What stands in a page's way: no choice of designs keeps to its rules, or the paper for a slot is too little. */
export type Lacking =
  | { readonly kind: 'no-design' | 'too-large' | 'no-room'; readonly slot: string }
  | { readonly kind: 'rules'; readonly slot: null };

export interface ShareStats extends Pick<
  CutStats,
  'fresh' | 'cuts' | 'pieceArea' | 'nubbinArea' | 'wasteArea' | 'largestNubbin' | 'kept'
> {
  readonly worth: number;
  readonly complete: number;
  readonly bound: { readonly worth: number; readonly fresh: number };
  readonly optimal: boolean;
}

export interface SharePlan {
  readonly pages: readonly SharedPage[];
  readonly sheets: readonly SharedSheet[];
  readonly stats: ShareStats;
}

/**
 * A solver of programs in LP format, given from outside (HiGHS); bounded by work, not by the clock.
 * @param wants a proof that nothing is better, or the first answer that keeps to the rows
 */
export type Solver = (lp: string, wants: 'proof' | 'answer') => Solved;
