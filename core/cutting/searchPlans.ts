import { seededRandom } from '../random';
import { layBuild } from './build';
import { boundsOf, type Bounds } from './bounds';
import { exactPlan } from './exactPlan';
import { exactSheet } from './exactSheet';
import { wholeSheet, withoutIdleCuts } from './part';
import { perfectSheets, type Filled } from './perfectSheets';
import { readProblem, type Problem } from './problem';
import { closeOne, fill, firstPlan, rebuild, squeeze, type Random } from './rebuild';
import { recut } from './recut';
import { compareScores, copyState, emptyState, makeSheet, mustArea, scoreOf, type Score, type State } from './state';
import type { CutJob, CutPlan, Preference } from './types';
import type { Unlimited } from './unlimited';
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
/** Work before the exact searches are tried: what they must beat is then good. */
const WARM_UP = 60_000;
/** Joins of builds that cost as much as one judgement. */
const JOINS = 20;
/** Shares of all work that the exact searches may take. */
const PROOF_SHARE = 3 / 4;
const PERFECT_SHARE = 3 / 5;

/** After so many rounds a fresh sheet is closed, and so many rounds are then spent on doing without it. */
const SQUEEZES = 60;
const SQUEEZE_ROUNDS = 120;

/** Share of the paper that pieces take, past which sheets filled without waste are looked for. */
const TIGHT = 0.97;

/** Up to so many pieces every plan that is tried is cut anew as well as can be; beyond, only those that are better. */
const FEW = 6;
/** Kinds of pieces past which builds, which count each kind, grow too large. */
const MOST_ITEMS = 150;

interface Held { readonly state: State; readonly score: Score; readonly prefer: Preference | undefined }

/** How much worse a neighbouring plan may be and still be gone on from; falls as the work is done. */
function isNearEnough(score: Score, than: Score, slack: number, random: Random): boolean {
  if (score[0] !== than[0]) return than[0] - score[0] <= 1 && random() < 0.02;
  if (score[1] !== than[1]) return score[1] >= than[1] * (1 - slack) && random() < 0.3;
  if (score[2] !== than[2]) return than[2] - score[2] <= 1 && random() < 0.02;
  return score[3] >= than[3] * (1 - slack / 4);
}

/** Over 0 where `a` is the better plan. */
const compare = (a: Held, b: Held): number => compareScores(a.score, b.score, a.prefer);
const better = (a: Held, b: Held): Held => (compare(b, a) > 0 ? b : a);
const held = (problem: Problem, state: State): Held => ({ state, score: scoreOf(problem, state), prefer: problem.job.prefer });

function firstOf(problem: Problem, spend: (work: number) => void, variants: number): Held {
  return Array.from({ length: variants }, (_, variant) => held(problem, firstPlan(problem, emptyState(problem), spend, variant))).reduce(better);
}

/** The plan with whatever else still has room. */
function filledUp(problem: Problem, state: State, spend: (work: number) => void): Held {
  const rest = copyState(state);
  fill(problem, rest, { rule: 'keep', blocks: true, noise: () => 1, shut: null, mostFresh: Infinity, spend }, 0, null);
  return held(problem, rest);
}

/** A plan with these sheets, and whatever else then still has room. */
function planWith(problem: Problem, filled: readonly Filled[], spend: (work: number) => void): Held {
  const state = emptyState(problem);
  for (const { kind, build } of filled) {
    state.sheets.push(makeSheet(problem, kind, layBuild(wholeSheet(problem.kinds[kind]!), build)));
    state.opened[kind]!++;
    build.counts.forEach((n, i) => { state.left[i]! -= n; });
  }
  return filledUp(problem, state, spend);
}

/** A limit on joins: counts them, and says whether more may be tried. */
class Joins {
  private tried = 0;

  constructor(private readonly most: number) {}

  readonly spend = (n: number): boolean => (this.tried += n) < this.most;

  /** What they cost, in judgements. */
  get work(): number { return Math.ceil(this.tried / JOINS); }
}

interface Proof { readonly plan: Held | null; readonly bounds: Partial<Bounds> }

/** Very small jobs are tried out whole; of others, a single sheet is proved. */
function prove(problem: Problem, best: Held, joins: Joins, spend: (work: number) => void): Proof {
  const state = exactPlan(problem);
  if (!state) return proveOneSheet(problem, best, joins, spend);
  const plan = held(problem, state);
  return { plan, bounds: { pieces: plan.score[0], value: plan.score[1], fresh: -plan.score[2] } };
}

/** One whole sheet: the exact search, with a piece that must be cut worth more than all optional ones together. */
function proveOneSheet(problem: Problem, best: Held, joins: Joins, spend: (work: number) => void): Proof {
  const [kind] = problem.kinds;
  const isOne = problem.kinds.length === 1 && kind!.stock.count === 1 && kind!.holes.length === 0 && Math.max(kind!.w, kind!.h) <= problem.longestCut;
  if (!isOne) return { plan: null, bounds: {} };
  const optional = problem.items.reduce((sum, item) => sum + (item.optional ? item.count * item.value : 0), 0);
  const must = problem.items.every((item) => item.optional) ? 0 : Math.floor(optional) + 1;
  const worth = problem.items.map((item) => (item.optional ? item.value : must));
  let plan = best;
  const reachedBy = ({ score }: Held): number => must * score[0] + score[1];
  const onTable = (table: Unlimited): number => {
    const left = problem.items.map(({ count }) => count);
    const tree = withoutIdleCuts(table.lay(wholeSheet(kind!), left));
    plan = better(plan, filledUp(problem, { sheets: tree.cut || tree.use ? [makeSheet(problem, 0, tree)] : [], left, opened: [tree.cut || tree.use ? 1 : 0] }, spend));
    return reachedBy(plan);
  };
  const answer = exactSheet(problem, 0, problem.items.map(({ count }) => count), worth, reachedBy(best), joins.spend, onTable);
  spend(joins.work);
  if (!answer) return { plan: null, bounds: {} };
  const pieces = must === 0 ? 0 : Math.floor(answer.bound / must + 1e-9);
  if (answer.build) plan = better(plan, planWith(problem, [{ kind: 0, build: answer.build }], spend));
  const reached = plan.score[0];
  return { plan, bounds: { pieces, ...(pieces === reached ? { value: answer.bound - pieces * must } : {}) } };
}

/** Whether the pieces leave so little of the paper over, with as few fresh sheets as may do, that sheets must be filled to the edges. */
function isTight(problem: Problem, { fresh }: Bounds): boolean {
  const sheets = problem.kinds.flatMap(({ stock, solid }) => Array.from({ length: Math.min(stock.count, fresh) }, () => (stock.fresh ? solid : 0))).sort((a, b) => b - a);
  const opened = problem.kinds.reduce((sum, { stock, solid }) => sum + (stock.fresh ? 0 : stock.count * solid), 0);
  const room = sheets.slice(0, fresh).reduce((sum, area) => sum + area, opened);
  const wanted = problem.items.reduce((sum, { w, h, count, optional }) => sum + (optional ? 0 : count * w * h), 0);
  return wanted >= TIGHT * room;
}

/** Several sheets: those that can be filled without waste. */
function fillPerfectly(problem: Problem, random: Random, joins: Joins, spend: (work: number) => void): Held | null {
  const filled = perfectSheets(problem, random, joins.spend);
  spend(joins.work);
  return filled.length === 0 ? null : planWith(problem, filled, spend);
}

/**
 * A plan with a fresh sheet less: one is closed, and its pieces are squeezed in among the others, some of which stay
 * uncut on the way; nearer is what cuts more area.
 */
function squeezed(problem: Problem, from: Held, random: Random, spend: (work: number) => void, isOver: () => boolean): Held {
  const mostFresh = -from.score[2] - 1;
  let state = closeOne(problem, from.state, random);
  let area = mustArea(problem, state);
  for (let round = 0; round < SQUEEZE_ROUNDS && !isOver(); round++) {
    spend(1);
    const next = squeeze(problem, state, mostFresh, random, spend);
    const own = mustArea(problem, next);
    if (own < area * (1 - 0.01 * random() * (1 - round / SQUEEZE_ROUNDS))) continue;
    state = next;
    area = own;
    const now = held(problem, state);
    if (compare(now, from) > 0) return now;
  }
  return from;
}

/** The bounds by area, sharpened by what was proved. */
function sharpened(problem: Problem, { score }: Held, proof: Proof | null): Bounds {
  const plain = boundsOf(problem, score[0]);
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
 * @yields the first plan at once, then the best so far at even steps of work; it can be left at any of them
 */
export function* searchPlans(job: CutJob, work = WORK): Generator<PlanProgress, CutPlan> {
  const problem = readProblem(job);
  const random = seededRandom(20261101);
  let spent = 0;
  let quiet = 0;
  const spend = (n: number): void => { spent += n; };
  let best = firstOf(problem, spend, 1);
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
  for (let round = 0; spent < work && quiet < patience + round / 2 && copies > 0; round++) {
    spend(1 + Math.floor((best.state.sheets.length + problem.items.length) / 12));
    quiet++;
    if (proof === null && problem.items.length <= MOST_ITEMS && (spent > WARM_UP || quiet > patience / 2)) {
      const most = Math.min(work, WORK) * JOINS;
      proof = prove(problem, best, new Joins(most * PROOF_SHARE), spend);
      const filled = isTight(problem, bounds()) ? fillPerfectly(problem, random, new Joins(most * PERFECT_SHARE), spend) : null;
      for (const plan of [proof.plan, filled]) if (plan && compare(plan, best) > 0) { best = current = plan; quiet = 0; }
    }
    if (round % SQUEEZES === SQUEEZES - 1 && best.score[2] < -bounds().fresh) {
      const fewer = squeezed(problem, best, random, spend, () => spent >= work);
      if (compare(fewer, best) > 0) { best = current = fewer; quiet = 0; }
    }
    const tried = rebuild(problem, current.state, random, spend);
    const next = held(problem, copies <= FEW ? recut(problem, tried) : tried);
    if (compare(next, best) > 0) { best = current = better(next, held(problem, recut(problem, next.state))); quiet = 0; }
    else if (compare(next, current) >= 0 || isNearEnough(next.score, current.score, 0.06 * (1 - Math.min(1, spent / work)), random)) current = next;
    if (quiet % 200 === 199) current = best;
    if (spent - reported < REPORT) continue;
    reported = spent;
    yield { plan: write(), done: Math.min(1, spent / work) };
  }
  best = better(best, held(problem, recut(problem, best.state)));
  const plan = write();
  yield { plan, done: 1 };
  return plan;
}

/** The best plan that the work allowed finds; see {@link searchPlans}. */
export function planCuts(job: CutJob, work = WORK): CutPlan {
  let plan: CutPlan | null = null;
  for (const progress of searchPlans(job, work)) plan = progress.plan;
  return plan!;
}
