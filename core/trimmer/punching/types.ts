import type { Rect, Size } from '../../ground/geometry';

/** A scrap to punch from, with what is gone of it already. */
export interface Scrap extends Size {
  readonly missing: readonly Rect[];
  /** The design has one right way up, so that hexagons stand on a point. */
  readonly upright: boolean;
}
