import type { Ticks } from '../../ground/length';
import type { Point } from '../../ground/geometry';

/** A hand punch, or a die. Lengths in ticks. */
export interface Punch {
  /** A tag, or a label: as wide and high as its `size` and `height`. */
  readonly shape: 'circle' | 'hexagon' | 'tag';
  /** A circle's diameter; a hexagon's width from flat to flat; a tag's width. */
  readonly size: Ticks;
  readonly height?: Ticks;
  /** How far in from an edge the punch can reach with the far side of its hole; null: anywhere. */
  readonly reach: Ticks | null;
}

/** How a hole that fits no rectangle lies; of circles always 'round'. */
export type RoundLie = 'round' | 'point-up' | 'flat-up';
/** How a hole lies; a tag as it hangs, or turned a quarter. */
export type Lie = RoundLie | 'upright' | 'across';

/** A hole: its middle (ticks, not always whole), its punch's size and how it lies; of a tag also its height. */
export interface Hole extends Point {
  readonly size: Ticks;
  readonly height?: Ticks;
  readonly lie: Lie;
}
