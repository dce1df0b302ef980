import { seededRandom } from '../../ground/random';
import { beginWith } from './constructions/beginWith';
import type { Effort } from './constructions/place';
import { firstPlan } from './constructions/fill';
import { filledUp } from './constructions/planWith';
import { cutAnew } from './moves/cutAnew';
import { exactly } from './moves/exactly';
import { piecesWithKerf, searchAsCut, withKerf } from './kerf';
import type { Move } from './moves/move';
import { recut } from './moves/recut';
import { fewerFresh } from './moves/squeeze';
import { better, held, type Held } from './parts/held';
import { emptyState } from './parts/state';
import { readProblem, type Problem } from './problem/problem';
import { Search, WORK } from './search';
import type { BegunSheet, CutJob, CutPlan } from './types';
import { trimTogether } from './writing/trimTogether';
import { writePlan } from './writing/writePlan';

export interface PlanProgress {
  /** The best plan so far. */
  readonly plan: CutPlan;
  /** 0 to 1: how much of the work allowed is done. */
  readonly done: number;
}

/** Work between two reports. */
const REPORT = 10_000;
const FIRST_PLANS = 12;
/** After so many rounds without a better plan it is gone on from the best. */
const BACK_TO_BEST = 200;

/** What is tried each round, in this order, where it is due. */
const MOVES: readonly Move[] = [exactly, fewerFresh, cutAnew];

function firstOf(problem: Problem, effort: Effort, variants: number): Held {
  return Array.from({ length: variants }, (_, variant) =>
    held(problem, firstPlan(problem, emptyState(problem), effort, variant)),
  ).reduce(better);
}

/** Rounds without a better plan that are enough, to begin with. */
const patienceFor = (copies: number): number => 300 + 20 * Math.min(copies, 100);

/** What a round costs by itself, whatever is tried in it. */
const costOfRound = ({ best, problem }: Search): number =>
  1 + Math.floor((best.state.sheets.length + problem.items.length) / 12);

/**
 * Searches for ever better plans: several constructions, largest pieces first; exact searches from below, for one sheet
 * and for sheets that are filled without waste; then parts are taken back and cut anew (ruin and recreate, after
 * G. Schrimpf and others, "Record breaking optimization results using the ruin and recreate principle", Journal of
 * Computational Physics 159, 2000). Deterministic: the same job and work give the same plans.
 * @param work how many judgements may be made
 * @param isOver asked often: whether it is to end with the best so far, by a clock, say
 * @param begun a plan found elsewhere, that the result is at least as good as
 * @yields the first plan at once, then the best so far at even steps of work; it can be left at any of them
 */
export function* searchPlans(
  job: CutJob,
  work = WORK,
  isOver: () => boolean = () => false,
  begun: readonly BegunSheet[] | null = null,
): Generator<PlanProgress, CutPlan> {
  const { kerf = 0 } = job;
  if (kerf === 0) return yield* searchWithoutKerf(job, work, isOver, begun);
  const larger: CutJob = { ...withKerf(job), pieces: piecesWithKerf(job.pieces, kerf) };
  return yield* searchAsCut(searchWithoutKerf(larger, work, isOver, begun), job);
}

function* searchWithoutKerf(
  job: CutJob,
  work: number,
  isOver: () => boolean,
  begun: readonly BegunSheet[] | null,
): Generator<PlanProgress, CutPlan> {
  const problem = readProblem(job);
  const search = new Search(problem, seededRandom(20261101), work, isOver, (effort) =>
    begun ? filledUp(problem, beginWith(problem, begun), effort) : firstOf(problem, effort, 1),
  );
  const write = (): CutPlan => writePlan(problem, trimTogether(problem, search.best.state), search.bounds());
  yield { plan: write(), done: search.spent / work };
  // A very large job leaves time for few constructions.
  const variants = Math.min(FIRST_PLANS, Math.floor(Math.min(work, WORK) / 8 / Math.max(1, search.spent)));
  if (variants > 1) search.take(firstOf(problem, search.effort, variants));
  let reported = 0;
  const copies = job.pieces.reduce((sum, piece) => sum + piece.count, 0);
  const patience = patienceFor(copies);
  for (let round = 0; !search.isOver() && search.quiet < patience + round / 2 && copies > 0; round++) {
    search.spend(costOfRound(search));
    search.quiet++;
    const at = { round, patience, copies };
    for (const move of MOVES) if (move.isDue(search, at)) move.make(search, at);
    if (search.quiet % BACK_TO_BEST === BACK_TO_BEST - 1) search.current = search.best;
    if (search.spent - reported < REPORT) continue;
    reported = search.spent;
    yield { plan: write(), done: Math.min(1, search.spent / work) };
  }
  search.take(held(problem, recut(problem, search.best.state, isOver)));
  const plan = write();
  yield { plan, done: 1 };
  return plan;
}

/** The best plan that the work allowed finds, for searches that must be left in time. @yields wherever it can be */
export function* planInSteps(job: CutJob, work: number): Generator<undefined, CutPlan> {
  const search = searchPlans(job, work);
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) return step.value;
    yield;
  }
}

/** The best plan that the work allowed finds; see {@link searchPlans}. */
export function planCuts(job: CutJob, work = WORK): CutPlan {
  const search = searchPlans(job, work);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}
