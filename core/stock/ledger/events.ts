import type { Point, Rect, Size } from '../../ground/geometry';

/**
 * How much of a lot, by part. A plain count has the one part ''; a length in ticks too; a set of letters has a part
 * for each glyph. Whole numbers.
 */
export type Amounts = Readonly<Record<string, number>>;

/** A sheet as it comes out of the parcel. */
export interface NewPiece extends Size {
  readonly id: string;
  readonly missing?: readonly Rect[];
}

/** What a piece that was cut out by hand is, and its lines; a line within another goes round a hole. */
export interface CutOutline {
  readonly name?: string;
  /** From its own corner, ticks; absent: it is upright, as its measures say. */
  readonly outline?: readonly (readonly Point[])[];
}

/** A part that a cut gives, at its place on the piece that is cut. */
export interface CutChild extends Rect, CutOutline {
  readonly id: string;
  /** `piece` and `rest` go to the page the cut is for, `nubbin` to the stash, `waste` to the bin. */
  readonly role: 'piece' | 'rest' | 'nubbin' | 'waste';
  readonly missing?: readonly Rect[];
  /** Which slot of the page a piece is for. */
  readonly slot?: string;
  /** The page that a piece is for, where it is not the cut's own. */
  readonly page?: string;
}

/** What comes in: sheets, or an amount of what is counted or measured. */
export interface Received {
  readonly lot: string;
  readonly pieces?: readonly NewPiece[];
  readonly amounts?: Amounts;
}

/** A single piece, or an amount of a lot. */
export type Stock = { readonly piece: string } | { readonly lot: string; readonly amounts: Amounts };

/**
 * What a piece is on its page: told when it is claimed; when it is released or returned, what it was. Absent in entries
 * from before it was told: then what it was cut for.
 */
interface Placed {
  readonly slot?: string | null;
}

/** What is told of a thing, as text. */
export type Telling = Readonly<
  Partial<Record<'name' | 'kind' | 'size' | 'note' | 'upright' | 'colours' | 'joined' | 'parted', string>>
>;

type Happening =
  | ({ readonly type: 'received' } & Received)
  | ({ readonly type: 'arrived' } & Received)
  | { readonly type: 'owed'; readonly lot: string; readonly amounts: Amounts }
  | ({ readonly type: 'counted'; readonly reason: string } & (
      | { readonly lot: string; readonly change: Amounts }
      | {
          readonly piece: string;
          /** Whether a piece that was missed is there again, or is missed. */ readonly isFound: boolean;
        }
    ))
  | {
      readonly type: 'cut';
      readonly piece: string;
      readonly into: readonly CutChild[];
      readonly page: string | null;
      readonly how?: 'punch' | 'machine' | 'hand';
    }
  | ({ readonly type: 'claimed' | 'released' | 'used' | 'returned'; readonly page: string } & Placed & Stock)
  | ({ readonly type: 'given' | 'sold' | 'recycled' | 'back' } & Stock)
  | ({ readonly type: 'lent'; /** To whom. */ readonly to: string } & Stock)
  | ({
      /** All that is here of it was put into a kit of her own, or back with what it came with: null. */
      readonly type: 'gathered';
      readonly from: string | null;
      readonly to: string | null;
    } & Stock)
  | { readonly type: 'moved'; readonly lot: string; readonly from: string; readonly to: string }
  | {
      /** What a thing is was told otherwise: only what differs, as text; stock is not touched. */
      readonly type: 'amended';
      readonly lot: string;
      readonly was: Telling;
      readonly now: Telling;
    };

/**
 * One entry of the ledger. `day` is when it happened (ISO date). With `undoes`, it is the opposite of an earlier entry
 * of the same content and takes its effect back.
 */
export type LedgerEvent = Happening & { readonly id: string; readonly day: string; readonly undoes?: string };
