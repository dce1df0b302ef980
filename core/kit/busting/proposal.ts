import type { Ticks } from '../../ground/length';
import type { Trimmer } from '../../trimmer/cutting';
import type { Size } from '../../ground/geometry';
import type { Shelf } from '../../stock/bench';
import type { PurposedPlan, WantedPiece } from '../../page/cutlist';
import type { Face, PageFormat, PagePhoto, Photo, Punch } from '../../stock/things';
import type { Lead } from './leads';
import type { Sources } from './leftovers';

export interface BustingInput {
  readonly shelf: Shelf;
  readonly faces: readonly Face[];
  /** Photos on no page yet. */
  readonly waiting: readonly Photo[];
  readonly formats: readonly PageFormat[];
  readonly mat: Ticks;
  /** Paper that stays under whatever covers a hidden middle, ticks; null: she leaves middles where they are. */
  readonly hold: Ticks | null;
  /** How wide each round thing is that may lie in place of a circle of paper, ticks. */
  readonly rounds: readonly Ticks[];
  /** Punches that she has. */
  readonly punches: readonly Punch[];
  /** Faces of papers that she means to use. */
  readonly meant: readonly string[];
  /** How much she likes papers, by face: from -1 to 1; absent: neither. */
  readonly liked: ReadonlyMap<string, number>;
  /** How much she likes two families of colour together, by the two with a + between; absent: neither. */
  readonly likedPairs: ReadonlyMap<string, number>;
  readonly lead: Lead;
  readonly sources: Sources;
  readonly trimmer: Trimmer;
}

/** Why a page is proposed, in figures; the words are the interface's. */
export type Reason =
  | { readonly kind: 'pieces'; readonly leftovers: number; readonly sheets: number; readonly fresh: number }
  | { readonly kind: 'oldest'; readonly month: string; readonly kit: string }
  | { readonly kind: 'meant'; readonly names: readonly string[] }
  /** Papers of which nothing worth a page is left then. */
  | { readonly kind: 'finishes'; readonly names: readonly string[] }
  | { readonly kind: 'shapes'; readonly of: 'strips' | 'boxes'; readonly count: number; readonly there: number }
  /** Papers in the order of their hues. */
  | { readonly kind: 'hues'; readonly names: readonly string[] }
  /** Families of colour that she likes together, and how much she likes all that lie together there: -1 to 1. */
  | { readonly kind: 'together'; readonly pairs: readonly string[]; readonly liking: number }
  | { readonly kind: 'frees'; readonly area: number }
  | { readonly kind: 'colours'; readonly difference: number }
  | { readonly kind: 'bent'; readonly layers: number; readonly cuts: number }
  /** Papers that are cut out of what other pages hide. */
  | { readonly kind: 'middles'; readonly count: number }
  /** Circles of which none is cut: round things lie there. */
  | { readonly kind: 'rounds'; readonly count: number }
  | { readonly kind: 'kits'; readonly names: readonly string[] };

/** A page that can be made from what is left: its plan cuts every piece. */
export interface Proposal {
  readonly id: string;
  readonly design: string;
  readonly format: PageFormat;
  readonly photos: readonly PagePhoto[];
  readonly papers: Readonly<Record<string, string>>;
  /** Layers that take the sizes of leftovers. */
  readonly sizes: Readonly<Record<string, Size>>;
  /** Circles that are not cut: round things of hers lie in their places. */
  readonly without: readonly string[];
  readonly list: readonly WantedPiece[];
  readonly plan: PurposedPlan;
  readonly why: readonly Reason[];
  /** About how long it takes at the desk, drying not counted. */
  readonly minutes: number;
}
