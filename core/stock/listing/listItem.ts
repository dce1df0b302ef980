import type { Ticks } from '../../ground/length';
import type { Amounts } from '../ledger';
import type { Size } from '../../ground/geometry';
import type { Punch } from '../things';
import type { LotKind, Measure } from '../things';

/** A face as a list names it: colours as hex, in the order they are told. */
export interface FaceSketch {
  readonly name: string;
  readonly colours: readonly string[];
}

/** What one line of a packing list says is in the box. */
export interface ListItem {
  readonly kind: LotKind;
  readonly name: string;
  readonly measure: Measure;
  /** How many sheets or things, those used by share among them; 1 for a length or a set of letters. */
  readonly count: number;
  readonly size: Size | null;
  /** Of a roll, in ticks. */
  readonly length: Ticks | null;
  /** Of a set of letters: how many of each. */
  readonly letters: Amounts | null;
  readonly front: FaceSketch | null;
  readonly back: FaceSketch | null;
  readonly upright: boolean;
  /** Of what is used by share, how much of each there is, in hundredths. */
  readonly level?: number;
  /** Of a pad: how many designs its sheets are of. */
  readonly designs?: number;
  /** Of letters: how high they stand, ticks. */
  readonly height?: Ticks;
  readonly punch?: Punch;
  /** Whatever else stood there. */
  readonly note: string;
}
