import { useCallback, useMemo } from 'react';
import { DESIGNS } from '../../../core/page/design';
import type { DesignsRanked, RankedDesign } from '../../../core/page/papers';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useTrimmer } from '../../data/settings';
import { useSearch } from '../../ui/useSearch';
import { rankInWorker, stopPlanning } from '../../workers/planningClient';
import type { PageWork } from './usePageWork';

export type Candidate = Pick<RankedDesign, 'design' | 'own'>;

/** The page's photos in every design, hers among them, in papers that are there: the best first, as they are found. */
export function useRankedDesigns(page: Page, { stock, colours }: PageWork) {
  const { designs, faces } = useBench((b) => b);
  const trimmer = useTrimmer();
  const candidates = useMemo(
    (): Candidate[] => [
      ...DESIGNS.map(({ id }) => ({ design: id })),
      ...[...designs.values()].map((own) => ({ design: own.id, own })),
    ],
    [designs],
  );
  const search = useCallback(
    (onProgress: (progress: DesignsRanked) => void) => {
      const { format, photos, mat } = page;
      return rankInWorker(
        { page: { format, photos, mat }, designs: candidates, faces: [...faces.values()], stock, colours, trimmer },
        onProgress,
      );
    },
    [page, candidates, faces, stock, colours, trimmer],
  );
  const { found, ...standing } = useSearch(search, stopPlanning);
  const ranked = found?.ranked;
  const others = useMemo(
    () => candidates.filter(({ design }) => !ranked?.some((one) => one.design === design)),
    [candidates, ranked],
  );
  return { ranked: ranked ?? [], others, ...standing };
}

/** A page as a design would have it, nothing of what was moved in the one before. */
export const inDesign = (page: Page, candidate: Candidate) => ({
  ...page,
  options: {},
  moves: {},
  own: undefined,
  ...candidate,
});
