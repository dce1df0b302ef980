import { useEffect, useMemo, useState } from 'react';
import type { CutPlan } from '../../../core/cutting';
import { cutJobFor, cutListOf, designOf, layOut, stillWanted, stockOnHand, type WantedPiece } from '../../../core/page';
import type { Page } from '../../../core/things';
import { shelfOf } from '../../data/bench';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { planInWorker, stopPlanning } from '../../workers/planningClient';

/** Judgements the planner may make for one page. */
const WORK = 700_000;

export interface Planning {
  readonly list: readonly WantedPiece[];
  readonly plan: CutPlan | null;
  /** 0 to 1 while better plans are looked for; null when done. */
  readonly done: number | null;
  readonly trouble: string | null;
  stop: () => void;
}

/** Plans a page's cuts in the worker: a first plan at once, then better ones until done or stopped. */
export function usePlan(page: Page): Planning {
  const bench = useBench((b) => b);
  const longestCut = useSettings((s) => s.longestCut);
  const list = useMemo(() => {
    const layout = layOut(designOf(page.design)!, page);
    return layout.ok ? stillWanted(cutListOf(layout.value, page.papers), bench.ledger, page.id) : [];
  }, [page, bench.ledger]);
  const [found, setFound] = useState<{ plan: CutPlan | null; done: number | null; trouble: string | null }>({ plan: null, done: 0, trouble: null });
  useEffect(() => {
    let isLatest = true;
    const show = (next: typeof found): void => { if (isLatest) setFound(next); };
    const job = cutJobFor(list, stockOnHand(shelfOf(bench), page.id), longestCut);
    planInWorker(job, WORK, ({ plan, done }) => show({ plan, done, trouble: null }))
      .then((plan) => show({ plan, done: null, trouble: null }))
      .catch((error: unknown) => show({ plan: null, done: null, trouble: String(error) }));
    return () => { isLatest = false; stopPlanning(); };
  }, [list, bench, page.id, longestCut]);
  return { list, ...found, stop: stopPlanning };
}
