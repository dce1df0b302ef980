import type { Size } from '../../../core/ground/geometry';
import type { WentOn as What } from '../../../core/acts';

/** What she ticked, by piece, or by lot and part: how much of it. */
export type Going = Readonly<Record<string, { readonly what: What; readonly most: Size | number }>>;

/** What went on the page: parts of one lot together. */
export function wentOn(going: Going): readonly What[] {
  const pieces: What[] = [];
  const lots = new Map<string, Record<string, number>>();
  for (const { what } of Object.values(going)) {
    if ('piece' in what) pieces.push(what);
    else lots.set(what.lot, { ...lots.get(what.lot), ...what.amounts });
  }
  const some = [...lots].filter(([, amounts]) => Object.keys(amounts).length > 0);
  return [...pieces, ...some.map(([lot, amounts]) => ({ lot, amounts }))];
}
