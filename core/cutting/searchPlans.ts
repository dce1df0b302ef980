import { seededRandom } from '../random';
import { readProblem, type Problem } from './problem';
import { firstPlan, rebuild, type Random } from './rebuild';
import { compareScores, emptyState, scoreOf, type Score, type State } from './state';
import type { CutJob, CutPlan } from './types';
import { writePlan } from './writePlan';

export interface PlanProgress {
  /** The best plan so far. */
  readonly plan: CutPlan;
  /** 0 to 1: how much of the work allowed is done. */
  readonly done: number;
}

/** Judgements of a part for a piece: about ten seconds' worth on an ordinary machine. */
const WORK = 2_000_000;
/** Work between two reports. */
const REPORT = 10_000;
const FIRST_PLANS = 12;

interface Held { readonly state: State; readonly score: Score }

/** How much worse a neighbouring plan may be and still be gone on from; falls as the work is done. */
function isNearEnough(score: Score, than: Score, slack: number, random: Random): boolean {
  if (score[0] !== than[0]) return than[0] - score[0] <= 1 && random() < 0.02;
  if (score[1] !== than[1]) return score[1] >= than[1] * (1 - slack) && random() < 0.3;
  if (score[2] !== than[2]) return than[2] - score[2] <= 1 && random() < 0.02;
  return score[3] >= than[3] * (1 - slack / 4);
}

function firstOf(problem: Problem, spend: (work: number) => void, variants: number): Held {
  return Array.from({ length: variants }, (_, variant) => {
    const state = firstPlan(problem, emptyState(problem), spend, variant);
    return { state, score: scoreOf(problem, state) };
  }).reduce((best, held) => (compareScores(held.score, best.score) > 0 ? held : best));
}

/**
 * Searches for ever better plans: several constructions, largest pieces first, then parts are taken back and cut anew
 * (ruin and recreate, after G. Schrimpf and others, "Record breaking optimization results using the ruin and recreate
 * principle", Journal of Computational Physics 159, 2000). Deterministic: the same job and work give the same plans.
 * @param work how many judgements may be made
 * @yields the first plan at once, then the best so far at even steps of work; it can be left at any of them
 */
export function* searchPlans(job: CutJob, work = WORK): Generator<PlanProgress, CutPlan> {
  const problem = readProblem(job);
  const random = seededRandom(20261101);
  let spent = 0;
  let quiet = 0;
  const spend = (n: number): void => { spent += n; };
  let best = firstOf(problem, spend, 1);
  let plan = writePlan(problem, best.state);
  yield { plan, done: spent / work };
  best = [best, firstOf(problem, spend, FIRST_PLANS)].reduce((a, b) => (compareScores(b.score, a.score) > 0 ? b : a));
  let current = best;
  let reported = 0;
  const copies = job.pieces.reduce((sum, piece) => sum + piece.count, 0);
  const patience = 300 + 20 * Math.min(copies, 100);
  for (let round = 0; spent < work && quiet < patience + round / 2 && copies > 0; round++) {
    spend(1);
    quiet++;
    const state = rebuild(problem, current.state, random, spend);
    const held = { state, score: scoreOf(problem, state) };
    if (compareScores(held.score, best.score) > 0) { best = current = held; quiet = 0; }
    else if (compareScores(held.score, current.score) >= 0 || isNearEnough(held.score, current.score, 0.06 * (1 - spent / work), random)) current = held;
    if (quiet % 200 === 199) current = best;
    if (spent - reported < REPORT) continue;
    reported = spent;
    plan = writePlan(problem, best.state);
    yield { plan, done: Math.min(1, spent / work) };
  }
  plan = writePlan(problem, best.state);
  yield { plan, done: 1 };
  return plan;
}

/** The best plan that the work allowed finds; see {@link searchPlans}. */
export function planCuts(job: CutJob, work = WORK): CutPlan {
  let plan: CutPlan | null = null;
  for (const progress of searchPlans(job, work)) plan = progress.plan;
  return plan!;
}
