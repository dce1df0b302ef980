/** One of a lot's counted things, a length of its roll, or a piece of paper. */
export type PlacedWhat =
  | { readonly lot: string; /** The item's id; '': one that was not named. */ readonly part: string }
  | { readonly lot: string; /** Ticks. */ readonly length: number }
  | { readonly piece: string };

/** Something laid on a page: where its middle is, in ticks as layers are measured, and how it is turned, clockwise. */
export interface Placed {
  readonly id: string;
  readonly what: PlacedWhat;
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  /** Stands up from the page on foam. */
  readonly isOnFoam?: boolean;
  /** The layer that it is tucked under; absent: it lies above all layers. */
  readonly under?: string;
}
