import type { Ticks } from '../../ground/length';
import type { Rect } from '../../ground/geometry';
import type { Hole } from './punch';

/**
 * One trimmer cut, `at` from the part's own left ('x') or top ('y') edge, ticks; gives left then right, or top then
 * bottom.
 */
export interface PlanCut {
  readonly part: string;
  readonly axis: 'x' | 'y';
  readonly at: Ticks;
  /** So much beside it the cut takes away, on the side of what is given second, ticks; absent: nothing. */
  readonly lost?: Ticks;
  readonly gives: readonly [string, string];
}

/** A part of a sheet by its name there; the whole sheet is part "A". */
export interface PlanPart extends Rect {
  readonly part: string;
}

/** A part that goes on a page, and what it is there. */
export interface PlanPiece extends PlanPart {
  /** The line of the cut list that it is a copy of. */
  readonly id: string;
  readonly copy: number;
  readonly turned: boolean;
  readonly face: 'front' | 'back';
  readonly page: string;
  readonly slot: string;
  /** It is punched, not cut: out of which part, and where its hole lies on the sheet. Its place is the box round it. */
  readonly punched?: { readonly from: string; readonly hole: Hole };
}

/**
 * A hidden middle that is cut out of a piece before it is glued, for other pieces to be cut from: a part by its own
 * name, and the part that it lies in.
 */
export interface PlanWindow extends PlanPart {
  readonly from: string;
}

/** A sheet that is opened, with its cuts in an order in which they can be made, and what comes of it. */
export interface PlanSheet {
  /** The ledger's piece. */
  readonly stock: string;
  readonly copy: number;
  readonly cuts: readonly PlanCut[];
  readonly pieces: readonly PlanPiece[];
  readonly nubbins: readonly PlanPart[];
  readonly waste: readonly PlanPart[];
  readonly windows?: readonly PlanWindow[];
}

/** Sheets that are out for one page or for several together; while they are cut, they are claimed for the plan. */
export interface Plan {
  readonly id: string;
  readonly sheets: readonly PlanSheet[];
}
