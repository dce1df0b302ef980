/** Strips all alike, of one pattern; lengths in ticks. */
export interface Strip {
  readonly id: string;
  readonly length: number;
  readonly width: number;
  /** How far into the repeat the left end is: 0 <= phase < repeat. */
  readonly phase: number;
  readonly count: number;
}

export interface JoinJob {
  readonly need: { readonly length: number; readonly width: number };
  /** After this length the pattern starts again; null: plain, any join runs on. */
  readonly repeat: number | null;
  /** How much neighbours overlap. */
  readonly lap: number;
  readonly strips: readonly Strip[];
}

/** What of a strip is used, from its own left end. */
export interface JoinedPart {
  readonly strip: string;
  readonly copy: number;
  readonly from: number;
  readonly to: number;
}

export interface JoinPlan {
  readonly ok: boolean;
  readonly parts: readonly JoinedPart[];
  readonly joins: number;
  readonly length: number;
  /** The longest run that all strips that serve could make. */
  readonly longest: number;
}
