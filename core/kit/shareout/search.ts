import { area } from '../../ground/geometry';
import { seededRandom } from '../../ground/random';
import { readAssignment, writeProgram, type Assignment, type Known, type Question } from './program';
import { Dealer } from './dealing/dealer';
import { compareSettled, cutBetter, settle, settleDealt, settleNone, worthOf, type Settled } from './settle';
import { choicesOf, readTable, type Table } from './table';
import { leaning } from './taste';
import type { Solved } from '../../ground/program';
import type { ShareJob, SharePage, Solver } from './types';
import { heldIn } from '../../ground/heldIn';
import { nth } from '../../ground/nth';

/** What one program counts as: by itself, and for each of its variables, relaxed or whole, with a proof or without. */
const PROGRAM = 2_000;
const PER_VARIABLE = { relaxed: 5, proof: 30, answer: 30 } as const;
/** Judgements for a plan while shares are tried. */
const TRIAL = 12_000;
/** Variables past which only the relaxed program is asked, and past which none is. */
const MOST_WHOLE = 4_000;
const MOST_ASKED = 30_000;
/** Pieces past which the best is left as it was cut. */
const MOST_RECUT = 3_000;
/** What is known of assignments is told to the program up to so many. */
const MOST_KNOWN = 40;
/** Work between two looks up from dealing; rounds of it in one step of the search. */
const LOOK_UP = 3_000;
const DEALT = 1_000;
/** Share of the work that dealing has while worth is to be had, and then. */
const DEALS = { short: 0.85, then: 0.3 } as const;
/** What dealing takes for one judgement of the planner. */
const PARTS = 40;

/** Paper that a page takes. */
const sizeOfPage = ({ slots }: SharePage): number => slots.reduce((sum, slot) => sum + slot.count * area(slot), 0);

/** How large the program would be: its choices and its flows of pieces. */
function sizeOf({ allowed, carries, job }: Table): number {
  const choices = allowed.flat().reduce((sum, designs) => sum + designs.length, 0);
  const kinds = new Set(job.pages.flatMap(({ slots }) => slots.map(({ w, h, turn }) => `${w} ${h} ${turn}`))).size;
  return choices + carries.reduce((sum, designs) => sum + designs.length, 0) * kinds;
}

/** Most worth by area alone, the dearest by area first, the last in part: what no share-out can beat. */
function worthByArea({ job, solid, allowed }: Table): number {
  const wants = job.pages.map((page, p) => ({
    worth: page.worth,
    area: nth(allowed, p).every((designs) => designs.length > 0) ? sizeOfPage(page) : Infinity,
  }));
  let room = job.stock.reduce((sum, { count }, k) => sum + count * nth(solid, k), 0);
  let worth = 0;
  for (const want of wants.filter((one) => one.area < Infinity).sort((a, b) => b.worth * a.area - a.worth * b.area)) {
    const part = want.area === 0 ? 1 : Math.min(1, room / want.area);
    worth += part * want.worth;
    room -= part * want.area;
    if (part < 1) break;
  }
  return worth;
}

/**
 * Worths come in steps no finer than this: the least difference between two sums of them, where all are whole; else
 * nothing.
 */
const stepOf = ({ job }: Table): number => (job.pages.every(({ worth }) => Number.isInteger(worth)) ? 1 : 0);

/** A search for the best share-out of one job. Holds what is known so far, and counts the work. */
export class Search {
  readonly table: Table;
  best: Settled;
  spent = 0;
  worthBound: number;
  private readonly known: Known[] = [];
  /** Assignments tried, with the judgements they were given. */
  private readonly tried = new Map<string, number>();
  private readonly random = seededRandom(20261107);
  private readonly size: number;
  private readonly lean: (page: number, slot: number, design: number) => number;
  private readonly dealer: Dealer;
  private spentDealing = 0;
  private readonly swollen = new Map<string, number>();
  /** Aims of whole programs that the solver could not end. */
  private readonly tooHard = new Set<Question['aim']>();

  constructor(
    job: ShareJob,
    private readonly solver: Solver | null,
    readonly isOver: () => boolean = () => false,
  ) {
    const table = readTable(job);
    this.table = table;
    this.best = settleNone(table, this.effort);
    this.worthBound = worthByArea(table);
    this.size = sizeOf(table);
    this.lean = leaning(table);
    this.dealer = new Dealer(table, this.lean, (parts) => this.spend(parts / PARTS));
  }

  private readonly spend = (work: number): void => {
    this.spent += work;
  };
  private readonly effort = { spend: this.spend, isOver: () => this.isOver() };

  private solve(question: Question, wants: 'proof' | 'answer'): Solved | null {
    if (!this.solver || this.isOver() || this.size === 0 || this.size > (question.relaxed ? MOST_ASKED : MOST_WHOLE))
      return null;
    this.spend(PROGRAM + this.size * PER_VARIABLE[question.relaxed ? 'relaxed' : wants]);
    return this.solver(writeProgram(this.table, { known: this.known, ...question }), wants);
  }

  /** An assignment that the program would have; null: it found none. */
  private ask(question: Question): Assignment | null {
    const columns = this.solve(question, 'answer')?.columns;
    return columns ? readAssignment(this.table, columns) : null;
  }

  /** What no answer of the program can beat; asked whole only once where that was too much for it. */
  private bound(question: Question): number | null {
    if (!question.relaxed && this.tooHard.has(question.aim)) return null;
    const solved = this.solve(question, 'proof');
    if (!question.relaxed && solved && !solved.isProved) this.tooHard.add(question.aim);
    return solved?.bound ?? null;
  }

  /** The most worth there can be, from the program, or its relaxation where that is too large. */
  boundWorth(): void {
    const relaxed = this.bound({ aim: 'worth', relaxed: true });
    if (relaxed !== null) this.lowerWorth(relaxed);
    if (this.best.worth >= this.worthBound) return;
    const whole = this.bound({ aim: 'worth' });
    if (whole !== null) this.lowerWorth(whole);
  }

  private lowerWorth(objective: number): void {
    const near = objective + 1e-6 * Math.max(1, Math.abs(objective));
    this.worthBound = Math.min(this.worthBound, stepOf(this.table) > 0 ? Math.floor(near) : near);
  }

  /** The program's own answer: all the worth there can be, with the fewest fresh sheets by area. */
  tryWhole(): void {
    const answer = this.ask({ aim: 'fresh', worth: this.worthBound });
    if (answer) this.try(answer);
  }

  /** The fewest fresh sheets with which the best's worth could be reached. */
  boundFresh(): number {
    const worth = this.best.worth;
    const least = (bound: number | null): number => (bound === null ? 0 : Math.max(0, Math.ceil(bound - 1e-6)));
    const relaxed = least(this.bound({ aim: 'fresh', worth, relaxed: true }));
    if (this.best.plan.stats.fresh <= relaxed) return relaxed;
    return Math.max(relaxed, least(this.bound({ aim: 'fresh', worth })));
  }

  /** Tries an assignment, and remembers what is learnt of it. */
  try(assignment: Assignment, work = TRIAL): boolean {
    const key = JSON.stringify(assignment);
    this.spend(1);
    if ((this.tried.get(key) ?? 0) >= work) return false;
    this.tried.set(key, work);
    const { first, settled } = settle(this.table, assignment, work, this.effort);
    const wanted = first.stats.pieces + first.notCut.length;
    if (this.known.length < MOST_KNOWN && first.stats.bound.pieces < wanted)
      this.known.push({ assignment, fresh: null });
    else if (this.known.length < MOST_KNOWN && first.notCut.length === 0)
      this.known.push({ assignment, fresh: first.stats.bound.fresh });
    for (const { id } of first.notCut) this.swollen.set(id, Math.min(1.6, (this.swollen.get(id) ?? 1) + 0.04));
    if (!settled || compareSettled(settled, this.best) <= 0) return false;
    this.best = settled;
    return true;
  }

  /** An assignment that the program would have, at a price for each design drawn by lot. */
  private drawn(question: Partial<Question>): Assignment | null {
    const prices = new Map<string, number>();
    const price = (key: string): number => {
      if (!prices.has(key)) prices.set(key, this.random());
      return heldIn(prices, key);
    };
    const weigh = this.random() < 0.5;
    const cost = (p: number, s: number, d: number): number =>
      (weigh ? 0.3 : 1) * price(`${p} ${s} ${d}`) + this.lean(p, s, d);
    const swell = (p: number, s: number): number => this.swollen.get(`${p}/${s}`) ?? 1;
    for (const more of [{ swell }, {}]) {
      const answer = this.ask({ aim: 'cost', cost, ...more, ...question });
      if (answer && worthOf(this.table, answer) >= (question.worth ?? 0) * (1 - 1e-9)) return answer;
    }
    return null;
  }

  /** Deals on for some rounds, until so much is spent, and takes what is better. @yields often */
  *deal(rounds: number, most: number): Generator<void, boolean> {
    const before = this.spent;
    let isBetter = false;
    for (
      let [n, seen] = [0, before];
      n < rounds && this.spent < most && !this.isOver() && !this.dealer.isPerfect;
      n++
    ) {
      if (this.dealer.round()) isBetter = true;
      if (this.spent - seen < LOOK_UP) continue;
      seen = this.spent;
      yield;
    }
    this.spentDealing += this.spent - before;
    if (!isBetter) return false;
    const dealt = settleDealt(this.table, this.dealer.dealt(), this.effort);
    if (compareSettled(dealt, this.best) <= 0) return false;
    this.best = dealt;
    return true;
  }

  /** One slot of a page made is given another design, or a page gives way to another. */
  private changed(): Assignment | null {
    const { pages } = this.table.job;
    const p = Math.floor(this.random() * pages.length);
    const choices = choicesOf(this.table, p, 40, (s, d) => this.random() + this.lean(p, s, d));
    if (choices.length === 0) return null;
    const next = [...this.best.assignment];
    next[p] = nth(choices, Math.floor(this.random() * choices.length));
    return next;
  }

  /** Tries something else; whether it was better. @yields often */
  *step(freshBound: number, most: number): Generator<void, boolean> {
    const { isShort } = this;
    const share = isShort ? DEALS.short : DEALS.then;
    if (this.spentDealing <= share * this.spent && !this.dealer.isPerfect) return yield* this.deal(DEALT, most);
    const assignment = this.next(freshBound);
    if (assignment) return this.try(assignment);
    return this.dealer.isPerfect ? false : yield* this.deal(DEALT, most);
  }

  /** Another assignment that may be better than the best, or null. */
  private next(freshBound: number): Assignment | null {
    const { isShort } = this;
    const { worth, plan } = this.best;
    if (isShort) {
      const step = stepOf(this.table);
      const wanted =
        this.random() < 0.5
          ? this.worthBound
          : step > 0
            ? worth + step
            : worth + (this.worthBound - worth) * this.random();
      return this.drawn({ worth: wanted });
    }
    if (!isShort && plan.stats.fresh > freshBound && this.random() < 0.7) {
      const drawn = this.drawn({ worth, mostFresh: plan.stats.fresh - 1 });
      if (drawn) return drawn;
    }
    // Her taste is met by other papers for as many pages: the program is asked for those too.
    const drawn = this.table.job.taste && !isShort && this.random() < 0.4 ? this.drawn({ worth }) : null;
    return drawn ?? this.changed();
  }

  /** Whether more worth may be to be had. */
  get isShort(): boolean {
    return this.best.worth < this.worthBound * (1 - 1e-9);
  }

  /** Whether neither more worth nor fewer fresh sheets are to be had. */
  isProved(freshBound: number): boolean {
    return !this.isShort && this.best.plan.stats.fresh <= freshBound;
  }

  /** Whether nothing is left that another share-out could do better with: no page, or no paper. */
  isUsedUp(): boolean {
    const { job, solid } = this.table;
    const isMade = this.best.assignment.every((choice) => choice !== null);
    return (
      job.pages.length === 0 ||
      (isMade &&
        this.best.plan.stats.pieceArea >= job.stock.reduce((sum, { count }, k) => sum + count * nth(solid, k), 0))
    );
  }

  /** The best is cut anew with so many judgements. */
  finish(work: number): void {
    if (this.isUsedUp() || this.isOver() || this.dealer.wanted.pieces.length > MOST_RECUT) return;
    const better = cutBetter(this.table, this.best, work, this.effort);
    if (better && compareSettled(better, this.best) > 0) this.best = better;
  }
}
