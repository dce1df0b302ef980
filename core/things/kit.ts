/** A box that a club posted, or that she put together herself. */
export interface Kit {
  readonly id: string;
  readonly club: string;
  readonly name: string;
  /** `2026-11`. */
  readonly month: string;
  /** Words of its theme. */
  readonly theme: readonly string[];
  /** The packing list as it was typed. */
  readonly list: string;
}
