/** A hand punch. Lengths in ticks. */
export interface Punch {
  readonly shape: 'circle' | 'hexagon';
  /** A circle's diameter; a hexagon's width from flat to flat. */
  readonly size: number;
  /** How far in from an edge the punch can reach with the far side of its hole; null: anywhere. */
  readonly reach: number | null;
}
