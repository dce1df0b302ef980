import { useEffect, useMemo, useReducer, useState } from 'react';
import { facesMeant } from '../../../core/kits';
import { inSchool, jobOf, layForSharing, onPlain } from '../../../core/making';
import { middlesOf, type SharingPage } from '../../../core/sharing';
import type { ShareJob, SharePlan } from '../../../core/shareout';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { shareInWorker, stopSharing } from '../../workers/sharingClient';
import { whyOf } from '../../ui/BrokenOff';
import type { ShareChoices } from './shareChoices';
import { edgeName } from './edgeName';

/** Judgements that a share-out may take. */
const WORK = 450_000;

export interface ShareOut {
  readonly pages: readonly SharingPage[];
  readonly job: ShareJob;
  readonly plan: SharePlan | null;
  /** 0 to 1 while better ones are looked for; null when done. */
  readonly done: number | null;
  readonly trouble: string | null;
  /** The plan is of these pages, papers and wishes; one shown while the next is looked for is not. */
  readonly isCurrent: boolean;
  stop: () => void;
  /** Once it broke off: from the beginning. */
  again: () => void;
}

/**
 * Shares what is on hand out over pages, in a worker: a first answer at once, then better ones. @param kits whose
 * papers may be cut
 */
export function useShareOut(chosen: readonly Page[], kits: ReadonlySet<string>, choices: ShareChoices): ShareOut {
  const bench = useBench((b) => b);
  const { longestCut, hold, gut } = useSettings();
  const { mode, must, pins, forbidden, never, spread, grounds } = choices;
  const pages = useMemo(() => {
    const laid = layForSharing(
      chosen.map((page) => inSchool(page, spread)),
      bench,
    );
    return grounds === 'strips' ? onPlain(laid, bench, { kits, never }, { hold, longestCut, called: edgeName }) : laid;
  }, [chosen, bench, spread, grounds, kits, never, hold, longestCut]);
  const meant = useMemo(() => facesMeant(bench), [bench]);
  const job = useMemo(
    () => jobOf(pages, bench, { kits, never }, { mode, must, meant, pins, forbidden }, longestCut),
    [pages, bench, kits, never, mode, must, meant, pins, forbidden, longestCut],
  );
  const middles = useMemo(() => (gut === 'never' ? [] : middlesOf(pages, hold)), [pages, hold, gut]);
  const [found, setFound] = useState<Pick<ShareOut, 'plan' | 'done' | 'trouble'> & { of: ShareJob | null }>({
    plan: null,
    done: 0,
    trouble: null,
    of: null,
  });
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  useEffect(() => {
    let isLatest = true;
    const show = (plan: SharePlan | null, done: number | null, trouble: string | null = null): void => {
      if (isLatest) setFound({ plan, done, trouble, of: job });
    };
    if (job.pages.length === 0) {
      void Promise.resolve().then(() => show(null, null));
      return () => {
        isLatest = false;
      };
    }
    // The plan before stays on the screen until the next one is there.
    void Promise.resolve().then(() => {
      if (isLatest) setFound((before) => ({ ...before, done: 0, trouble: null }));
    });
    shareInWorker(job, middles, WORK, ({ plan, done }) => show(plan, done)).then(
      (plan) => show(plan, null),
      (error: unknown) => show(null, null, whyOf(error)),
    );
    return () => {
      isLatest = false;
      stopSharing();
    };
  }, [job, middles, tries]);
  const { of, ...rest } = found;
  return { pages, job, ...rest, isCurrent: of === job, stop: stopSharing, again };
}
