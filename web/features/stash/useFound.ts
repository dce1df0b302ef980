import { useMemo } from 'react';
import { findThings, indexStash, type Findable, type FindQuery, type Found } from '../../../core/kit/finding';
import { shelfOf } from '../../../core/stock/bench';
import { useBench } from '../../data/benchStore';
import { kindWords } from '../../ui/lotWords';
import { familyOfLot } from './groups';
import { sortOf, SORTS, type Sort } from './sorts';
import { sinceOf, statesOf, type StashQuery } from './stashQuery';

export interface FoundInStash {
  /** What is asked for, of the sort she looks at. */
  readonly found: readonly Found[];
  /** How much of each sort there is of what is asked for. */
  readonly counts: ReadonlyMap<Sort, number>;
  /** All that is in the stash. */
  readonly onHand: readonly Findable[];
}

const wantedBy = ({ text, kit, kind, state, place, w, h, colour, picked, harmony, idle }: StashQuery): FindQuery => ({
  text,
  kit: kit === 'any' ? null : kit,
  kind: kind === 'any' ? null : kind,
  states: statesOf(state),
  place: place === 'any' ? null : place,
  untouchedSince: sinceOf(idle, new Date()),
  size: w === null && h === null ? null : { w: w ?? h ?? 0, h: h ?? w ?? 0 },
  colour: colour === 'picked' ? { hex: picked, harmony } : null,
});

/** What the stash has of what she asks for. */
export function useFound(query: StashQuery): FoundInStash {
  const bench = useBench((b) => b);
  const { faces, plans } = bench;
  const shelf = useMemo(() => shelfOf(bench), [bench]);
  const index = useMemo(
    () => indexStash(shelf, faces, plans, [...shelf.ledger.events.values()], kindWords),
    [shelf, faces, plans],
  );
  const all = useMemo(() => {
    const { colour } = query;
    const isFamily = colour !== 'any' && colour !== 'picked';
    return findThings(index, wantedBy(query), shelf).filter(
      ({ lot }) => !isFamily || familyOfLot(lot.front, faces) === colour,
    );
  }, [index, query, shelf, faces]);
  return useMemo(() => {
    const bySort = Map.groupBy(all, sortOf);
    return {
      found: query.sort === 'all' ? all : (bySort.get(query.sort) ?? []),
      counts: new Map(SORTS.map(([sort]) => [sort, sort === 'all' ? all.length : (bySort.get(sort)?.length ?? 0)])),
      onHand: index.filter(({ states }) => states.includes('here')),
    };
  }, [all, query.sort, index]);
}
