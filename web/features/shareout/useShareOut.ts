import { useMemo } from 'react';
import { facesMeant } from '../../../core/kit/closing';
import { inSchool, jobOf, layForSharing, onPlain } from '../../../core/acts';
import { middlesOf, type SharingPage } from '../../../core/kit/sharing';
import type { ShareJob, SharePlan, ShareProgress } from '../../../core/kit/shareout';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings, useTrimmer } from '../../data/settings';
import { useSearch, type Searching } from '../../ui/useSearch';
import { shareInWorker, stopSharing } from '../../workers/sharingClient';
import type { ShareChoices } from './shareChoices';
import { edgeName } from './edgeName';

/** Judgements that a share-out may take. */
const WORK = 450_000;

export interface ShareOut extends Omit<Searching<never>, 'found'> {
  readonly pages: readonly SharingPage[];
  readonly job: ShareJob;
  /** The one before stays until the next is there. */
  readonly plan: SharePlan | null;
}

/** The pages as they are laid for sharing, and the job that they are. */
function useShareJob(chosen: readonly Page[], kits: ReadonlySet<string>, choices: ShareChoices) {
  const bench = useBench((b) => b);
  const { hold, gut } = useSettings();
  const trimmer = useTrimmer();
  const { mode, must, pins, forbidden, never, spread, grounds } = choices;
  const pages = useMemo(() => {
    const laid = layForSharing(
      chosen.map((page) => inSchool(page, spread)),
      bench,
    );
    return grounds === 'strips' ? onPlain(laid, bench, { kits, never }, { hold, trimmer, called: edgeName }) : laid;
  }, [chosen, bench, spread, grounds, kits, never, hold, trimmer]);
  const meant = useMemo(() => facesMeant(bench), [bench]);
  const job = useMemo(
    () => jobOf(pages, bench, { kits, never }, { mode, must, meant, pins, forbidden }, trimmer),
    [pages, bench, kits, never, mode, must, meant, pins, forbidden, trimmer],
  );
  const middles = useMemo(() => (gut === 'never' ? [] : middlesOf(pages, hold)), [pages, hold, gut]);
  return { pages, job, middles };
}

/**
 * Shares what is on hand out over pages, in a worker: a first answer at once, then better ones. @param kits whose
 * papers may be cut
 */
export function useShareOut(chosen: readonly Page[], kits: ReadonlySet<string>, choices: ShareChoices): ShareOut {
  const { pages, job, middles } = useShareJob(chosen, kits, choices);
  const search = useMemo(
    () =>
      job.pages.length === 0
        ? null
        : async (onProgress: (progress: ShareProgress) => void) => ({
            plan: await shareInWorker(job, middles, WORK, onProgress),
          }),
    [job, middles],
  );
  const { found, ...standing } = useSearch(search, stopSharing);
  return { pages, job, plan: (search && found?.plan) ?? null, ...standing };
}
