import { useMemo } from 'react';
import { looksOf, type Things } from '../../core/page/placing';
import type { Page } from '../../core/stock/things';
import { useBench } from '../data/benchStore';
import type { LaidThing } from '../ui/LaidFigure';

/** What lies on a page, the lowest first, as it is drawn. */
export const laidThings = ({ placed = [] }: Pick<Page, 'placed'>, things: Things): readonly LaidThing[] =>
  placed.flatMap((one) => {
    const looks = looksOf(one.what, things);
    return looks ? [{ placed: one, looks }] : [];
  });

/** As {@link laidThings}; anew only when the page or the stash changes. */
export function useLaidThings(page: Pick<Page, 'placed'>): readonly LaidThing[] {
  const { lots, faces, ledger } = useBench((b) => b);
  const { placed } = page;
  return useMemo(
    () => laidThings(placed === undefined ? {} : { placed }, { lots, faces, ledger }),
    [placed, lots, faces, ledger],
  );
}
