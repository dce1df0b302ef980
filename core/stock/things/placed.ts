import type { Ticks } from '../../ground/length';
import type { Size } from '../../ground/geometry';

/** One of a lot's counted things, or a stack of a few alike. */
export interface PlacedItem {
  readonly lot: string;
  /** The item's id; '': one that was not named. Of a set of letters, the letter. */
  readonly part: string;
  /** So many lie one on another; absent: one. */
  readonly count?: number;
  /** Of a letter that is cut to another, that one. */
  readonly shows?: string;
}

/** A line drawn or stitched on the page itself: nothing of the stash. */
export interface PlacedLine {
  readonly drawn: 'pen' | 'stitch';
  /** Ticks. */
  readonly length: Ticks;
  /** As hex. */
  readonly colour: string;
}

/** A letter stamped, written or cut with a die: it takes nothing of the stash. */
export interface PlacedLetter {
  readonly drawn: 'letter';
  readonly glyph: string;
  /** Ticks. */
  readonly height: Ticks;
  /** As hex. */
  readonly colour: string;
}

/** The picture of a stamp, stamped on the page itself: it takes nothing of the stash. */
export interface PlacedStamp extends Size {
  readonly drawn: 'stamp';
  readonly name: string;
  /** As hex. */
  readonly colour: string;
}

/** A strip of a lot's roll. */
export interface PlacedStrip {
  readonly lot: string;
  /** Ticks. */
  readonly length: Ticks;
}

/** What is drawn on the page itself. */
export type PlacedDrawn = PlacedLine | PlacedLetter | PlacedStamp;
export type PlacedWhat = PlacedItem | PlacedStrip | { readonly piece: string } | PlacedDrawn;

/** Something laid on a page: where its middle is, in ticks as layers are measured, and how it is turned, clockwise. */
export interface Placed {
  readonly id: string;
  readonly what: PlacedWhat;
  readonly x: Ticks;
  readonly y: Ticks;
  readonly turn: number;
  /** Stands up from the page on foam. */
  readonly isOnFoam?: boolean;
  /** The layer that it is tucked under; absent: it lies above all layers. */
  readonly under?: string;
  /** It is the mat of something else that lies there, and goes where that goes. */
  readonly matOf?: string;
  /** A letter of the page's title: it goes where the others go. */
  readonly isTitle?: true;
}
