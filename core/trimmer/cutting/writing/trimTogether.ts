import { halves, isFree, joined, type Part } from '../parts/part';
import { makeSheet, type Sheet, type State } from '../parts/state';
import type { Problem } from '../problem/problem';
import { inLine } from './inLine';

type Axis = 'x' | 'y';

/** A part that is trimmed: what is kept of it for pieces, and on which side of the cut that lies. */
interface Trimmed {
  readonly at: number;
  readonly isNear: boolean;
  readonly kept: Part;
}

/** A part as trimmed by a first cut along an axis, of which one side is left over. */
function trimmedOf({ cut }: Part, axis: Axis): Trimmed | null {
  if (cut?.axis !== axis) return null;
  const at = axis === 'x' ? cut.near.w : cut.near.h;
  if (isFree(cut.far)) return { at, isNear: true, kept: cut.near };
  return isFree(cut.near) ? { at, isNear: false, kept: cut.far } : null;
}

/** A part left over, cut as the one beside it is trimmed. */
function asBeside(part: Part, axis: Axis, { at, isNear }: Trimmed): Trimmed {
  const [near, far] = halves(part, axis, at);
  return { at, isNear, kept: isNear ? near : far };
}

/** What the two sides of a cut are trimmed to, where it is the same. */
function alike(near: Part, far: Part, axis: Axis, withLeftOver: boolean): readonly [Trimmed, Trimmed] | null {
  const [a, b] = [trimmedOf(near, axis), trimmedOf(far, axis)];
  if (withLeftOver && a && isFree(far)) return [a, asBeside(far, axis, a)];
  if (withLeftOver && b && isFree(near)) return [asBeside(near, axis, b), b];
  return a && b && a.at === b.at && a.isNear === b.isNear ? [a, b] : null;
}

/**
 * A part in which what lies side by side and is trimmed to one measure, each by a cut of its own, is trimmed by one cut
 * first: a strip, then its squares.
 * @param withLeftOver what is left over beside them is cut through, too
 */
function trimmed(part: Part, longestCut: number, withLeftOver: boolean): Part {
  if (!part.cut) return part;
  const { axis } = part.cut;
  const near = trimmed(part.cut.near, longestCut, withLeftOver);
  const far = trimmed(part.cut.far, longestCut, withLeftOver);
  const across = axis === 'x' ? 'y' : 'x';
  const both = (axis === 'x' ? part.w : part.h) <= longestCut ? alike(near, far, across, withLeftOver) : null;
  if (!both) return near === part.cut.near && far === part.cut.far ? part : joined(part, axis, near, far);
  const [{ at, isNear, kept }, other] = both;
  const [first, second] = halves(part, across, at);
  const strip = trimmed(joined(isNear ? first : second, axis, kept, other.kept), longestCut, withLeftOver);
  return joined(part, across, isNear ? strip : first, isNear ? second : strip);
}

const isBetter = ({ tally: a }: Sheet, { tally: b }: Sheet): boolean =>
  a.kept !== b.kept ? a.kept > b.kept : a.waste !== b.waste ? a.waste < b.waste : a.cuts < b.cuts;

/**
 * A sheet with its lines cut from their beginnings, and with what can be trimmed together, where more is kept by it,
 * less wasted, or fewer cuts are made.
 */
function onSheet(problem: Problem, sheet: Sheet): Sheet {
  const made = (tree: Part): Sheet => makeSheet(problem, sheet.kind, tree);
  const line = made(inLine(sheet.tree));
  return [false, true]
    .map((withLeftOver) => made(inLine(trimmed(line.tree, problem.longestCut, withLeftOver))))
    .reduce((best, one) => (isBetter(one, best) ? one : best), isBetter(sheet, line) ? sheet : line);
}

/**
 * A plan in which what can be is trimmed together: as it is written, for the search has more parts to cut anew without.
 */
export const trimTogether = (problem: Problem, state: State): State => ({
  ...state,
  sheets: state.sheets.map((sheet) => onSheet(problem, sheet)),
});
