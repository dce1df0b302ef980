import type { Point, Rect } from '../../ground/geometry';
import type { Placed } from '../../stock/things';
import { clusters, kindsOf, type Candidate, type ClusterWish } from './cluster';
import { toSixteenths } from './freePlace';

/** A cluster's things as they are laid, where they lie told in sixteenths. */
export const layingsOf = (things: ReturnType<typeof clusters>[number]['things']): Omit<Placed, 'id'>[] =>
  things.map(({ thing: _, ...one }) => ({ ...one, x: toSixteenths(one.x), y: toSixteenths(one.y) }));

/** Clusters round a page's photos. */
export interface RoundPhotos {
  readonly laid: readonly Omit<Placed, 'id'>[];
  /** The kinds of things of each. */
  readonly kinds: readonly string[];
}

/**
 * The best cluster for each of some places in turn, as long as there is enough left; none covers another.
 * @param wish what all of them are made for
 * @param elsewhere the kinds of clusters of other pages: others go before the same again
 */
export function roundPhotos(
  candidates: readonly Candidate[],
  places: readonly Point[],
  wish: Omit<ClusterWish, 'at'>,
  elsewhere: ReadonlySet<string> = new Set(),
): RoundPhotos {
  const taken: Rect[] = [];
  const kinds: string[] = [];
  const laid: Omit<Placed, 'id'>[] = [];
  const left = new Map(candidates.map((one) => [one, one.left]));
  for (const at of places) {
    const now = candidates.map((one) => ({ ...one, left: left.get(one) ?? 0 }));
    const all = clusters(now, { ...wish, at, keep: [...wish.keep, ...taken] });
    const cluster = all.find((one) => !elsewhere.has(kindsOf(one))) ?? all[0];
    if (!cluster) continue;
    kinds.push(kindsOf(cluster));
    taken.push(cluster.bounds);
    laid.push(...layingsOf(cluster.things));
    for (const { what } of cluster.things) {
      const one = candidates.find((other) => other.what === what);
      if (one) left.set(one, (left.get(one) ?? 0) - 1);
    }
  }
  return { laid, kinds };
}
