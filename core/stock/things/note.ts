/** Something she noted of a page, a kit or a thing. */
export interface Note {
  readonly id: string;
  readonly day: string;
  readonly words: string;
  /** Brought back when the next page is begun. */
  readonly isForNext?: true;
}
