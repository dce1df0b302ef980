import { jobWith, offeredBy, settledIn } from './middles';
import { shareOut, type ShareProgress } from './shareOut';
import type { Middle, ShareJob, SharePlan, Solver } from './types';

/** Of the work allowed, so much goes into the share-out without middles. */
const FIRST = 2 / 3;

/**
 * A share-out that, where not all pages are made, counts on the paper that its complete pages will hide: a middle cut
 * out of a ground before it is glued is a sheet for another page. It is taken where more pages are made so.
 * @yields the best so far
 */
export function* shareWithMiddles(
  job: ShareJob,
  middles: readonly Middle[],
  solver: Solver | null,
  work: number,
): Generator<ShareProgress> {
  let best: SharePlan | null = null;
  for (const { plan, done } of shareOut(job, solver, work * FIRST)) {
    best = plan;
    yield { plan, done: done * FIRST };
  }
  let told = FIRST;
  for (const whose of ['any', 'made'] as const) {
    if (!best || best.stats.complete === job.pages.length) return;
    const offered = offeredBy(best, job, middles, whose);
    if (offered.length === 0) continue;
    const share = (1 - FIRST) / 2;
    for (const { plan, done } of shareOut(jobWith(job, offered), solver, work * share)) {
      if (plan.stats.complete > best.stats.complete) best = settledIn(plan, offered) ?? best;
      yield { plan: unproved(best, job), done: told + done * share };
    }
    told += share;
  }
}

/** What was proved holds of sheets alone, not of what they hide. */
const unproved = (plan: SharePlan, { pages }: ShareJob): SharePlan => ({
  ...plan,
  stats: {
    ...plan.stats,
    optimal: false,
    bound: { worth: pages.reduce((sum, { worth }) => sum + worth, 0), fresh: 0 },
  },
});
