import { lazy, Suspense, useId } from 'react';
import styled from 'styled-components';
import { FAMILIES, type Family, type Harmony } from '../../../core/ground/colour';
import type { LotKind } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { kindWords } from '../../ui/lotWords';
import { MeasureField } from '../../ui/MeasureField';
import { Soft } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { inSmallWindow } from '../../ui/theme';
import { countWords } from '../../words/countWords';
import { FAMILY_NAMES } from '../../ui/familyNames';
import { GROUPINGS } from './groups';
import { HARMONIES, IDLE, NO_QUERY, STATES, type StashQuery } from './stashQuery';

/** Loaded when it is first wanted. */
const PhotoColours = lazy(async () => ({ default: (await import('./PhotoColours')).PhotoColours }));

export interface StashFiltersProps {
  query: StashQuery;
  onChange: (some: Partial<StashQuery>) => void;
  total: number;
  isMore: boolean;
  onMore: () => void;
}

type Part = Pick<StashFiltersProps, 'query' | 'onChange'>;

/** Changes one field of what is asked. */
const fieldOf =
  (onChange: StashFiltersProps['onChange']) =>
  <K extends keyof StashQuery>(key: K) =>
  (value: StashQuery[K]): void =>
    onChange({ [key]: value } as Partial<StashQuery>);

/** Words, kit, kind, colour and size. */
function UsualWays({ query, onChange }: Part) {
  const { kits, lots } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const field = fieldOf(onChange);
  const kindsThere = [...new Set([...lots.values()].map((lot) => lot.kind))];
  return (
    <>
      <TextField label="Search" value={query.text} onChange={field('text')} placeholder="name, month, theme, motif …" />
      <Choice
        label="Kit"
        options={[['any', 'every kit'], ...[...kits.values()].map((k): [string, string] => [k.id, k.name])]}
        value={query.kit}
        onChange={field('kit')}
      />
      <Choice<StashQuery['kind']>
        label="Kind"
        options={[['any', 'every kind'], ...kindsThere.map((k): [LotKind, string] => [k, kindWords(k)])]}
        value={query.kind}
        onChange={field('kind')}
      />
      <Choice<StashQuery['colour']>
        label="Colour"
        options={[
          ['any', 'every colour'],
          ['picked', 'one that I pick …'],
          ...FAMILIES.map((f): [Family, string] => [f, FAMILY_NAMES[f]]),
        ]}
        value={query.colour}
        onChange={field('colour')}
      />
      <MeasureField label="Holds, width" value={query.w} onChange={field('w')} system={system} isOptional />
      <MeasureField label="and height" value={query.h} onChange={field('h')} system={system} isOptional />
    </>
  );
}

/** A colour of her own, and what goes with it. */
function PickedColour({ query, onChange }: Part) {
  const id = useId();
  const field = fieldOf(onChange);
  return (
    <>
      <label htmlFor={id}>
        Colour
        <input
          id={id}
          type="color"
          value={query.picked}
          onChange={(event) => onChange({ picked: event.target.value })}
        />
      </label>
      <Suspense fallback={null}>
        <PhotoColours onPick={(picked) => onChange({ picked })} />
      </Suspense>
      <Choice<Harmony>
        label="What goes with it"
        options={HARMONIES}
        value={query.harmony}
        onChange={field('harmony')}
      />
    </>
  );
}

/** Where it is, how long untouched, where it is kept, and how it is laid out. */
function MoreWays({ query, onChange }: Part) {
  const ledger = useBench((b) => b.ledger);
  const field = fieldOf(onChange);
  const places = [...new Set([...ledger.lots.values()].map(({ place }) => place).filter(Boolean))].sort();
  return (
    <>
      <Choice<StashQuery['state']> label="Which is" options={STATES} value={query.state} onChange={field('state')} />
      <Choice<StashQuery['idle']> label="Untouched for" options={IDLE} value={query.idle} onChange={field('idle')} />
      <Choice
        label="Kept in"
        options={[['any', 'any place'], ...places.map((place): [string, string] => [place, place])]}
        value={query.place}
        onChange={field('place')}
      />
      <Choice<StashQuery['by']> label="Laid out by" options={GROUPINGS} value={query.by} onChange={field('by')} />
    </>
  );
}

/** Everything by which the stash can be searched; the less usual in a second row. */
export function StashFilters({ query, onChange, total, isMore, onMore }: StashFiltersProps) {
  const { by: _, picked: __, harmony: ___, sort: ____, ...asked } = query;
  const isAsked = Object.entries(asked).some(([key, value]) => value !== NO_QUERY[key as keyof typeof asked]);
  return (
    <>
      <Filters>
        <UsualWays query={query} onChange={onChange} />
        <Soft role="status">
          {countWords(total, 'thing')}
          {isAsked && (
            <>
              <br />
              <Button look="quiet" onPress={() => onChange(NO_QUERY)}>
                show all
              </Button>
            </>
          )}
        </Soft>
      </Filters>
      <More>
        {query.colour === 'picked' && <PickedColour query={query} onChange={onChange} />}
        {isMore && <MoreWays query={query} onChange={onChange} />}
        <Button look="quiet" aria-expanded={isMore} onPress={onMore}>
          {isMore ? 'fewer ways' : 'more ways to look'}
        </Button>
      </More>
    </>
  );
}

const Filters = styled.div`
  display: grid;
  grid-template-columns: 1.4fr 1.2fr 1fr 1fr 104px 104px 92px;
  gap: 10px;
  align-items: end;
  padding-bottom: 4px;
  flex: none;
  > span:last-child {
    padding-bottom: 4px;
  }
  ${inSmallWindow} {
    grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
  }
`;
const More = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  padding-bottom: 6px;
  flex: none;
  > div {
    min-width: 150px;
  }
  label {
    display: flex;
    flex-direction: column;
    gap: 3px;
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
  input[type='color'] {
    width: 64px;
    height: 38px;
    padding: 2px;
    border: 1.5px solid ${({ theme }) => theme.soft};
    border-radius: 5px;
    background: ${({ theme }) => theme.sheet};
    cursor: pointer;
  }
`;
