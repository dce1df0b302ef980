/** A packing list being typed, kept at every stroke. */
export interface Draft {
  readonly id: string;
  readonly club: string;
  readonly name: string;
  readonly month: string;
  readonly list: string;
  /** How many of each line are in the box, by the line's number; absent: not looked at yet. */
  readonly here: Readonly<Record<string, number>>;
  /** How many of those that are here are damaged: they are kept, and others owed. */
  readonly damaged?: Readonly<Record<string, number>>;
}
