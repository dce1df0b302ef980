import type { Point } from '../../ground/geometry';
import { accentsByMotif, boundsOf, middleOf, type Remark, type Sheet } from './eyed';

/** A triangle with a smaller share of the sheet is huddled. */
const LEAST_SHARE = 1 / 16;

/** Twice the signed area of a triangle. */
const cross = (a: Point, b: Point, c: Point): number => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** Whether a point lies in a triangle or on its edge. */
function isInside(point: Point, [a, b, c]: readonly [Point, Point, Point]): boolean {
  const sides = [cross(a, b, point), cross(b, c, point), cross(c, a, point)];
  return sides.every((side) => side >= 0) || sides.every((side) => side <= 0);
}

/** What of a convex outline lies on the side of a line where a value is not below nothing. */
function clipped(outline: readonly Point[], value: (point: Point) => number): Point[] {
  return outline.flatMap((point, i) => {
    const next = outline[(i + 1) % outline.length] ?? point;
    const [here, there] = [value(point), value(next)];
    const out = here >= 0 ? [point] : [];
    if (here < 0 === there < 0) return out;
    const t = here / (here - there);
    return [...out, { x: point.x + t * (next.x - point.x), y: point.y + t * (next.y - point.y) }];
  });
}

const centroid = (outline: readonly Point[]): Point => ({
  x: outline.reduce((sum, { x }) => sum + x, 0) / outline.length,
  y: outline.reduce((sum, { y }) => sum + y, 0) / outline.length,
});

/**
 * Where a third would make a triangle round a point with two others, in the midst of all such places: it lies opposite
 * both, seen from the point, or anywhere if the point lies between them.
 */
function thirdFor(a: Point, b: Point, round: Point, sheet: Sheet, least: number): Point | null {
  const corners = [
    { x: 0, y: 0 },
    { x: sheet.w, y: 0 },
    { x: sheet.w, y: sheet.h },
    { x: 0, y: sheet.h },
  ];
  const side = cross(a, b, round);
  const isBetween = side === 0 && (a.x - round.x) * (b.x - round.x) + (a.y - round.y) * (b.y - round.y) <= 0;
  if (side === 0 && !isBetween) return null;
  const turn = Math.sign(side);
  // The cone at the point, away from both: on the far side of the line from each through it.
  const cone =
    side === 0
      ? corners
      : clipped(
          clipped(corners, (p) => turn * cross(round, b, p)),
          (p) => turn * cross(a, round, p),
        );
  for (const sign of side === 0 ? [1, -1] : [turn]) {
    const large = clipped(cone, (p) => sign * cross(a, b, p) - 2 * least);
    if (large.length > 2) return centroid(large);
  }
  return null;
}

/** Each repeated accent: whether three of it stand round the photos, and where one more would. */
export function triangles(sheet: Sheet): Remark[] {
  const photos = boundsOf(sheet.things.filter(({ role }) => role === 'photo'));
  const round = middleOf(photos ?? { x: 0, y: 0, w: sheet.w, h: sheet.h });
  const least = LEAST_SHARE * sheet.w * sheet.h;
  return [...accentsByMotif(sheet)].flatMap(([motif, accents]): Remark[] => {
    const places = accents.map(middleOf);
    if (places.length < 2 || hasTriangle(places, round, least)) return [];
    const at = firstThird(places, round, sheet, least);
    const why =
      at === null
        ? `The ${motif} comes ${places.length} times, with no three round the photo.`
        : `The ${motif} comes ${places.length} times, with no three round the photo; one more would make a triangle.`;
    return [{ kind: 'triangle', motif, things: accents.map(({ id }) => id), at, why }];
  });
}

function hasTriangle(places: readonly Point[], round: Point, least: number): boolean {
  for (const [i, a] of places.entries())
    for (let j = i + 1; j < places.length; j++)
      for (let k = j + 1; k < places.length; k++) {
        const [b, c] = [places[j], places[k]];
        if (b && c && Math.abs(cross(a, b, c)) >= 2 * least && isInside(round, [a, b, c])) return true;
      }
  return false;
}

function firstThird(places: readonly Point[], round: Point, sheet: Sheet, least: number): Point | null {
  for (const [i, a] of places.entries())
    for (const b of places.slice(i + 1)) {
      const third = thirdFor(a, b, round, sheet, least);
      if (third) return third;
    }
  return null;
}
