import type { Size } from '../geometry';

/**
 * One kind of small thing in a pack, on a sheet or a card, that was named; what was not named yet is "mixed". How many
 * there are stands in the ledger, under its id as the part.
 */
export interface Item {
  readonly id: string;
  readonly name: string;
  /** Absent: as large as such things mostly are. */
  readonly size?: Size;
  /** As hex; absent: the pack's. */
  readonly colours?: readonly string[];
  /** Printed on it. */
  readonly words?: string;
}
