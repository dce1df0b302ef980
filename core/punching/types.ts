import type { Point, Rect, Size } from '../geometry';

/** A scrap to punch from, with what is gone of it already. */
export interface Scrap extends Size {
  readonly missing: readonly Rect[];
  /** The design has one right way up, so that hexagons stand on a point. */
  readonly upright: boolean;
}

/** How a hole lies; of circles always 'round'. */
export type Lie = 'round' | 'point-up' | 'flat-up';

/** A hole: its middle (ticks, not always whole), its punch's size and how it lies. */
export interface Hole extends Point {
  readonly size: number;
  readonly lie: Lie;
}
