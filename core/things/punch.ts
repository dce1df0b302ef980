import type { Point } from '../geometry';

/** A hand punch. Lengths in ticks. */
export interface Punch {
  readonly shape: 'circle' | 'hexagon';
  /** A circle's diameter; a hexagon's width from flat to flat. */
  readonly size: number;
  /** How far in from an edge the punch can reach with the far side of its hole; null: anywhere. */
  readonly reach: number | null;
}

/** How a hole lies; of circles always 'round'. */
export type Lie = 'round' | 'point-up' | 'flat-up';

/** A hole: its middle (ticks, not always whole), its punch's size and how it lies. */
export interface Hole extends Point {
  readonly size: number;
  readonly lie: Lie;
}
