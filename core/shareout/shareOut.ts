import { area } from '../geometry';
import { seededRandom } from '../random';
import { readAssignment, writeProgram, type Assignment, type Known, type Question } from './program';
import { sparesOf, isHeld } from './lacking';
import { compareSettled, cutWhole, settle, worthOf, type Settled } from './settle';
import { choicesOf, readTable, type Table } from './table';
import type { ShareJob, SharePlan, Solver } from './types';
import { writeShare } from './writeShare';

export interface ShareProgress {
  /** The best share-out so far. */
  readonly plan: SharePlan;
  /** 0 to 1: how much of the work allowed is done. */
  readonly done: number;
}

/** Judgements of the planner and of the program together: about ten seconds' worth on an ordinary machine. */
const WORK = 1_000_000;
/** What one program counts as: by itself, and for each of its variables; an answer without proof is had for a tenth. */
const PROGRAM = 10_000;
const PER_VARIABLE = 120;
const UNPROVED = 0.1;
/** Judgements for a plan while shares are tried, and for the best at the end. */
const TRIAL = 12_000;
const QUICK = 1_500;
const FINISH = 250_000;
/** Rounds without anything better, after which the search ends; and once worth and fresh sheets are as good as can be. */
const PATIENCE = 40;
const POLISH = 10;
/** Variables past which only the relaxed program is asked, and past which none is. */
const MOST_WHOLE = 4_000;
const MOST_ASKED = 30_000;
/** What is known of assignments is told to the program up to so many. */
const MOST_KNOWN = 40;
/** Share of the paper that all pages take together, from which on only whole assignments are worth trying; how often pages are regrown then, and else. */
const DEALT = 0.95;
const DEALT_REGROWN = 0.1;
const REGROWN = 0.6;
/** Choices of designs tried for a page that is added by itself. */
const FEW_CHOICES = 5;

/** How large the program would be: its choices and its flows of pieces. */
function sizeOf({ allowed, carries, job }: Table): number {
  const choices = allowed.flat().reduce((sum, designs) => sum + designs.length, 0);
  const kinds = new Set(job.pages.flatMap(({ slots }) => slots.map(({ w, h, turn }) => `${w} ${h} ${turn}`))).size;
  return choices + carries.reduce((sum, designs) => sum + designs.length, 0) * kinds;
}

/** Most worth by area alone, the dearest by area first, the last in part: what no share-out can beat. */
function worthByArea({ job, solid, allowed }: Table): number {
  const wants = job.pages.map(({ worth, slots }, p) => ({ worth, area: allowed[p]!.every((designs) => designs.length > 0) ? slots.reduce((sum, slot) => sum + slot.count * area(slot), 0) : Infinity }));
  let room = job.stock.reduce((sum, { count }, k) => sum + count * solid[k]!, 0);
  let worth = 0;
  for (const want of wants.filter((one) => one.area < Infinity).sort((a, b) => b.worth * a.area - a.worth * b.area)) {
    const part = want.area === 0 ? 1 : Math.min(1, room / want.area);
    worth += part * want.worth;
    room -= part * want.area;
    if (part < 1) break;
  }
  return worth;
}

/** Worths come in steps no finer than this: the least difference between two sums of them, where all are whole; else nothing. */
const stepOf = ({ job }: Table): number => (job.pages.every(({ worth }) => Number.isInteger(worth)) ? 1 : 0);

/** A search for the best share-out of one job. Holds what is known so far. */
class Search {
  best: Settled;
  spent = 0;
  worthBound: number;
  private readonly known: Known[] = [];
  /** Assignments tried, with the judgements they were given. */
  private readonly tried = new Map<string, number>();
  private readonly random = seededRandom(20261107);
  private readonly size: number;
  /** The pages together take nearly all paper there is: the parts may come from cutting it up. */
  private readonly isDealt: boolean;
  private readonly swollen = new Map<string, number>();

  constructor(readonly table: Table, private readonly solver: Solver | null) {
    const none = table.job.pages.map(() => null);
    this.best = settle(table, none, 1, this.spend).settled;
    this.worthBound = worthByArea(table);
    this.size = sizeOf(table);
    const wanted = table.job.pages.reduce((sum, page) => sum + sizeOfPage(page), 0);
    const there = table.job.stock.reduce((sum, { count }, k) => sum + count * table.solid[k]!, 0);
    this.isDealt = wanted >= DEALT * there && wanted <= there;
  }

  private readonly spend = (work: number): void => { this.spent += work; };

  /** What the program answers; for bounds, only what it has proved. */
  private ask(question: Question, wants: 'proof' | 'answer'): { objective: number; assignment: Assignment } | null {
    if (!this.solver || this.size > (question.relaxed ? MOST_ASKED : MOST_WHOLE)) return null;
    this.spend(PROGRAM + this.size * PER_VARIABLE * (wants === 'proof' ? 1 : UNPROVED));
    const solved = this.solver(writeProgram(this.table, { known: this.known, ...question }), wants);
    if (!solved || (wants === 'proof' && !solved.isProved)) return null;
    return { objective: solved.objective, assignment: readAssignment(this.table, solved.columns) };
  }

  /** The most worth there can be, from the program, or its relaxation where that is too large. */
  boundWorth(): void {
    const relaxed = this.ask({ aim: 'worth', relaxed: true }, 'proof');
    if (relaxed) this.lowerWorth(relaxed.objective);
    if (this.best.worth >= this.worthBound) return;
    const whole = this.ask({ aim: 'worth' }, 'proof');
    if (whole) this.lowerWorth(whole.objective);
  }

  private lowerWorth(objective: number): void {
    const near = objective + 1e-6 * Math.max(1, Math.abs(objective));
    this.worthBound = Math.min(this.worthBound, stepOf(this.table) > 0 ? Math.floor(near) : near);
  }

  /** The program's own answer: all the worth there can be, with the fewest fresh sheets by area. */
  tryWhole(): void {
    const answer = this.ask({ aim: 'fresh', worth: this.worthBound }, 'answer');
    if (answer) this.try(answer.assignment);
  }

  /** The fewest fresh sheets with which the best's worth could be reached. */
  boundFresh(): number {
    const worth = this.best.worth;
    const relaxed = this.ask({ aim: 'fresh', worth, relaxed: true }, 'proof');
    const bound = relaxed ? Math.ceil(relaxed.objective - 1e-6) : 0;
    if (this.best.plan.stats.fresh <= bound) return bound;
    const whole = this.ask({ aim: 'fresh', worth }, 'proof');
    return Math.max(bound, whole ? Math.ceil(whole.objective - 1e-6) : 0);
  }

  /** Tries an assignment, and remembers what is learnt of it. */
  try(assignment: Assignment, work = TRIAL): boolean {
    const key = JSON.stringify(assignment);
    this.spend(1);
    if ((this.tried.get(key) ?? 0) >= work) return false;
    this.tried.set(key, work);
    const { first, settled } = settle(this.table, assignment, work, this.spend);
    const wanted = first.stats.pieces + first.notCut.length;
    if (this.known.length < MOST_KNOWN && first.stats.bound.pieces < wanted) this.known.push({ assignment, fresh: null });
    else if (this.known.length < MOST_KNOWN && first.notCut.length === 0) this.known.push({ assignment, fresh: first.stats.bound.fresh });
    for (const { id } of first.notCut) this.swollen.set(id, Math.min(1.6, (this.swollen.get(id) ?? 1) + 0.04));
    if (compareSettled(settled, this.best) <= 0) return false;
    this.best = settled;
    return true;
  }

  /** An assignment that the program would have, at a price for each design drawn by lot. */
  private drawn(question: Partial<Question>): Assignment | null {
    const prices = new Map<string, number>();
    const price = (key: string): number => {
      if (!prices.has(key)) prices.set(key, this.random());
      return prices.get(key)!;
    };
    const weigh = this.random() < 0.5;
    const cost = (p: number, s: number, d: number): number => (weigh ? 0.3 : 1) * price(`${p} ${s} ${d}`);
    const swell = (p: number, s: number): number => this.swollen.get(`${p}/${s}`) ?? 1;
    for (const more of [{ swell }, {}]) {
      const answer = this.ask({ aim: 'cost', cost, ...more, ...question }, 'answer');
      if (answer && worthOf(this.table, answer.assignment) >= (question.worth ?? 0) * (1 - 1e-9)) return answer.assignment;
    }
    return null;
  }

  /** Pages that are not made are added one by one, with a few choices each. @param shuffled in an order drawn by lot, else the most worth for their paper first */
  private grown(from: Settled, most: number, shuffled: boolean): Settled {
    const { pages } = this.table.job;
    const weight = pages.map((page) => (page.worth / (1 + sizeOfPage(page))) * (shuffled ? 0.5 + this.random() : 1));
    let now = from;
    for (const p of pages.map((_, i) => i).sort((x, y) => weight[y]! - weight[x]! || x - y)) {
      if (now.assignment[p] || this.spent >= most) continue;
      const spares = sparesOf(this.table, now);
      const held = new Map<string, number>();
      // Designs of which a spare piece holds the slot come first.
      const rank = (s: number, d: number): number => {
        const key = `${s} ${d}`;
        if (!held.has(key)) held.set(key, this.random() + (isHeld(pages[p]!.slots[s]!, this.table.designs[d]!, spares) ? 0 : 1));
        return held.get(key)!;
      };
      for (let n = 0; n < FEW_CHOICES; n++) {
        // Each of the few by ranks of its own: choices next to each other differ in their last slot only.
        held.clear();
        const [choice] = choicesOf(this.table, p, 1, rank);
        if (!choice) break;
        const next = now.assignment.map((own, i) => (i === p ? choice : own));
        const whole = cutWhole(this.table, next, QUICK, this.spend);
        if (whole) { now = whole; break; }
      }
    }
    return now;
  }

  /** Adds whatever pages still can be. */
  addPages(most: number): void {
    this.best = this.grown(this.best, most, false);
  }

  /** A few pages are given up, and others grown in their place: after ruin and recreate. */
  regrow(most: number): boolean {
    const made = this.best.assignment.flatMap((choice, p) => (choice ? [p] : []));
    const gone = new Set(Array.from({ length: 1 + Math.floor(this.random() * Math.min(3, made.length)) }, () => made[Math.floor(this.random() * made.length)]));
    const rest = cutWhole(this.table, this.best.assignment.map((choice, p) => (gone.has(p) ? null : choice)), QUICK, this.spend);
    const grown = rest && this.grown(rest, most, true);
    if (!grown || compareSettled(grown, this.best) <= 0) return false;
    this.best = grown;
    return true;
  }

  /** One slot of a page made is given another design, or a page gives way to another. */
  private changed(): Assignment | null {
    const { pages } = this.table.job;
    const p = Math.floor(this.random() * pages.length);
    const choices = choicesOf(this.table, p, 40, () => this.random());
    if (choices.length === 0) return null;
    const next = [...this.best.assignment];
    next[p] = choices[Math.floor(this.random() * choices.length)]!;
    return next;
  }

  /** Tries something else; whether it was better. */
  step(freshBound: number, most: number): boolean {
    const isShort = this.best.worth < this.worthBound * (1 - 1e-9);
    if (isShort && this.random() < (this.isDealt ? DEALT_REGROWN : REGROWN)) return this.regrow(most);
    const assignment = this.next(freshBound, isShort);
    return assignment !== null && this.try(assignment);
  }

  /** Another assignment that may be better than the best, or null. */
  private next(freshBound: number, isShort: boolean): Assignment | null {
    const { worth, plan } = this.best;
    if (isShort && this.random() < 0.8) {
      const step = stepOf(this.table);
      const wanted = this.random() < 0.5 ? this.worthBound : step > 0 ? worth + step : worth + (this.worthBound - worth) * this.random();
      const drawn = this.drawn({ worth: wanted });
      if (drawn) return drawn;
    }
    if (!isShort && plan.stats.fresh > freshBound && this.random() < 0.7) {
      const drawn = this.drawn({ worth, mostFresh: plan.stats.fresh - 1 });
      if (drawn) return drawn;
    }
    return this.changed();
  }

  /** Whether neither more worth nor fewer fresh sheets are to be had. */
  isProved(freshBound: number): boolean {
    return this.best.worth >= this.worthBound * (1 - 1e-9) && this.best.plan.stats.fresh <= freshBound;
  }

  /** Whether nothing is left that another share-out could do better with: no page, or no paper. */
  isUsedUp(): boolean {
    const { job, solid } = this.table;
    const isMade = this.best.assignment.every((choice) => choice !== null);
    return job.pages.length === 0 || (isMade && this.best.plan.stats.pieceArea >= job.stock.reduce((sum, { count }, k) => sum + count * solid[k]!, 0));
  }

  /** The best is cut as well as the work allows. */
  finish(): void {
    if (!this.isUsedUp()) this.try(this.best.assignment, FINISH);
  }
}

const sizeOfPage = ({ slots }: { readonly slots: readonly { w: number; h: number; count: number }[] }): number => slots.reduce((sum, slot) => sum + slot.count * area(slot), 0);

/**
 * Shares stock out over pages: which pages can be made whole, of which designs, from which sheets. A mixed-integer
 * program over areas says what cannot be beaten and which designs may do; the cutting planner says whether they can be
 * cut; what surely cannot is told to the program (after J. N. Hooker, G. Ottosson, Logic-based Benders decomposition,
 * Mathematical Programming 96, 2003), what could not is asked for with more paper to spare, at prices drawn by lot.
 * @param solver for the program; null: pages are added one by one, bounds are by area
 * @param work judgements allowed
 * @yields the first share-out at once, then better ones; the last is the result
 */
export function* shareOut(job: ShareJob, solver: Solver | null, work = WORK): Generator<ShareProgress, SharePlan> {
  const table = readTable(job);
  const search = new Search(table, solver);
  const write = (fresh = 0): SharePlan => writeShare(table, search.best, { worth: search.worthBound, fresh });
  search.addPages(Math.min(work, WORK) / 3);
  yield { plan: write(), done: search.spent / work };
  search.boundWorth();
  search.tryWhole();
  let freshBound = search.boundFresh();
  const most = work - Math.min(FINISH, work / 4);
  for (let quiet = 0; quiet < (search.isProved(freshBound) ? POLISH : PATIENCE) && search.spent < most && !search.isUsedUp();) {
    if (!search.step(freshBound, most)) { quiet++; continue; }
    quiet = 0;
    search.addPages(most);
    freshBound = search.boundFresh();
    yield { plan: write(freshBound), done: Math.min(1, search.spent / work) };
  }
  search.finish();
  search.boundWorth();
  const plan = write(search.boundFresh());
  yield { plan, done: 1 };
  return plan;
}
