import type { CutJob } from '../../core/trimmer/cutting';
import type { PurposedPlan, WantedPiece } from '../../core/page/cutlist';
import type { Punch } from '../../core/stock/things';

/** A cut list to be planned. */
export interface CutQuestion {
  readonly job: CutJob;
  readonly list: readonly WantedPiece[];
  /** The punch for each line that one makes. */
  readonly punches: ReadonlyMap<string, Punch>;
}

export interface CutProgress {
  /** The best plan so far. */
  readonly plan: PurposedPlan;
  /** 0 to 1: how much of the work allowed is done. */
  readonly done: number;
}
