import type { ColourShare } from '../colour';
import type { Size } from '../geometry';

/** An event that photos belong to. */
export interface Story { readonly id: string; readonly name: string; readonly date: string; readonly place: string }

/** A photo as it is, or will be, printed; its size in ticks. */
export interface Photo extends Size {
  readonly id: string;
  readonly story: string;
  readonly name: string;
  /** The picture's own record. */
  readonly image: string;
  readonly colours: readonly ColourShare[];
  readonly added: string;
}
