import type { CutStock, Trimmer } from '../../../trimmer/cutting';
import type { Rect } from '../../../ground/geometry';
import type { Scrap } from '../../../trimmer/punching';
import type { Hole, PlanCut, PlanPart, PlanPiece, Punch } from '../../../stock/things';
import type { PurposedPlan } from '../purposed';
import type { WantedPiece } from '../wanted';

/** What shapes are punched instead of cut with. */
export interface Punching {
  /** The punch for each line of the cut list that one makes. */
  readonly punches: ReadonlyMap<string, Punch>;
  readonly list: readonly WantedPiece[];
  /** Papers that may be punched, the plan's sheets among them. */
  readonly stock: readonly CutStock[];
  readonly trimmer: Trimmer;
}

/** What of a plan is asked here. */
export type Planned = Pick<PurposedPlan, 'sheets' | 'notCut'>;

/** A shape that is to be punched, and of which face. */
export interface Shape {
  readonly piece: Pick<PlanPiece, 'id' | 'copy' | 'page' | 'slot'>;
  readonly punch: Punch;
  readonly face: string | null;
}

/** A shape and its place, told from the paper's corner. */
export interface Made {
  readonly shape: Shape;
  readonly hole: Hole;
}

/** A paper, or what a plan leaves of one. */
export interface Paper {
  readonly stock: CutStock;
  readonly part: string;
  readonly place: Rect;
  readonly scrap: Scrap;
  /** A sheet that is not opened otherwise. */
  readonly isFresh: boolean;
}

/** A paper with what is punched from it. */
export interface Punched {
  readonly paper: Paper;
  readonly made: readonly Made[];
  /** The cut that is made first, so that the rest stays whole; `paper` is then the strip that it gives. */
  readonly strip: { readonly cut: PlanCut; readonly rest: PlanPart } | null;
}
