import type { Ticks } from '../../ground/length';
import type { NamedColour } from '../../ground/colour';
import type { LotKind, Punch } from '../things';

/** What a line may tell of: what is kept account of, and pads, whose sheets are paper. */
export type ThingKind = LotKind | 'pad';

/** What is of sheets; any motif may be printed on them. */
export const SHEETS: readonly ThingKind[] = ['paper', 'cardstock', 'vellum', 'acetate', 'pad', 'cut-apart', 'card'];

/** Words of a line that are not sure: what stands there, and why it is in doubt. */
export interface Doubt {
  readonly words: string;
  readonly why: string;
  /** Settled once its kind is told, or what sizes are in. */
  readonly about?: 'kind' | 'unit';
  /** Where they stand in the line. */
  readonly from: number;
  readonly to: number;
  /** A word that may have been meant. */
  readonly closest?: string;
}

/** About how much there is of what nobody counts: in words, or the share that is left. */
export type About = 'plenty' | 'some' | 'few' | number;

/** One thing that a line tells of. Lengths in ticks. */
export interface Thing {
  readonly kind: ThingKind;
  /** Sheets, rolls, pieces; null where letters or an amount are told instead. */
  readonly count: number | null;
  readonly amount: About | null;
  /** The words that tell it. */
  readonly amountSaid: string | null;
  /** What is counted are sheets, or packs of which nobody says what is in them. */
  readonly isOfWholes: boolean;
  /** Without the words for its kind, but where nothing else would be left. */
  readonly name: string;
  /** Whether anything else than the words for its kind is left. */
  readonly isNamed: boolean;
  /** With them, and without what stands behind commas. */
  readonly label: string;
  /** What stands behind commas, and is no colour. */
  readonly notes: readonly string[];
  /** In the order told; `h` null: one measure alone. */
  readonly size: { readonly w: number; readonly h: number | null } | null;
  /** Of one roll. */
  readonly length: Ticks | null;
  /** Of letters. */
  readonly height: Ticks | null;
  readonly letters: Readonly<Record<string, number>> | null;
  /** Of a pad. */
  readonly designs: number | null;
  readonly colours: readonly NamedColour[];
  /** The other face; null: none is told. */
  readonly back: string | null;
  readonly upright: boolean;
  readonly punch: Punch | null;
  readonly doubts: readonly Doubt[];
}

/** A line of a list as it is understood. */
export interface ReadLine {
  readonly text: string;
  readonly read: 'thing' | 'heading' | 'words' | 'nothing';
  readonly things: readonly Thing[];
  /** It tells more of the thing above: it is not passed over. */
  readonly isOfAbove?: true;
}
