import type { SharePlan } from '../../../core/kit/shareout';

/** What is proved or bounded of a share-out. @param wanted pages asked for */
export function boundWords({ stats }: SharePlan, wanted: number): string {
  if (stats.complete < wanted)
    return stats.worth >= stats.bound.worth
      ? 'No share-out makes more pages of this.'
      : `At most ${Math.floor(stats.bound.worth)} could be made, by area.`;
  return stats.optimal ? 'No share-out opens fewer fresh sheets.' : '';
}
