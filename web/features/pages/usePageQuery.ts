import { useMemo, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import type { PageState } from '../../../core/page/cutlist';
import { findPages, type PageQuery } from '../../../core/kit/finding';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useOnceRested } from '../../ui/useOnceRested';

/** Whatever it is: it does not stand in the address. */
export const ANY = '';
export const STATES: readonly PageState[] = ['idea', 'planned', 'cut', 'glued', 'done'];
export const ORDERS: readonly (readonly [PageQuery['order'], string])[] = [
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
  const { pathname } = useLocation();
  const bench = useBench((b) => b);
  const [typed, setTyped] = useState<string | null>(null);
  const written = params.get('text') ?? '';
  if (typed === written) setTyped(null);
  const text = typed ?? written;
  const query = useMemo((): PageQuery => {
    const order = ORDERS.find(([id]) => id === params.get('order'))?.[0] ?? 'begun';
    const state = STATES.find((id) => id === params.get('state')) ?? null;
    return { text, state, kit: params.get('kit'), lot: params.get('lot'), order };
  }, [params, text]);
  const isAsked =
    query.text !== '' || query.state !== null || query.kit !== null || query.lot !== null || params.has('order');
  const found = useMemo(() => (isAsked ? findPages(query, bench) : null), [isAsked, query, bench]);
  const write = (some: Partial<PageQuery>): void =>
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
  // Drawn as it is typed; the address is slower than a hand, and follows once it rests and she is still here.
  useOnceRested(typed, (rested) => {
    if (window.location.pathname === pathname) write({ text: rested });
  });
  const set = (some: Partial<PageQuery>): void => {
    if (some.text !== undefined) setTyped(some.text);
    if (Object.keys(some).some((key) => key !== 'text')) write({ text, ...some });
  };
  return { query, found, set };
}
