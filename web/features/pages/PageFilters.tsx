import styled from 'styled-components';
import { useBench } from '../../data/benchStore';
import { Choice } from '../../ui/Choice';
import { TextField } from '../../ui/TextField';
import { stateWords } from '../../ui/pageWords';
import { Button } from '../../ui/Button';
import { ANY, ORDERS, STATES, type Asking } from './usePageQuery';

/** Pages by words, kit and state, in an order. */
export function PageFilters({ query, found, set }: Asking) {
  const { kits, lots } = useBench((b) => b);
  const lot = lots.get(query.lot ?? '');
  return (
    <Filters>
      <TextField
        label="Search"
        value={query.text}
        onChange={(text) => set({ text })}
        placeholder="title, story, paper, thing, month …"
      />
      <Choice<string>
        label="Kit"
        options={[[ANY, 'any'], ...[...kits.values()].map(({ id, name }): [string, string] => [id, name])]}
        value={query.kit ?? ANY}
        onChange={(kit) => set({ kit: kit === ANY ? null : kit })}
      />
      <Choice<string>
        label="State"
        options={[[ANY, 'any'], ...STATES.map((id): [string, string] => [id, stateWords(id)])]}
        value={query.state ?? ANY}
        onChange={(state) => set({ state: STATES.find((id) => id === state) ?? null })}
      />
      <Choice label="In order" options={ORDERS} value={query.order} onChange={(order) => set({ order })} />
      {found !== null && (
        <Button look="quiet" onPress={() => set({ text: '', kit: null, state: null, lot: null, order: ANY as never })}>
          {lot ? `not only those with ${lot.name}` : 'show all'}
        </Button>
      )}
    </Filters>
  );
}

const Filters = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: flex-end;
  padding-bottom: 12px;
  flex: none;
  > :first-child {
    width: 300px;
  }
  > * {
    min-width: 150px;
  }
`;
