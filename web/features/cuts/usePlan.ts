import { useEffect, useMemo, useRef, useState } from 'react';
import type { CutPlan, Preference } from '../../../core/cutting';
import { cutJobFor, cutListOf, designOf, layOut, pinDown, stillWanted, stockOnHand, unpinned, type Pin, type WantedPiece } from '../../../core/page';
import type { Page } from '../../../core/things';
import { shelfOf } from '../../data/bench';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { planInWorker, stopPlanning } from '../../workers/planningClient';

/** Judgements the planner may make for one page, and for each of the other ways. */
const WORK = 500_000;
const OTHER_WORK = 150_000;
const OTHERS: readonly Preference[] = ['cuts', 'whole'];

/** What she wants otherwise than the planner would have it. */
export interface Wishes { readonly forbidden: readonly string[]; readonly pins: readonly Pin[] }

export interface Planning {
  readonly list: readonly WantedPiece[];
  /** The plans found so far, the one that saves fresh sheets first. */
  readonly plans: ReadonlyMap<Preference, CutPlan>;
  /** 0 to 1 while better plans are looked for; null when done. */
  readonly done: number | null;
  readonly trouble: string | null;
  stop: () => void;
}

const NONE: Pick<Planning, 'plans' | 'done' | 'trouble'> = { plans: new Map(), done: 0, trouble: null };

/** Plans a page's cuts in the worker: a first plan at once, then better ones, then those that prefer something else. */
export function usePlan(page: Page, { forbidden, pins }: Wishes): Planning {
  const bench = useBench((b) => b);
  const longestCut = useSettings((s) => s.longestCut);
  const list = useMemo(() => {
    const layout = layOut(designOf(page.design)!, page);
    return layout.ok ? stillWanted(cutListOf(layout.value, page.papers), bench.ledger, page.id) : [];
  }, [page, bench.ledger]);
  const [found, setFound] = useState(NONE);
  const isStopped = useRef(false);
  useEffect(() => {
    let isLatest = true;
    isStopped.current = false;
    const show = (prefer: Preference, plan: CutPlan, done: number | null): void => {
      if (isLatest) setFound(({ plans }) => ({ plans: new Map(prefer === 'fresh' ? [[prefer, unpinned(plan)]] : [...plans, [prefer, unpinned(plan)]]), done, trouble: null }));
    };
    const stock = stockOnHand(shelfOf(bench), page.id).filter(({ id }) => !forbidden.includes(id));
    const job = cutJobFor(pinDown(list, pins), stock, longestCut);
    const search = async (): Promise<void> => {
      show('fresh', await planInWorker(job, WORK, ({ plan, done }) => show('fresh', plan, done)), null);
      for (const prefer of OTHERS) {
        if (!isLatest || isStopped.current) return;
        show(prefer, await planInWorker({ ...job, prefer }, OTHER_WORK, () => undefined), null);
      }
    };
    search().catch((error: unknown) => { if (isLatest) setFound({ ...NONE, done: null, trouble: String(error) }); });
    return () => { isLatest = false; stopPlanning(); };
  }, [list, bench, page.id, longestCut, forbidden, pins]);
  const stop = (): void => { isStopped.current = true; stopPlanning(); };
  return { list, ...found, stop };
}
