import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import type { PageState } from '../../../core/cutlist';
import { findPages, type PageQuery } from '../../../core/finding';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { Choice } from '../../ui/Choice';
import { TextField } from '../../ui/TextField';
import { stateWords } from '../../ui/pageWords';
import { Button } from '../../ui/Button';

const ANY = '';
const STATES: readonly PageState[] = ['idea', 'planned', 'cut', 'glued', 'done'];
const ORDERS: readonly (readonly [PageQuery['order'], string])[] = [
  ['begun', 'begun last first'],
  ['day', 'by their own day'],
  ['title', 'by title'],
];

export interface Asking {
  readonly query: PageQuery;
  /** The pages asked for; null: nothing is asked. */
  readonly found: readonly Page[] | null;
  set: (some: Partial<PageQuery>) => void;
}

/** Which pages are asked for stands in the address, so that a thing's trail can lead to its pages. */
export function usePageQuery(): Asking {
  const [params, setParams] = useSearchParams();
  const bench = useBench((b) => b);
  const query = useMemo((): PageQuery => {
    const order = ORDERS.find(([id]) => id === params.get('order'))?.[0] ?? 'begun';
    const state = STATES.find((id) => id === params.get('state')) ?? null;
    return { text: params.get('text') ?? '', state, kit: params.get('kit'), lot: params.get('lot'), order };
  }, [params]);
  const isAsked =
    query.text !== '' || query.state !== null || query.kit !== null || query.lot !== null || params.has('order');
  const found = useMemo(() => (isAsked ? findPages(query, bench) : null), [isAsked, query, bench]);
  const set = (some: Partial<PageQuery>): void =>
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        for (const [key, value] of Object.entries(some)) {
          if (value === null || value === ANY) next.delete(key);
          else next.set(key, String(value));
        }
        return next;
      },
      { replace: true },
    );
  return { query, found, set };
}

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
