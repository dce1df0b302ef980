/** What was promised to one page when a kit was shared out. */
export interface SharedFor {
  readonly page: string;
  readonly title: string;
  /** Pieces of paper that its parts were to be cut from, each with how much, square ticks. */
  readonly papers: readonly { readonly piece: string; readonly area: number }[];
}

/** A share-out as it was claimed: what the work that follows is held against. */
export interface Sharing {
  readonly id: string;
  readonly day: string;
  readonly kits: readonly string[];
  readonly pages: readonly SharedFor[];
  /** Pages that were asked for, made or not. */
  readonly wanted: number;
}
