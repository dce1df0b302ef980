import { halves, joined, type Part } from '../parts/part';
import { makeSheet, type Sheet, type State } from '../parts/state';
import type { Problem } from '../problem/problem';

type Axis = 'x' | 'y';

const isFree = (part: Part): boolean => !part.cut && !part.use;

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

const lengthOn = (axis: Axis, { w, h }: Part): number => (axis === 'x' ? w : h);

/** A part without gaps at another place of its sheet. */
const movedTo = (part: Part, x: number, y: number): Part => ({
  ...part,
  x,
  y,
  cut: part.cut && {
    axis: part.cut.axis,
    near: movedTo(part.cut.near, x + part.cut.near.x - part.x, y + part.cut.near.y - part.y),
    far: movedTo(part.cut.far, x + part.cut.far.x - part.x, y + part.cut.far.y - part.y),
  },
});

/** What lies in one line, as all cuts across it divide it. */
const lineOf = (part: Part, axis: Axis): Part[] =>
  part.cut?.axis === axis ? [...lineOf(part.cut.near, axis), ...lineOf(part.cut.far, axis)] : [part];

/** A line cut from its beginning, piece after piece. */
function cutInTurn(whole: Part, axis: Axis, [first, ...rest]: readonly Part[]): Part {
  if (!first || rest.length === 0) return first ? movedTo(first, whole.x, whole.y) : whole;
  const [near, far] = halves(whole, axis, lengthOn(axis, first));
  return joined(whole, axis, movedTo(first, near.x, near.y), cutInTurn(far, axis, rest));
}

/** A part in which the cuts of one line follow each other, those of one measure together and what is left over last. */
function inLine(part: Part): Part {
  if (!part.cut || part.holes.length > 0) return part;
  const { axis } = part.cut;
  const line = lineOf(part, axis).map(inLine);
  const alike = new Map<number, number>();
  for (const one of line) alike.set(lengthOn(axis, one), (alike.get(lengthOn(axis, one)) ?? 0) + 1);
  const order = (one: Part): number => (isFree(one) ? -1 : (alike.get(lengthOn(axis, one)) ?? 0));
  const inOrder = line.toSorted((a, b) => order(b) - order(a) || lengthOn(axis, b) - lengthOn(axis, a));
  return cutInTurn({ ...part, cut: null }, axis, inOrder);
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
