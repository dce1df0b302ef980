import type { Point, Size } from '../../ground/geometry';

/** A picture of a thing, cropped to it, and the line round it in parts of the picture, 0 to 1. */
export interface ItemPicture {
  readonly image: string;
  readonly outline: readonly Point[];
}

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
  /** Stands up from the page; absent: as its name and outline say. */
  readonly isRaised?: boolean;
  /** Which way it looks or points; absent: as its outline does. */
  readonly looks?: 'left' | 'right' | 'straight';
  /** Takes the place of the drawing. */
  readonly picture?: ItemPicture;
}
