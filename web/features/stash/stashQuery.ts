import { formatISO, subMonths } from 'date-fns';
import { FAMILIES, type Family, type Harmony } from '../../../core/ground/colour';
import type { FoundState } from '../../../core/kit/finding';
import type { LotKind } from '../../../core/stock/things';
import { GROUPINGS, type Grouping } from './groups';
import { SORTS, type Sort } from './sorts';

/** What she looks for, as the fields have it. */
export interface StashQuery {
  text: string;
  kit: string;
  kind: 'any' | LotKind;
  colour: 'any' | 'picked' | Family;
  picked: string;
  harmony: Harmony;
  w: number | null;
  h: number | null;
  state: 'hand' | FoundState;
  idle: 'any' | '6' | '12' | '24';
  place: string;
  by: Exclude<Grouping, 'near'>;
  sort: Sort;
}

export const NO_QUERY: StashQuery = {
  text: '',
  kit: 'any',
  kind: 'any',
  colour: 'any',
  picked: '#d9961c',
  harmony: 'near',
  w: null,
  h: null,
  state: 'hand',
  idle: 'any',
  place: 'any',
  by: 'colour',
  sort: 'all',
};

/** The states that a choice stands for. */
export const statesOf = (state: StashQuery['state']): readonly FoundState[] =>
  state === 'hand' ? ['here', 'bench', 'promised'] : [state];
/** The day before which something must have been touched last; null: any. */
export const sinceOf = (idle: StashQuery['idle'], today: Date): string | null =>
  idle === 'any' ? null : formatISO(subMonths(today, Number(idle)), { representation: 'date' });

export const STATES: readonly (readonly [StashQuery['state'], string])[] = [
  ['hand', 'on hand'],
  ['here', 'in the stash'],
  ['bench', 'on the bench'],
  ['promised', 'promised to a page'],
  ['on-page', 'on a page'],
  ['lent', 'lent out'],
  ['gone', 'gone'],
];
export const IDLE: readonly (readonly [StashQuery['idle'], string])[] = [
  ['any', 'whenever'],
  ['6', '6 months'],
  ['12', '12 months'],
  ['24', '24 months'],
];
export const HARMONIES: readonly (readonly [Harmony, string])[] = [
  ['near', 'near it'],
  ['opposite', 'its opposite'],
  ['neighbours', 'its neighbours'],
  ['thirds', 'its thirds'],
];

/** Whether one of the less usual fields is asked, which lie in a row of their own. */
export const asksMore = (query: StashQuery): boolean =>
  (['state', 'idle', 'place', 'by'] as const).some((key) => query[key] !== NO_QUERY[key]);

const isOneOf =
  (choices: readonly (readonly [string, string])[]) =>
  (value: string): boolean =>
    choices.some(([key]) => key === value);

/** Whether a value of the address can be asked; what cannot is left out. */
const MAKES_SENSE: { readonly [K in Exclude<keyof StashQuery, 'w' | 'h'>]: (value: string) => boolean } = {
  text: () => true,
  kit: () => true,
  kind: () => true,
  colour: (value) => value === 'picked' || FAMILIES.some((family) => family === value),
  picked: (value) => /^#[0-9a-f]{6}$/.test(value),
  harmony: isOneOf(HARMONIES),
  state: isOneOf(STATES),
  idle: isOneOf(IDLE),
  place: () => true,
  by: isOneOf(GROUPINGS),
  sort: isOneOf(SORTS),
};

/** What is asked, as it stands in the address: only what is not as at first. Sizes in ticks. */
export const searchOf = (query: StashQuery): string =>
  new URLSearchParams(
    Object.entries(query).flatMap(([key, value]) =>
      value === NO_QUERY[key as keyof StashQuery] || value === null ? [] : [[key, String(value)]],
    ),
  ).toString();

/** What an address asks. */
export function queryOf(search: string): StashQuery {
  const asked = new URLSearchParams(search);
  const told = Object.entries(MAKES_SENSE).flatMap(([key, makesSense]) => {
    const value = asked.get(key);
    return value !== null && makesSense(value) ? [[key, value]] : [];
  });
  const sizes = (['w', 'h'] as const).flatMap((side) => {
    const length = Number(asked.get(side));
    return Number.isSafeInteger(length) && length > 0 ? [[side, length]] : [];
  });
  return { ...NO_QUERY, ...Object.fromEntries([...told, ...sizes]) } as StashQuery;
}
