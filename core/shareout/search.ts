import { area } from '../geometry';
import { seededRandom } from '../random';
import { readAssignment, writeProgram, type Assignment, type Known, type Question } from './program';
import { compareSettled, cutFromSpares, cutWhole, settle, worthOf, type Settled } from './settle';
import { isHeld, sparesOf, type Spare } from './spares';
import { choicesOf, readTable, type Choice, type Table } from './table';
import { leaning } from './taste';
import type { Solved } from '../program';
import type { ShareJob, SharePage, Solver } from './types';

/** What one program counts as: by itself, and for each of its variables; an answer without proof is had for a tenth. */
const PROGRAM = 10_000;
const PER_VARIABLE = 120;
const UNPROVED = 0.1;
/** Judgements for a plan while shares are tried, and for a quick look. */
const TRIAL = 12_000;
const QUICK = 1_500;
/** Variables past which only the relaxed program is asked, and past which none is. */
const MOST_WHOLE = 4_000;
const MOST_ASKED = 30_000;
/** What is known of assignments is told to the program up to so many. */
const MOST_KNOWN = 40;
/**
 * Share of the paper that all pages take together, from which on only whole assignments are worth trying; how often
 * pages are regrown then, and else.
 */
const DEALT = 0.95;
const DEALT_REGROWN = 0.1;
const REGROWN = 0.6;
/** Choices of designs looked at for a page that is added by itself, and those of them for which all is cut anew. */
const MANY_CHOICES = 20;
const FEW_CHOICES = 3;
const GLANCE = 300;

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
    area: allowed[p]!.every((designs) => designs.length > 0) ? sizeOfPage(page) : Infinity,
  }));
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
  /** The pages together take nearly all paper there is: the parts may come from cutting it up. */
  private readonly isDealt: boolean;
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
    // A page that wants nothing is made.
    const none = job.pages.map((page): Assignment[number] =>
      page.slots.length === 0 && page.atLeast === 0 ? [] : null,
    );
    this.best = settle(table, none, 1, this.effort).settled;
    this.worthBound = worthByArea(table);
    this.size = sizeOf(table);
    this.lean = leaning(table);
    const wanted = table.job.pages.reduce((sum, page) => sum + sizeOfPage(page), 0);
    const there = table.job.stock.reduce((sum, { count }, k) => sum + count * table.solid[k]!, 0);
    this.isDealt = wanted >= DEALT * there && wanted <= there;
  }

  private readonly spend = (work: number): void => {
    this.spent += work;
  };
  private readonly effort = { spend: this.spend, isOver: () => this.isOver() };

  private solve(question: Question, wants: 'proof' | 'answer'): Solved | null {
    if (!this.solver || this.isOver() || this.size === 0 || this.size > (question.relaxed ? MOST_ASKED : MOST_WHOLE))
      return null;
    this.spend(PROGRAM + this.size * PER_VARIABLE * (wants === 'proof' ? 1 : UNPROVED));
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
    const cost = (p: number, s: number, d: number): number =>
      (weigh ? 0.3 : 1) * price(`${p} ${s} ${d}`) + this.lean(p, s, d);
    const swell = (p: number, s: number): number => this.swollen.get(`${p}/${s}`) ?? 1;
    for (const more of [{ swell }, {}]) {
      const answer = this.ask({ aim: 'cost', cost, ...more, ...question });
      if (answer && worthOf(this.table, answer) >= (question.worth ?? 0) * (1 - 1e-9)) return answer;
    }
    return null;
  }

  /** In which order designs are tried for a slot: those first of which a spare piece holds it, else by lot. */
  private ranking(p: number, spares: readonly Spare[]) {
    const held = new Map<string, number>();
    const rank = (s: number, d: number): number => {
      const key = `${s} ${d}`;
      const known = held.get(key);
      if (known !== undefined) return known;
      const slot = this.table.job.pages[p]?.slots[s];
      const design = this.table.designs[d];
      const isThere = slot !== undefined && design !== undefined && isHeld(slot, design, spares);
      const place = this.random() + this.lean(p, s, d) + (isThere ? 0 : 1);
      held.set(key, place);
      return place;
    };
    return { rank, anew: (): void => held.clear() };
  }

  /**
   * As many pages at once as can be cut one after the other from what the others leave; then all of them are cut
   * together, or, where that is not found, half of them.
   */
  private *addTogether(most: number): Generator<void> {
    let spares = sparesOf(this.table, this.best);
    const added: [page: number, choice: Choice][] = [];
    for (const p of this.waiting(this.best, false)) {
      if (this.spent >= most || this.isOver()) break;
      const { rank, anew } = this.ranking(p, spares);
      for (let n = 0; n < FEW_CHOICES && !this.isOver(); n++) {
        anew();
        const [choice] = choicesOf(this.table, p, 1, rank);
        const left = choice && cutFromSpares(this.table, spares, p, choice, GLANCE, this.effort);
        if (!choice || !left) continue;
        added.push([p, choice]);
        spares = left;
        break;
      }
      yield;
    }
    for (let n = added.length; n > 0 && !this.isOver(); n = Math.floor(n / 2)) {
      const choices = new Map(added.slice(0, n));
      const all = this.best.assignment.map((own, p) => choices.get(p) ?? own);
      const whole = cutWhole(this.table, all, QUICK, this.effort);
      yield;
      if (!whole) continue;
      this.best = whole;
      return;
    }
  }

  /** A page added to others, of a few choices whose cuts are looked at quickly; null where none fits. */
  private withPage(from: Settled, p: number): Settled | null {
    const spares = sparesOf(this.table, from);
    const { rank, anew } = this.ranking(p, spares);
    const added = (choice: Choice): Settled | null =>
      cutWhole(
        this.table,
        from.assignment.map((own, i) => (i === p ? choice : own)),
        QUICK,
        this.effort,
      );
    const others: Choice[] = [];
    for (let n = 0; n < MANY_CHOICES && !this.isOver(); n++) {
      // Each by ranks of its own: choices next to each other differ in their last slot only.
      anew();
      const [choice] = choicesOf(this.table, p, 1, rank);
      if (!choice) return null;
      if (!cutFromSpares(this.table, spares, p, choice, GLANCE, this.effort)) {
        others.push(choice);
        continue;
      }
      const whole = added(choice);
      if (whole) return whole;
    }
    // None fits what is left as it is; a few may where all is cut anew.
    for (const choice of others.slice(0, FEW_CHOICES)) {
      const whole = added(choice);
      if (whole) return whole;
    }
    return null;
  }

  /** Pages not made, the most worth for their paper first. @param shuffled roughly so, in an order drawn by lot */
  private waiting({ assignment }: Settled, shuffled: boolean): number[] {
    const weight = this.table.job.pages.map(
      (page) => (page.worth / (1 + sizeOfPage(page))) * (shuffled ? 0.5 + this.random() : 1),
    );
    return weight
      .map((_, p) => p)
      .filter((p) => !assignment[p])
      .sort((x, y) => weight[y]! - weight[x]! || x - y);
  }

  /** Adds whatever pages still can be, one by one. @yields after each that was tried */
  *addPages(most: number): Generator<void> {
    for (let before = -1; before < this.best.worth;) {
      before = this.best.worth;
      yield* this.addTogether(most);
    }
    for (const p of this.waiting(this.best, false)) {
      if (this.spent >= most || this.isOver()) return;
      this.best = this.withPage(this.best, p) ?? this.best;
      yield;
    }
  }

  /** A few pages are given up, and others grown in their place: after ruin and recreate. */
  regrow(most: number): boolean {
    const made = this.best.assignment.flatMap((choice, p) => (choice ? [p] : []));
    const gone = new Set(
      Array.from(
        { length: 1 + Math.floor(this.random() * Math.min(3, made.length)) },
        () => made[Math.floor(this.random() * made.length)],
      ),
    );
    const rest = cutWhole(
      this.table,
      this.best.assignment.map((choice, p) => (gone.has(p) ? null : choice)),
      QUICK,
      this.effort,
    );
    if (!rest) return false;
    let grown = rest;
    for (const p of this.waiting(rest, true))
      if (this.spent < most && !this.isOver()) grown = this.withPage(grown, p) ?? grown;
    if (compareSettled(grown, this.best) <= 0) return false;
    this.best = grown;
    return true;
  }

  /** One slot of a page made is given another design, or a page gives way to another. */
  private changed(): Assignment | null {
    const { pages } = this.table.job;
    const p = Math.floor(this.random() * pages.length);
    const choices = choicesOf(this.table, p, 40, (s, d) => this.random() + this.lean(p, s, d));
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
      const wanted =
        this.random() < 0.5
          ? this.worthBound
          : step > 0
            ? worth + step
            : worth + (this.worthBound - worth) * this.random();
      const drawn = this.drawn({ worth: wanted });
      if (drawn) return drawn;
    }
    if (!isShort && plan.stats.fresh > freshBound && this.random() < 0.7) {
      const drawn = this.drawn({ worth, mostFresh: plan.stats.fresh - 1 });
      if (drawn) return drawn;
    }
    // Her taste is met by other papers for as many pages: the program is asked for those too.
    const drawn = this.table.job.taste && !isShort && this.random() < 0.4 ? this.drawn({ worth }) : null;
    return drawn ?? this.changed();
  }

  /** Whether neither more worth nor fewer fresh sheets are to be had. */
  isProved(freshBound: number): boolean {
    return this.best.worth >= this.worthBound * (1 - 1e-9) && this.best.plan.stats.fresh <= freshBound;
  }

  /** Whether nothing is left that another share-out could do better with: no page, or no paper. */
  isUsedUp(): boolean {
    const { job, solid } = this.table;
    const isMade = this.best.assignment.every((choice) => choice !== null);
    return (
      job.pages.length === 0 ||
      (isMade && this.best.plan.stats.pieceArea >= job.stock.reduce((sum, { count }, k) => sum + count * solid[k]!, 0))
    );
  }

  /** The best is cut anew with so many judgements. */
  finish(work: number): void {
    if (!this.isUsedUp() && !this.isOver()) this.try(this.best.assignment, work);
  }
}
