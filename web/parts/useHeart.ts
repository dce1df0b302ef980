import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { coloursIn, isHex } from '../../core/ground/colour';
import { heartOf, type BegunWith, type Heart } from '../../core/acts';
import { useBench } from '../data/benchStore';

/** Colours as they are told: hexes, or by name. */
const hexesOf = (text: string): string[] => {
  const hexes = text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter((one) => isHex(one));
  return hexes.length > 0 ? hexes : coloursIn(text).map(({ hex }) => hex);
};

/** What something is begun with, as the address has it; null: nothing yet. */
function begunWith(query: URLSearchParams): BegunWith | null {
  const said = (key: string): string => query.get(key) ?? '';
  if (said('lot') !== '') return { lot: said('lot'), ...(query.has('part') ? { part: said('part') } : {}) };
  if (said('piece') !== '') return { piece: said('piece') };
  if (said('face') !== '') return { face: said('face') };
  if (said('photo') !== '') return { photo: said('photo') };
  if (said('story') !== '') return { story: said('story') };
  if (said('words') !== '') return { words: said('words') };
  return said('colours') === '' ? null : { colours: hexesOf(said('colours')) };
}

/** What a page or kit is begun with. */
export interface HeartInHand {
  readonly from: BegunWith | null;
  /** Null: nothing yet, or it is gone. */
  readonly heart: Heart | null;
  /** Begins with something else: kept in the address, with what of it is to stay. */
  begin: (from: Readonly<Record<string, string>>) => void;
}

/** The heart of what is being made, kept in the address. @param stays keys of the address that stay whatever it is */
export function useHeart(...stays: readonly string[]): HeartInHand {
  const [query, setQuery] = useSearchParams();
  const bench = useBench((b) => b);
  const from = useMemo(() => begunWith(query), [query]);
  const heart = useMemo(() => (from ? heartOf(from, bench) : null), [from, bench]);
  const begin = (to: Readonly<Record<string, string>>): void => {
    const kept = stays.flatMap((key) => (query.has(key) ? [[key, query.get(key) ?? ''] as const] : []));
    setQuery({ ...to, ...Object.fromEntries(kept) });
  };
  return { from, heart, begin };
}
