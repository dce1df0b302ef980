import { nth } from '../nth';
import { seededRandom } from '../random';
import { boundsOf, type Bounds } from './proofs/bounds';
import { eachSheetAnew } from './moves/eachSheetAnew';
import { better, compare, held, type Held } from './parts/held';
import { beginWith } from './constructions/beginWith';
import { filledUp, planWith } from './constructions/planWith';
import { Joins, JOINS } from './proofs/joins';
import { perfectSheets, type Filled } from './constructions/perfectSheets';
import { readProblem, type Problem } from './problem/problem';
import { prove, type Proof } from './proofs/prove';
import { slabBySlab } from './constructions/slabBySlab';
import { firstPlan, type Random } from './constructions/fill';
import { rebuild } from './moves/rebuild';
import { withoutOneFresh } from './moves/squeeze';
import { recut } from './moves/recut';
import { emptyState, type Score } from './parts/state';
import type { BegunSheet, CutJob, CutPlan } from './types';
import { writePlan } from './writing/writePlan';

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
/** Work before the exact searches are tried: what they must beat is then good. */
const WARM_UP = 60_000;
/** Shares of all work that the exact searches may take. */
const PROOF_SHARE = 3 / 4;
const PERFECT_SHARE = 3 / 5;
/** Where one sheet is to be filled, hardly anything else can be tried. */
const ONE_SHEET_SHARE = 1;
const ANEW_SHARE = 1 / 10;

/** After so many rounds a plan without one of the fresh sheets is sought. */
const SQUEEZES = 60;

/** Share of the paper that pieces take, past which sheets filled without waste are looked for. */
const TIGHT = 0.97;
/** The same where sheets have gaps: what whole ones would have over says little. */
const TIGHT_BESIDE_GAPS = 0.88;

/** Up to so many pieces every plan that is tried is cut anew as well as can be; beyond, only those that are better. */
const FEW = 6;
/** Kinds of pieces past which builds, which count each kind, grow too large. */
const MOST_ITEMS = 150;

/** How much worse a neighbouring plan may be and still be gone on from; falls as the work is done. */
function isNearEnough(score: Score, than: Score, slack: number, random: Random): boolean {
  if (score[0] !== than[0]) return than[0] - score[0] <= 1 && random() < 0.02;
  if (score[1] !== than[1]) return score[1] >= than[1] * (1 - slack) && random() < 0.3;
  if (score[2] !== than[2]) return than[2] - score[2] <= 1 && random() < 0.02;
  return score[3] >= than[3] * (1 - slack / 4);
}

function firstOf(problem: Problem, spend: (work: number) => void, variants: number): Held {
  return Array.from({ length: variants }, (_, variant) =>
    held(problem, firstPlan(problem, emptyState(problem), spend, variant)),
  ).reduce(better);
}

/**
 * Whether the pieces leave so little of the paper over, with as few fresh sheets as may do, that sheets must be filled
 * to the edges.
 */
function isTight(problem: Problem, { fresh }: Bounds, withOptional: boolean): boolean {
  const sheets = problem.kinds
    .flatMap(({ stock, solid }) =>
      Array.from({ length: Math.min(stock.count, fresh) }, () => (stock.fresh ? solid : 0)),
    )
    .sort((a, b) => b - a);
  const opened = problem.kinds.reduce((sum, { stock, solid }) => sum + (stock.fresh ? 0 : stock.count * solid), 0);
  const room = sheets.slice(0, fresh).reduce((sum, area) => sum + area, opened);
  const wanted = problem.items.reduce(
    (sum, { w, h, count, optional }) => sum + (optional && !withOptional ? 0 : count * w * h),
    0,
  );
  const tight = problem.kinds.some(({ holes }) => holes.length > 0) ? TIGHT_BESIDE_GAPS : TIGHT;
  return wanted >= tight * room && (!withOptional || wanted <= room);
}

/** The one sheet that the pieces fill from edge to edge, put together slab by slab; null where it is not so. */
function oneSheetFilled(
  problem: Problem,
  random: Random,
  spend: (joins: number) => boolean,
  withOptional: boolean,
): Filled[] | null {
  const left = problem.items.map(({ optional, count }) => (optional && !withOptional ? 0 : count));
  const area = problem.items.reduce((sum, { w, h }, i) => sum + nth(left, i) * w * h, 0);
  const kind = problem.kinds.findIndex(
    ({ w, h, holes }, k) =>
      w * h === area &&
      holes.length === 0 &&
      Math.max(w, h) <= problem.longestCut &&
      nth(problem.servings, k).every((serving, i) => serving !== null || left[i] === 0),
  );
  if (kind < 0) return null;
  const build = slabBySlab(problem, kind, left, random, spend);
  return build ? [{ kind, build }] : [];
}

/** Sheets that can be filled without waste. */
function fillPerfectly(
  problem: Problem,
  random: Random,
  joins: (share: number) => Joins,
  spend: (work: number) => void,
  withOptional: boolean,
): Held | null {
  const allowed = { one: joins(ONE_SHEET_SHARE), several: joins(PERFECT_SHARE) };
  const filled =
    oneSheetFilled(problem, random, allowed.one.spend, withOptional) ??
    perfectSheets(problem, random, allowed.several.spend, withOptional);
  spend(allowed.one.work + allowed.several.work);
  return filled.length === 0 ? null : planWith(problem, filled, spend);
}

/** The bounds by area, sharpened by what was proved. */
function sharpened(problem: Problem, { score }: Held, proof: Proof | null): Bounds {
  const plain = boundsOf(problem, { pieces: score[0], value: score[1] });
  const value = proof?.bounds.value;
  return {
    pieces: Math.min(plain.pieces, proof?.bounds.pieces ?? Infinity),
    value: value === undefined ? plain.value : Math.min(plain.value, Math.max(value, score[1])),
    fresh: Math.max(plain.fresh, proof?.bounds.fresh ?? 0),
  };
}

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
  const problem = readProblem(job);
  const random = seededRandom(20261101);
  let spent = 0;
  let quiet = 0;
  const spend = (n: number): void => {
    spent += n;
  };
  let best = begun ? filledUp(problem, beginWith(problem, begun), spend) : firstOf(problem, spend, 1);
  let proof: Proof | null = null;
  const bounds = (): Bounds => sharpened(problem, best, proof);
  const write = (): CutPlan => writePlan(problem, best.state, bounds());
  yield { plan: write(), done: spent / work };
  // A very large job leaves time for few constructions.
  const variants = Math.min(FIRST_PLANS, Math.floor(Math.min(work, WORK) / 8 / Math.max(1, spent)));
  if (variants > 1) best = better(best, firstOf(problem, spend, variants));
  let current = best;
  let reported = 0;
  const copies = job.pieces.reduce((sum, piece) => sum + piece.count, 0);
  const patience = 300 + 20 * Math.min(copies, 100);
  for (let round = 0; spent < work && quiet < patience + round / 2 && copies > 0 && !isOver(); round++) {
    spend(1 + Math.floor((best.state.sheets.length + problem.items.length) / 12));
    quiet++;
    if (proof === null && problem.items.length <= MOST_ITEMS && (spent > WARM_UP || quiet > patience / 2)) {
      const joins = (share: number): Joins => new Joins(Math.min(work, WORK) * JOINS * share, isOver);
      // Where all that is optional has room too, it is cut like the rest.
      const withOptional = problem.items.some(({ optional }) => optional) && isTight(problem, bounds(), true);
      const filled =
        withOptional || isTight(problem, bounds(), false)
          ? fillPerfectly(problem, random, joins, spend, withOptional)
          : null;
      proof = prove(problem, better(best, filled ?? best), joins(PROOF_SHARE), spend);
      const anew = eachSheetAnew(problem, better(best, proof.plan ?? best), joins(ANEW_SHARE), spend);
      for (const plan of [proof.plan, filled, anew])
        if (plan && compare(plan, best) > 0) {
          best = current = plan;
          quiet = 0;
        }
    }
    if (round % SQUEEZES === SQUEEZES - 1 && best.score[2] < -bounds().fresh) {
      const fewer = withoutOneFresh(problem, best, random, spend, () => spent >= work || isOver());
      if (compare(fewer, best) > 0) {
        best = current = fewer;
        quiet = 0;
      }
    }
    const tried = rebuild(problem, current.state, random, spend);
    const next = held(problem, copies <= FEW ? recut(problem, tried, isOver) : tried);
    if (compare(next, best) > 0) {
      best = current = better(next, held(problem, recut(problem, next.state, isOver)));
      quiet = 0;
    } else if (
      compare(next, current) >= 0 ||
      isNearEnough(next.score, current.score, 0.06 * (1 - Math.min(1, spent / work)), random)
    )
      current = next;
    if (quiet % 200 === 199) current = best;
    if (spent - reported < REPORT) continue;
    reported = spent;
    yield { plan: write(), done: Math.min(1, spent / work) };
  }
  best = better(best, held(problem, recut(problem, best.state, isOver)));
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
