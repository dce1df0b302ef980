import type { Ticks } from '../../ground/length';
import type { Size } from '../../ground/geometry';
import type { Item } from './item';
import type { Material } from './material';
import type { Note } from './note';
import type { Punch } from './punch';

export type LotKind =
  | 'paper'
  | 'cardstock'
  | 'vellum'
  | 'acetate'
  | 'cut-apart'
  | 'card'
  | 'stickers'
  | 'alpha'
  | 'washi'
  | 'ribbon'
  | 'twine'
  | 'ephemera'
  | 'dots'
  | 'embellishment'
  | 'packaging'
  | 'tool'
  | 'medium';

/**
 * What of a lot is kept account of: its sheets by piece and area, a count, a length in ticks, each letter, or, of what
 * nobody counts, about how much is left: a share, in hundredths of one.
 */
export type Measure = 'sheets' | 'count' | 'length' | 'letters' | 'share';

/** One line of a packing list. */
export interface Lot {
  readonly id: string;
  readonly kit: string;
  readonly kind: LotKind;
  readonly name: string;
  readonly measure: Measure;
  /** Of one sheet or thing, where it matters. */
  readonly size: Size | null;
  /** Faces of paper; null: plain and unnamed. */
  readonly front: string | null;
  readonly back: string | null;
  /** The designs have one right way up. */
  readonly upright: boolean;
  readonly note: string;
  /** Of letters, how high they stand, ticks. */
  readonly height?: Ticks;
  /** Of letters, how many of each are worn: they are used last. */
  readonly worn?: Readonly<Record<string, number>>;
  /** What a punch stamps out. */
  readonly punch?: Punch;
  /** Its pieces were typed in as scraps or leftovers: none of them is a sheet never cut. */
  readonly isLeftover?: boolean;
  /** What she says it is made of; absent: as its kind and name say. Of packaging: that it may go on pages. */
  readonly material?: Material;
  /** What is in a pack, as far as it was named. */
  readonly items?: readonly Item[];
  /** What she noted of it, beside the packing list's own words in `note`. */
  readonly notes?: readonly Note[];
  /** The kit marks it for its so-manieth layout; absent: for any. */
  readonly forLayout?: number | undefined;
  /** Its place on the packing list, from 1. */
  readonly line: number;
}

/** Kinds that a page borrows and does not use up: they go back when it is done. */
export const isKept = (kind: LotKind): boolean => kind === 'tool' || kind === 'medium';

/** Kinds that come as paper. */
export const isPaperKind = (kind: LotKind): boolean =>
  kind === 'paper' || kind === 'cardstock' || kind === 'card' || kind === 'cut-apart';
