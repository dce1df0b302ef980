import type { Point } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { Placed } from '../../stock/things';

/** What lies so near a place is at it. */
const NEAR = inches(1.75);
/** So far from the one before, down and to the right, so that each can be seen. */
const STEP = inches(3 / 8);
export const SIXTEENTH = inches(1 / 16);

/** Where things lie is told in sixteenths. */
export const toSixteenths = (at: number): number => Math.round(at / SIXTEENTH) * SIXTEENTH;

/** Where the next thing is laid: at the place that has the fewest, beside what lies there. */
export function freePlace(places: readonly Point[], placed: readonly Placed[]): Point {
  const [first = { x: 0, y: 0 }, ...rest] = places;
  const at = ({ x, y }: Point): number => placed.filter((one) => Math.hypot(one.x - x, one.y - y) < NEAR).length;
  const place = rest.reduce((best, one) => (at(one) < at(best) ? one : best), first);
  const by = (at(place) % 4) * STEP;
  return { x: toSixteenths(place.x + by), y: toSixteenths(place.y + by) };
}

/** What lies farther off is at no place. */
const FAR = inches(3.25);

/** The first of the places that nothing lies at, each thing lying at the nearest; null: all have something. */
export function openPlace(places: readonly Point[], placed: readonly Placed[]): number | null {
  const taken = new Set(
    placed.map((one) => {
      const off = places.map(({ x, y }) => Math.hypot(one.x - x, one.y - y));
      const nearest = Math.min(...off);
      return nearest < FAR ? off.indexOf(nearest) : -1;
    }),
  );
  const open = places.findIndex((_, i) => !taken.has(i));
  return open < 0 ? null : open;
}
