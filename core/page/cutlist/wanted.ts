import type { Size } from '../../ground/geometry';

/** One line of a page's cut list. */
export interface WantedPiece extends Size {
  /** Its key in any list of cuts. What it is for stands beside it; nobody reads it out of the key. */
  readonly id: string;
  readonly page: string;
  readonly slot: string;
  readonly count: number;
  /** The face wanted; null: not chosen yet. */
  readonly face: string | null;
  /** The paper that it must come from, and the line whose copies are pinned there. */
  readonly pinnedTo?: string;
  readonly pinOf?: string;
}

/** The key of a wanted piece: those of one page, slot and size are alike. */
export const wantedKey = (page: string, slot: string, { w, h }: Size): string => `${page}/${slot}:${w}x${h}`;
