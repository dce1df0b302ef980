import { inches } from '../length';

/** How somebody writes. */
export interface Hand {
  /** Letters, spaces with them, to an inch. */
  readonly perInch: number;
  /** From line to line, ticks. */
  readonly line: number;
}

/** A small, even hand with a fine pen. Common practice, no source. */
export const SMALL_HAND: Hand = { perInch: 12, line: inches(1 / 4) };
