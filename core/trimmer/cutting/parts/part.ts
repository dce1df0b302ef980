import { overlaps, type Rect, type Size } from '../../../ground/geometry';

/** What a part without cuts is for; absent: it is left over. */
export interface Use {
  readonly item: number;
  readonly turned: boolean;
}

/** The sheet that parts come from. */
export interface Whole extends Size {
  readonly holes: readonly Rect[];
}

/** A part of a sheet: cut in two, used for a piece, or left over. Never changed once made. */
export interface Part extends Rect {
  readonly whole: Whole;
  /** Areas already gone that reach into it. */
  readonly holes: readonly Rect[];
  readonly cut: { readonly axis: 'x' | 'y'; readonly near: Part; readonly far: Part } | null;
  readonly use: Use | null;
  /** It has so many gaps that it is left over as it is. */
  readonly isLeft?: true;
}

/** A row longer than this is halved before it is cut one by one: trees stay shallow enough to be walked. */
export const LONG_ROW = 250;

const NO_HOLES: readonly Rect[] = [];

export function freePart({ x, y, w, h }: Rect, whole: Whole, among = whole.holes): Part {
  const holes = among.length === 0 ? NO_HOLES : among.filter((hole) => overlaps(hole, { x, y, w, h }));
  return { x, y, w, h, whole, holes, cut: null, use: null };
}

export const wholeSheet = (whole: Whole): Part => freePart({ x: 0, y: 0, w: whole.w, h: whole.h }, whole);

/** Neither cut nor used. */
export const isFree = ({ cut, use }: Part): boolean => !cut && !use;

/** The two parts that a cut `at` from the part's own edge gives. */
export function halves(part: Part, axis: 'x' | 'y', at: number): [Part, Part] {
  const { x, y, w, h, whole, holes } = part;
  return axis === 'x'
    ? [freePart({ x, y, w: at, h }, whole, holes), freePart({ x: x + at, y, w: w - at, h }, whole, holes)]
    : [freePart({ x, y, w, h: at }, whole, holes), freePart({ x, y: y + at, w, h: h - at }, whole, holes)];
}

export const joined = (part: Part, axis: 'x' | 'y', near: Part, far: Part): Part => ({
  ...part,
  cut: { axis, near, far },
  use: null,
});

/** All parts that no cut divides, in order. */
export function leaves(part: Part, into: Part[] = []): Part[] {
  if (!part.cut) into.push(part);
  else {
    leaves(part.cut.near, into);
    leaves(part.cut.far, into);
  }
  return into;
}

/** The tree with `old` (found by identity) replaced; the same tree where it does not occur. */
export function replacePart(tree: Part, old: Part, by: Part): Part {
  if (tree === old) return by;
  if (
    !tree.cut ||
    old.x < tree.x ||
    old.y < tree.y ||
    old.x + old.w > tree.x + tree.w ||
    old.y + old.h > tree.y + tree.h
  )
    return tree;
  const near = replacePart(tree.cut.near, old, by);
  if (near !== tree.cut.near) return joined(tree, tree.cut.axis, near, tree.cut.far);
  const far = replacePart(tree.cut.far, old, by);
  return far === tree.cut.far ? tree : joined(tree, tree.cut.axis, tree.cut.near, far);
}

/** The tree with cuts undone that serve no piece. */
export function withoutIdleCuts(tree: Part): Part {
  if (!tree.cut) return tree;
  const near = withoutIdleCuts(tree.cut.near);
  const far = withoutIdleCuts(tree.cut.far);
  if (isFree(near) && isFree(far)) return { ...tree, cut: null };
  return near === tree.cut.near && far === tree.cut.far ? tree : joined(tree, tree.cut.axis, near, far);
}
