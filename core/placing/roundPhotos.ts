import type { Point, Rect } from '../geometry';
import type { Placed } from '../things';
import { clusters, type Candidate, type ClusterWish } from './cluster';
import { toSixteenths } from './freePlace';

/** A cluster's things as they are laid, where they lie told in sixteenths. */
export const layingsOf = (things: ReturnType<typeof clusters>[number]['things']): Omit<Placed, 'id'>[] =>
  things.map(({ thing: _, ...one }) => ({ ...one, x: toSixteenths(one.x), y: toSixteenths(one.y) }));

/**
 * The best cluster for each of some places in turn, as long as there is enough left; none covers another.
 * @param wish what all of them are made for
 */
export function roundPhotos(
  candidates: readonly Candidate[],
  places: readonly Point[],
  wish: Omit<ClusterWish, 'at'>,
): Omit<Placed, 'id'>[] {
  const taken: Rect[] = [];
  const laid: Omit<Placed, 'id'>[] = [];
  const left = new Map(candidates.map((one) => [one, one.left]));
  for (const at of places) {
    const now = candidates.map((one) => ({ ...one, left: left.get(one) ?? 0 }));
    const [cluster] = clusters(now, { ...wish, at, keep: [...wish.keep, ...taken] });
    if (!cluster) continue;
    taken.push(cluster.bounds);
    laid.push(...layingsOf(cluster.things));
    for (const { what } of cluster.things) {
      const one = candidates.find((other) => other.what === what);
      if (one) left.set(one, (left.get(one) ?? 0) - 1);
    }
  }
  return laid;
}
