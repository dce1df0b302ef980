import type { Ticks } from '../../../ground/length';
import { intersect, overlaps, type Rect, type Size } from '../../../ground/geometry';

/** What a part without cuts is: free, not there, or the piece of this number. */
export const FREE = -1;
export const GONE = -2;

/** A part of a sheet, cut in two or not. Never changed once made. */
export interface Tree extends Rect {
  readonly cut: { readonly axis: 'x' | 'y'; readonly near: Tree; readonly far: Tree } | null;
  readonly piece: number;
}

export const leaf = ({ x, y, w, h }: Rect, piece: number): Tree => ({ x, y, w, h, cut: null, piece });

/** The two parts of a straight cut, `at` from the part's own edge. */
export function halves({ x, y, w, h }: Rect, axis: 'x' | 'y', at: number): [Rect, Rect] {
  return axis === 'x'
    ? [
        { x, y, w: at, h },
        { x: x + at, y, w: w - at, h },
      ]
    : [
        { x, y, w, h: at },
        { x, y: y + at, w, h: h - at },
      ];
}

const joined = (of: Rect, axis: 'x' | 'y', near: Tree, far: Tree): Tree => ({
  x: of.x,
  y: of.y,
  w: of.w,
  h: of.h,
  cut: { axis, near, far },
  piece: FREE,
});

/** All free parts. */
export function freeParts(tree: Tree, into: Tree[] = []): Tree[] {
  if (tree.cut) {
    freeParts(tree.cut.near, into);
    freeParts(tree.cut.far, into);
  } else if (tree.piece === FREE) into.push(tree);
  return into;
}

/** A piece cut from the corner of a free part, by an upright cut first or a level one. */
export function laid(part: Rect, { w, h }: Size, piece: number, first: 'x' | 'y'): Tree {
  const at = first === 'x' ? w : h;
  if (at < (first === 'x' ? part.w : part.h)) {
    const [near, far] = halves(part, first, at);
    return joined(part, first, laid(near, { w, h }, piece, first), leaf(far, FREE));
  }
  const second = first === 'x' ? 'y' : 'x';
  return part.w === w && part.h === h ? leaf(part, piece) : laid(part, { w, h }, piece, second);
}

/** The tree with one of its parts replaced. */
export function replaced(tree: Tree, part: Tree, by: Tree): Tree {
  if (!tree.cut) return tree === part ? by : tree;
  const { axis, near, far } = tree.cut;
  const isNear = axis === 'x' ? part.x < far.x : part.y < far.y;
  return isNear ? joined(tree, axis, replaced(near, part, by), far) : joined(tree, axis, near, replaced(far, part, by));
}

/** The tree without some of its pieces: cuts that serve none are undone. */
export function without(tree: Tree, isGone: (piece: number) => boolean): Tree {
  if (!tree.cut) return tree.piece >= 0 && isGone(tree.piece) ? leaf(tree, FREE) : tree;
  const near = without(tree.cut.near, isGone);
  const far = without(tree.cut.far, isGone);
  if (!near.cut && !far.cut && near.piece === FREE && far.piece === FREE) return leaf(tree, FREE);
  return near === tree.cut.near && far === tree.cut.far ? tree : joined(tree, tree.cut.axis, near, far);
}

/** All pieces of a tree. */
export function piecesIn(tree: Tree, into: number[] = []): number[] {
  if (tree.cut) {
    piecesIn(tree.cut.near, into);
    piecesIn(tree.cut.far, into);
  } else if (tree.piece >= 0) into.push(tree.piece);
  return into;
}

/** A sheet cut so that its gaps lie by themselves: at each cut the larger whole part is left beside a gap. */
export function aroundGaps(part: Rect, gaps: readonly Rect[], longestCut: Ticks): Tree {
  const within = gaps.map((gap) => intersect(part, gap)).filter((gap) => gap !== null);
  if (within.length === 0) return leaf(part, FREE);
  const cuts = within.flatMap((gap): ['x' | 'y', number, Rect][] => [
    ['x', gap.x - part.x, part],
    ['x', gap.x + gap.w - part.x, part],
    ['y', gap.y - part.y, part],
    ['y', gap.y + gap.h - part.y, part],
  ]);
  let best: { size: number; axis: 'x' | 'y'; at: number } | null = null;
  for (const [axis, at] of cuts) {
    if (at <= 0 || at >= (axis === 'x' ? part.w : part.h) || (axis === 'x' ? part.h : part.w) > longestCut) continue;
    const size = Math.max(
      0,
      ...halves(part, axis, at)
        .filter((half) => !within.some((gap) => overlaps(gap, half)))
        .map(({ w, h }) => w * h),
    );
    if (!best || size > best.size) best = { size, axis, at };
  }
  if (!best) return leaf(part, GONE);
  const [near, far] = halves(part, best.axis, best.at).map((half) => aroundGaps(half, within, longestCut)) as [
    Tree,
    Tree,
  ];
  return joined(part, best.axis, near, far);
}
