import { useEffect, useMemo, useState } from 'react';
import { designOf, layOut, shareJobFor, stockOnHand, type SharingPage } from '../../../core/page';
import type { SharePlan } from '../../../core/shareout';
import type { Page } from '../../../core/things';
import { shelfOf } from '../../data/bench';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { shareInWorker, stopSharing } from '../../workers/sharingClient';

/** Judgements that a share-out may take. */
const WORK = 600_000;

export interface Sharing {
  readonly pages: readonly SharingPage[];
  readonly plan: SharePlan | null;
  /** 0 to 1 while better ones are looked for; null when done. */
  readonly done: number | null;
  readonly trouble: string | null;
  stop: () => void;
}

/** Shares what is on hand out over pages, in a worker: a first answer at once, then better ones. @param kits whose papers may be cut */
export function useShareOut(chosen: readonly Page[], kits: ReadonlySet<string>): Sharing {
  const bench = useBench((b) => b);
  const longestCut = useSettings((s) => s.longestCut);
  const pages = useMemo(() => chosen.flatMap((page): SharingPage[] => {
    const layout = layOut(designOf(page.design)!, page);
    return layout.ok ? [{ page, layout: layout.value, colours: page.photos.flatMap(({ photo }) => bench.photos.get(photo ?? '')?.colours ?? []) }] : [];
  }), [chosen, bench.photos]);
  const job = useMemo(() => {
    const stock = stockOnHand(shelfOf(bench), null).filter(({ id }) => kits.has(bench.lots.get(bench.ledger.pieces.get(id)!.lot)!.kit));
    return shareJobFor(pages, stock, [...bench.faces.values()], longestCut);
  }, [pages, bench, kits, longestCut]);
  const [found, setFound] = useState<Pick<Sharing, 'plan' | 'done' | 'trouble'>>({ plan: null, done: 0, trouble: null });
  useEffect(() => {
    let isLatest = true;
    const show = (plan: SharePlan | null, done: number | null, trouble: string | null = null): void => { if (isLatest) setFound({ plan, done, trouble }); };
    if (job.pages.length === 0) { void Promise.resolve().then(() => show(null, null)); return () => { isLatest = false; }; }
    void Promise.resolve().then(() => show(null, 0));
    shareInWorker(job, WORK, ({ plan, done }) => show(plan, done)).then((plan) => show(plan, null), (error: unknown) => show(null, null, String(error)));
    return () => { isLatest = false; stopSharing(); };
  }, [job]);
  return { pages, ...found, stop: stopSharing };
}
