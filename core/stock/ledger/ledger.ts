import type { Point, Rect, Size } from '../../ground/geometry';
import type { Amounts, CutOutline, LedgerEvent } from './events';

/** Where a piece is; `cut`: it is no more, its parts are; `missed`: it was not found when the stash was counted. */
export type PieceWhere =
  'here' | 'claimed' | 'used' | 'cut' | 'waste' | 'given' | 'sold' | 'lent' | 'recycled' | 'missed';

/** A sheet or a part of one. Never changed once made. */
export interface PieceState extends Size, CutOutline {
  readonly id: string;
  readonly lot: string;
  /** The piece it was cut from, and its place on it. */
  readonly from: string | null;
  readonly at: Rect;
  /** Where its corner lay on the sheet that came in the parcel; absent: in the sheet's own corner. */
  readonly onSheet?: Point;
  readonly missing: readonly Rect[];
  /** What is there of it, square ticks. */
  readonly solid: number;
  readonly where: PieceWhere;
  /** The page or plan that it is out for. */
  readonly page: string | null;
  /** What it is on its page; null: it has no place there yet. */
  readonly slot: string | null;
  /** The kit of her own that it was put into, and all that is cut of it; absent: it is with what it came with. */
  readonly kit?: string;
  /** What it was cut for, whatever became of it since. */
  readonly cutFor: { readonly page: string; readonly slot: string } | null;
}

/** What is counted or measured of a lot. Never changed once made; every amount by part. */
export interface LotState {
  readonly lot: string;
  readonly received: Amounts;
  readonly corrected: Amounts;
  readonly owed: Amounts;
  readonly here: Amounts;
  /** By page. */
  readonly claimed: Readonly<Record<string, Amounts>>;
  readonly used: Readonly<Record<string, Amounts>>;
  readonly given: Amounts;
  readonly sold: Amounts;
  readonly lent: Amounts;
  readonly recycled: Amounts;
  readonly place: string;
  /** Parts that were put into kits of her own, and into which. */
  readonly kits: Readonly<Record<string, string>>;
}

/** What the events come to. */
export interface Ledger {
  readonly pieces: ReadonlyMap<string, PieceState>;
  readonly lots: ReadonlyMap<string, LotState>;
  /** Every entry by its id; of these, those that an opposite answers, and those whose own effect was to take back. */
  readonly events: ReadonlyMap<string, LedgerEvent>;
  readonly undone: ReadonlySet<string>;
  readonly backward: ReadonlySet<string>;
}

export const emptyLot = (lot: string): LotState => ({
  lot,
  received: {},
  corrected: {},
  owed: {},
  here: {},
  claimed: {},
  used: {},
  given: {},
  sold: {},
  lent: {},
  recycled: {},
  place: '',
  kits: {},
});
