import ClipperLib from 'clipper-lib';
import type { Rect, Size } from '../../ground/geometry';
import { boxOf, rectContour, type Contour } from './contour';

const { Clipper, ClipperOffset, ClipType, EndType, JoinType, PolyFillType, PolyType } = ClipperLib;

type Paths = ClipperLib.Path[];

const toPath = (contour: Contour): ClipperLib.Path => contour.map(({ x, y }) => ({ X: x, Y: y }));
const fromPath = (path: ClipperLib.Path): Contour => path.map(({ X, Y }) => ({ x: X, y: Y }));

const sizeOf = (path: ClipperLib.Path): number => Math.abs(Clipper.Area(path));
const largestOf = (paths: Paths): Contour | null => {
  const [largest] = paths.toSorted((a, b) => sizeOf(b) - sizeOf(a));
  return largest === undefined || sizeOf(largest) < 1 ? null : fromPath(largest);
};

/** By the even-odd rule: a contour within another is a hole. */
function combine(kind: ClipperLib.ClipType, of: readonly Contour[], by: readonly Contour[]): Paths {
  const clipper = new Clipper();
  clipper.AddPaths(of.map(toPath), PolyType.ptSubject, true);
  if (by.length > 0) clipper.AddPaths(by.map(toPath), PolyType.ptClip, true);
  const solution: Paths = [];
  clipper.Execute(kind, solution, PolyFillType.pftEvenOdd, PolyFillType.pftEvenOdd);
  return solution;
}

/** What contours enclose together, square ticks; a contour within another is a hole. */
export const areaOf = (contours: readonly Contour[]): number =>
  Math.abs(combine(ClipType.ctUnion, contours, []).reduce((sum, path) => sum + Clipper.Area(path), 0));

/** How far apart parts may lie that one line goes round: steps of the longer side of all. */
const GAPS = [0, 0.01, 0.02, 0.04, 0.08, 0.16];

/** Every part made larger by `by`, together. */
function grown(contours: readonly Contour[], by: number): Paths {
  const clipper = new Clipper();
  const paths = contours.map((contour) => contour.map(({ x, y }) => ({ X: Math.round(x), Y: Math.round(y) })));
  clipper.AddPaths(paths, PolyType.ptSubject, true);
  const union: Paths = [];
  clipper.Execute(ClipType.ctUnion, union, PolyFillType.pftNonZero, PolyFillType.pftNonZero);
  if (by === 0) return union;
  const offsetting = new ClipperOffset(2, OFF_BY);
  offsetting.AddPaths(union, JoinType.jtRound, EndType.etClosedPolygon);
  const larger: Paths = [];
  offsetting.Execute(larger, by);
  return larger;
}

/**
 * One line round all of several contours, whichever way they are drawn: where they lie apart, the gaps between them
 * are closed as far as needed (grown until they meet, and taken back).
 */
export function joined(contours: readonly Contour[]): Contour | null {
  if (contours.length === 0) return null;
  const { w, h } = boxOf(contours);
  const outer = (paths: Paths): Paths => paths.filter((path) => Clipper.Orientation(path));
  const by = GAPS.map((gap) => Math.round(gap * Math.max(w, h))).find(
    (gap) => outer(grown(contours, gap)).length === 1,
  );
  const line = largestOf(grown(contours, by ?? 0));
  return line && by !== undefined && by > 0 ? (offset(line, -by) ?? line) : line;
}

/** What of contours lies within others. */
export const common = (of: readonly Contour[], by: readonly Contour[]): readonly Contour[] =>
  combine(ClipType.ctIntersection, of, by).map(fromPath);

/** What of contours lies outside others. */
export const difference = (of: readonly Contour[], by: readonly Contour[]): readonly Contour[] =>
  combine(ClipType.ctDifference, of, by).map(fromPath);

/** Whether a contour lies on a piece of paper, off its missing areas. */
export const liesOn = (contour: Contour, { w, h }: Size, missing: readonly Rect[]): boolean =>
  contour.every(({ x, y }) => x >= 0 && y >= 0 && x <= w && y <= h) &&
  missing.every((gap) => common([contour], [rectContour(gap)]).length === 0);

/**
 * A line as it can be cut: whole ticks, crossing itself nowhere. Where it does, the largest part that it encloses;
 * null: it encloses nothing.
 */
export const cuttable = (contour: Contour): Contour | null =>
  largestOf(
    Clipper.SimplifyPolygon(
      contour.map(({ x, y }) => ({ X: Math.round(x), Y: Math.round(y) })),
      PolyFillType.pftNonZero,
    ),
  );

/** How far a rounded corner's strokes may be off its arc, ticks: 1/200 in. */
const OFF_BY = 40;

/**
 * A line all round at a distance in ticks: outward, with round corners (a mat), or inward where it is below 0 (a
 * frame's inside); null: nothing is left.
 */
export function offset(contour: Contour, by: number): Contour | null {
  const offsetting = new ClipperOffset(2, OFF_BY);
  offsetting.AddPath(toPath(contour), by > 0 ? JoinType.jtRound : JoinType.jtMiter, EndType.etClosedPolygon);
  const solution: Paths = [];
  offsetting.Execute(solution, by);
  return largestOf(solution);
}
