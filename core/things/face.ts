import type { ColourShare } from '../colour';
import type { Pattern } from './patterns';

/** One printed side of a paper. */
export interface Face {
  readonly id: string;
  readonly name: string;
  /** How it is drawn while there is no picture of it. */
  readonly pattern: Pattern;
  /** The ground's colour first. */
  readonly colours: readonly ColourShare[];
  /** After how much the pattern starts again, across and down, ticks; absent: not measured, or plain. */
  readonly repeat?: { readonly x?: number; readonly y?: number };
}
