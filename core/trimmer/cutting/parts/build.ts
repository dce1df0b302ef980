import type { Point, Size } from '../../../ground/geometry';
import { halves, joined, type Part } from './part';
import type { Lie, Problem } from '../problem/problem';
import { nth } from '../../../ground/nth';

/**
 * A rectangle put together from below: a single piece, or two builds side by side (joined along 'x') or one on the
 * other ('y'). Where two are of different depth, the rest beside the smaller is waste within the build.
 */
export interface Build {
  readonly w: number;
  readonly h: number;
  /** How many of each item, by the item's place in the problem. */
  readonly counts: readonly number[];
  /**
   * Which of the first 60 items are in it, a bit each in two numbers: to tell at once that two builds cannot go
   * together.
   */
  readonly has: readonly [number, number];
  /** Where the sheet's gap lies in it, from its own corner; null: not in it. */
  readonly gap: Point | null;
  readonly from:
    | { readonly item: number; readonly lie: Lie }
    | { readonly gone: true }
    | { readonly axis: 'x' | 'y'; readonly near: Build; readonly far: Build };
}

const HALF = 30;
const bitOf = (item: number): [number, number] =>
  item < HALF ? [1 << item, 0] : item < 2 * HALF ? [0, 1 << (item - HALF)] : [0, 0];

/** The items of which there is only one left, as {@link Build.has} tells them. */
export const singlesOf = (left: readonly number[]): [number, number] =>
  left.reduce<[number, number]>(
    ([low, high], n, item) => {
      const [a, b] = bitOf(item);
      return n === 1 ? [low | a, high | b] : [low, high];
    },
    [0, 0],
  );

/** Every way an item may lie in a kind of stock, as builds of one piece. */
export function pieceBuilds({ servings, items, kinds }: Problem, kind: number, left: readonly number[]): Build[] {
  const { w, h } = nth(kinds, kind);
  return items.flatMap((_, item) =>
    nth(left, item) < 1
      ? []
      : (nth(servings, kind)[item]?.lies ?? [])
          .filter((lie) => lie.w <= w && lie.h <= h)
          .map((lie): Build => ({
            w: lie.w,
            h: lie.h,
            counts: items.map((__, i) => (i === item ? 1 : 0)),
            has: bitOf(item),
            gap: null,
            from: { item, lie },
          })),
  );
}

/** The build a quarter round; null where a piece in it may not be turned. */
export function turnedBuild(problem: Problem, kind: number, build: Build): Build | null {
  const { from } = build;
  if ('gone' in from) return null;
  if ('item' in from) {
    const lie = problem.servings[kind]?.[from.item]?.lies.find(({ w, h }) => w === build.h && h === build.w);
    return lie ? { ...build, w: lie.w, h: lie.h, from: { item: from.item, lie } } : null;
  }
  const near = turnedBuild(problem, kind, from.near);
  const far = near && turnedBuild(problem, kind, from.far);
  return far && joinBuilds(from.axis === 'x' ? 'y' : 'x', near, far);
}

/** What is not there of a sheet, as a build to join others to. */
export const gapBuild = ({ items }: Problem, { w, h }: Size): Build => ({
  w,
  h,
  counts: items.map(() => 0),
  has: [0, 0],
  gap: { x: 0, y: 0 },
  from: { gone: true },
});

function joinedGap(axis: 'x' | 'y', near: Build, far: Build): Point | null {
  if (near.gap || !far.gap) return near.gap;
  return axis === 'x' ? { x: near.w + far.gap.x, y: far.gap.y } : { x: far.gap.x, y: near.h + far.gap.y };
}

export const joinBuilds = (axis: 'x' | 'y', near: Build, far: Build): Build => ({
  w: axis === 'x' ? near.w + far.w : Math.max(near.w, far.w),
  h: axis === 'y' ? near.h + far.h : Math.max(near.h, far.h),
  counts: near.counts.map((n, i) => n + far.counts[i]!),
  has: [near.has[0] | far.has[0], near.has[1] | far.has[1]],
  gap: joinedGap(axis, near, far),
  from: { axis, near, far },
});

/** Whether its parts lie beside one another along the axis. */
export const isRow = ({ from }: Build, axis: 'x' | 'y'): boolean => 'axis' in from && from.axis === axis;

/**
 * The part with the build in its corner, cut as the build was put together; what is over is cut off, the longer rest
 * whole.
 */
export function layBuild(part: Part, build: Build): Part {
  const over = { w: part.w - build.w, h: part.h - build.h };
  if (over.w > 0 && (over.h === 0 || over.w * part.h >= over.h * part.w)) return cutOff(part, 'x', build.w, build);
  if (over.h > 0) return cutOff(part, 'y', build.h, build);
  const { from } = build;
  if ('gone' in from) return part;
  if ('item' in from) return { ...part, use: { item: from.item, turned: from.lie.turned } };
  const [near, far] = halves(part, from.axis, from.axis === 'x' ? from.near.w : from.near.h);
  return joined(part, from.axis, layBuild(near, from.near), layBuild(far, from.far));
}

function cutOff(part: Part, axis: 'x' | 'y', at: number, build: Build): Part {
  const [near, far] = halves(part, axis, at);
  return joined(part, axis, layBuild(near, build), far);
}

/** Whether a build of these counts can be had from what is left. */
export const fitsCounts = (a: readonly number[], b: readonly number[], left: readonly number[]): boolean => {
  for (let i = 0; i < left.length; i++) if (a[i]! + b[i]! > left[i]!) return false;
  return true;
};
