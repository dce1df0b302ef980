import styled from 'styled-components';
import type { Found } from '../../../core/kit/finding';
import { useBench } from '../../data/benchStore';
import { CountedThing } from './CountedThing';
import { sortOf, SORTS } from './sorts';

export interface CountedThingsProps {
  things: readonly Found[];
  chosen: ReadonlySet<string>;
  onChoose: (id: string) => void;
}

/** What is counted, measured or lettered, each sort by itself. */
export function CountedThings({ things, chosen, onChoose }: CountedThingsProps) {
  const lots = useBench((b) => b.ledger.lots);
  const bySort = Map.groupBy(things, sortOf);
  return SORTS.flatMap(([sort, words]) => {
    const own = bySort.get(sort) ?? [];
    if (own.length === 0) return [];
    return [
      <section key={sort} aria-label={`Counted and measured: ${words}`}>
        <h3>{words}</h3>
        <Counted>
          {own.map(({ id, lot }) => {
            const state = lots.get(id);
            return (
              state && <CountedThing key={id} state={state} lot={lot} isChosen={chosen.has(id)} onChoose={onChoose} />
            );
          })}
        </Counted>
      </section>,
    ];
  });
}

const Counted = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 6px 14px;
  padding-top: 8px;
`;
