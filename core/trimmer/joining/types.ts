import type { Ticks } from '../../ground/length';

/** Strips all alike, of one pattern; lengths in ticks. */
export interface Strip {
  readonly id: string;
  readonly length: Ticks;
  readonly width: Ticks;
  /** How far into the repeat the left end is: 0 <= phase < repeat. */
  readonly phase: Ticks;
  readonly count: number;
}

export interface JoinJob {
  readonly need: { readonly length: number; readonly width: number };
  /** After this length the pattern starts again; null: plain, any join runs on. */
  readonly repeat: Ticks | null;
  /** How much neighbours overlap. */
  readonly lap: Ticks;
  readonly strips: readonly Strip[];
}

/** What of a strip is used, from its own left end. */
export interface JoinedPart {
  readonly strip: string;
  readonly copy: number;
  readonly from: Ticks;
  readonly to: Ticks;
}

export interface JoinPlan {
  readonly ok: boolean;
  readonly parts: readonly JoinedPart[];
  readonly joins: number;
  readonly length: Ticks;
  /** The longest run that all strips that serve could make. */
  readonly longest: Ticks;
}
