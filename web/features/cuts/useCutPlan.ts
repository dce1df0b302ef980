import { useMemo, useState } from 'react';
import { useLocation } from 'react-router';
import type { Preference } from '../../../core/trimmer/cutting';
import { pageState } from '../../../core/page/cutlist';
import { acceptPlan } from '../../../core/acts';
import { type Bench } from '../../../core/stock/bench';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { usePieceName } from '../../parts/pieceName';
import { NO_WISHES, usePlan, type Wishes } from './usePlan';

/** What she wishes of a page's plan, begun with what the screen before handed on. */
function useWishes(page: Page, bench: Bench) {
  const { others: shared, only } = (useLocation().state ?? {}) as { others?: readonly string[]; only?: string };
  const [wishes, setWishes] = useState<Wishes>({
    ...NO_WISHES,
    only: only ?? null,
    others: (shared ?? []).filter((id) => {
      const other = bench.pages.get(id);
      return other !== undefined && id !== page.id && pageState(other, bench) === 'idea';
    }),
  });
  return {
    wishes,
    wish: (some: (now: Wishes) => Partial<Wishes>): void => setWishes((now) => ({ ...now, ...some(now) })),
  };
}

/** Sheets that are left alone: forbidden, locked as they are, or in a joined strip. */
const settledIn = ({ forbidden, locked, joined }: Wishes): ReadonlySet<string> =>
  new Set([...forbidden, ...[...locked, ...joined.flatMap(({ sheets }) => sheets)].map(({ stock: id }) => id)]);

/** The plans for a page and those cut together with it, the one she prefers, and taking its papers out. */
export function useCutPlan(page: Page, onPlanned: () => void) {
  const bench = useBench((b) => b);
  const { pages } = bench;
  const { wishes, wish } = useWishes(page, bench);
  const [prefer, setPrefer] = useState<Preference>('fresh');
  const together = useMemo(
    () => [page, ...wishes.others.flatMap((id) => pages.get(id) ?? [])],
    [page, pages, wishes.others],
  );
  const search = usePlan(together, wishes);
  const { list, stock, plans, isCurrent } = search;
  const plan = plans.get(prefer) ?? plans.get('fresh') ?? null;
  // A plan of what was wished before is shown, and not taken.
  const canTake = plan !== null && isCurrent && plan.notCut.length === 0 && list.length > 0;
  const accept = (): void => {
    if (!plan || !canTake) return;
    const pagesOf = together.map(({ id }) => id);
    void act(acceptPlan(pagesOf, plan.sheets)).then((done) => {
      if (done) onPlanned();
    });
  };
  const settled = settledIn(wishes);
  return {
    ...search,
    bench,
    wishes,
    wish,
    plan,
    prefer: plans.has(prefer) ? prefer : ('fresh' as const),
    setPrefer,
    canTake,
    accept,
    free: stock.filter(({ id }) => !settled.has(id)),
    nameOf: usePieceName(together.length > 1),
  };
}
export type CutPlanning = ReturnType<typeof useCutPlan>;
