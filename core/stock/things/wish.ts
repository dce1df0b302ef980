/** Something she would like to have, as a line of a list. */
export interface Wish {
  readonly id: string;
  readonly line: string;
  readonly noted: string;
}
