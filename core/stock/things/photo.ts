import type { ColourShare } from '../../ground/colour';
import type { Rect, Size } from '../../ground/geometry';

/** An event that photos belong to. */
export interface Story {
  readonly id: string;
  readonly name: string;
  readonly date: string;
  readonly place: string;
  /** Who is on its photos, if she likes. */
  readonly people?: string;
  /** Pages or spreads wanted for it; absent: it is proposed. */
  readonly pages?: number;
}

/** When a picture was taken, as it is written: a year, a month or a day, with a time if it is known. */
export const TAKEN = /^(1[89]|2\d)\d{2}(-(0[1-9]|1[0-2])(-(0[1-9]|[12]\d|3[01])([T ].{1,20})?)?)?$/;

/** A photo as it is, or will be, printed; its size in ticks. Areas are parts of the picture, 0 to 1. */
export interface Photo extends Size {
  readonly id: string;
  readonly story: string;
  readonly name: string;
  /** The picture's own record. */
  readonly image: string;
  readonly colours: readonly ColourShare[];
  readonly added: string;
  /** When it was taken: from the picture's own data, or as she says. */
  readonly taken?: string;
  /** The picture's size in dots; absent: not known, it is cropped evenly. */
  readonly dots?: Size;
  /** What of the picture is printed; absent: all that its print holds, evenly cropped. */
  readonly crop?: Rect;
  readonly isPrinted?: boolean;
  /** Printed without colours. */
  readonly isGrey?: boolean;
  /** Where figures on it look; absent: nowhere. */
  readonly looks?: 'left' | 'right';
  /** What must not be covered; the rest may. */
  readonly keep?: readonly Rect[];
}
