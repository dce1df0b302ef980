import { nth } from '../../../ground/nth';
import { seededRandom } from '../../../ground/random';
import type { Assignment } from '../program';
import { mustMissing } from '../taste';
import type { Table } from '../table';
import { copyHand, emptyHand, takeOff, type Hand } from './hand';
import { Inserter, type Manner } from './insert';
import { piecesIn, type Tree } from './tree';
import { readWanted, type Wanted } from './wanted';

/** What a page that lacks anything costs at least, of what one costs that lacks everything. */
const BEGUN = 0.5;
/** What a paper that must be used and is not costs, in pages; and a fresh sheet that is opened. */
const MUST = 3;
const FRESH = 0.004;
/** How much worse a round's end may be and still be gone on from: at the beginning of a cycle, and at its end. */
const WARM = 0.3;
const COLD = 0.004;
const CYCLE = 16_000;
/** How much sooner a group goes that found no place, and the most that comes to. */
const SOONER = 1.03;
const SOONEST = 4;

/** How often of two sheets the one with less paper over is opened again. */
const LESS = 0.15;
/** How often pages are laid whole or not at all; always at first. */
const WHOLE = 0.05;
/** Numbers drawn once, from which each round takes its whims. */
const NOISES = 1009;

/** What a hand lacks, in pages: by how much of each is missing, by which the search finds its way, and whole. */
interface Judged {
  readonly cost: number;
  readonly lost: number;
}

/** A share-out as it was dealt: whole pages, and their pieces on their sheets. */
export interface Dealt {
  readonly assignment: Assignment;
  readonly sheets: readonly { readonly stock: string; readonly tree: Tree }[];
  /** The page and slot of a piece in the trees. */
  readonly nameOf: (piece: number) => [page: number, slot: number];
}

/**
 * Deals pieces out to sheets, with the designs of their groups, round after round: a few sheets or pages are given up,
 * and what then lies nowhere is laid where it fits best, with a blink now and then; ends that are a little worse are
 * gone on from, the less so the longer a cycle lasts (ruin and recreate with blinks, after J. Christiaens, G. Vanden
 * Berghe, "Slack induction by string removals for vehicle routing problems", Transportation Science 54, 2020, from
 * memory).
 */
export class Dealer {
  readonly wanted: Wanted;
  private readonly random = seededRandom(20261129);
  private readonly inserter: Inserter;
  private readonly unit: number;
  /** By group and design, what it counts as by her taste. */
  private readonly leans: number[][] = [];
  private readonly noises: readonly number[];
  private readonly sooner: number[];
  private readonly missing: number[];
  private hand: Hand;
  private cost: number;
  private best: Hand;
  private bestJudged: Judged;
  private rounds = 0;

  constructor(
    private readonly table: Table,
    private readonly lean: (page: number, slot: number, design: number) => number,
    private readonly spend: (parts: number) => void,
  ) {
    this.wanted = readWanted(table);
    this.noises = Array.from({ length: NOISES }, this.random);
    this.inserter = new Inserter(table, this.wanted, this.random, spend);
    const { pages } = table.job;
    this.unit = pages.reduce((sum, { worth }) => sum + worth, 0) / Math.max(1, pages.length) || 1;
    this.sooner = this.wanted.groups.map(() => 1);
    this.missing = pages.map(() => 0);
    this.hand = emptyHand(table, this.wanted);
    [this.best, this.bestJudged] = [this.hand, this.judge(this.hand)];
    this.cost = this.bestJudged.cost;
  }

  /** By page, how much of its paper is laid nowhere. */
  private lacking({ at }: Hand): readonly number[] {
    const { missing } = this;
    missing.fill(0);
    for (const group of this.wanted.groups) {
      let absent = 0;
      for (const piece of group.pieces) if (nth(at, piece) < 0) absent++;
      missing[group.page] = nth(missing, group.page) + (absent / group.pieces.length) * group.area;
    }
    return missing;
  }

  private judge(hand: Hand): Judged {
    const { job } = this.table;
    const missing = this.lacking(hand);
    let [cost, lost, extra] = [0, 0, 0];
    job.pages.forEach(({ worth }, p) => {
      if (!this.wanted.byPage[p] || nth(missing, p) === 0) return;
      cost += (worth / this.unit) * (BEGUN + (1 - BEGUN) * (nth(missing, p) / nth(this.wanted.areaOf, p)));
      lost += worth / this.unit;
    });
    for (const { isOpened, kind } of hand.sheets) if (isOpened && nth(job.stock, kind).fresh) extra += FRESH;
    if (job.taste) extra += MUST * mustMissing(this.table, this.assignmentOf(hand));
    return { cost: cost + extra, lost: lost + extra };
  }

  /** Pages all of whose pieces are laid. */
  private assignmentOf({ at, design }: Hand): Assignment {
    return this.table.job.pages.map(({ slots }, p) => {
      const own = this.wanted.byPage[p];
      if (!own?.every((g) => nth(this.wanted.groups, g).pieces.every((piece) => nth(at, piece) >= 0))) return null;
      const choice = slots.map(() => 0);
      for (const g of own) for (const s of nth(this.wanted.groups, g).slots) choice[s] = nth(design, g);
      return choice;
    });
  }

  private drawn<T>(list: readonly T[]): T {
    return nth(list, Math.floor(this.random() * list.length));
  }

  private manner(): Manner {
    const noise = this.random() < 0.5 ? 0.25 : 1;
    const side = this.random() < 0.7;
    const { w, h } = nth(this.table.job.stock, 0);
    const scale = side ? w / 4 : (w * h) / 8;
    const salt = Math.floor(this.random() * NOISES);
    return {
      by: side ? 'side' : 'area',
      opening: this.random() < 0.5 ? scale : 0,
      lean: (g, d) =>
        scale * noise * (0.25 * nth(this.noises, (g * 61 + d * 17 + salt) % NOISES) + 0.5 * this.leanOf(g, d)),
    };
  }

  private leanOf(g: number, d: number): number {
    const { page, slots } = nth(this.wanted.groups, g);
    const own = (this.leans[g] ??= []);
    return (own[d] ??= this.lean(page, nth(slots, 0), d));
  }

  private emptied(hand: Hand, sheets: readonly number[], andGroups: boolean): number[] {
    const gone = sheets.flatMap((s) => piecesIn(nth(hand.sheets, s).tree));
    if (!andGroups) return gone;
    const groups = new Set(gone.map((piece) => nth(this.wanted.pieces, piece).group));
    return [...groups].flatMap((g) => nth(this.wanted.groups, g).pieces.filter((piece) => nth(hand.at, piece) >= 0));
  }

  private laidOf(hand: Hand, p: number): number[] {
    return (this.wanted.byPage[p] ?? []).flatMap((g) =>
      nth(this.wanted.groups, g).pieces.filter((piece) => nth(hand.at, piece) >= 0),
    );
  }

  /** Groups of pages that can be made, of which something is laid nowhere. */
  private absentIn({ at }: Hand): number[] {
    const absent: number[] = [];
    for (const own of this.wanted.byPage)
      for (const g of own ?? [])
        for (const piece of nth(this.wanted.groups, g).pieces)
          if (nth(at, piece) < 0) {
            absent.push(g);
            break;
          }
    return absent;
  }

  /** Takes some pieces off, drawn by lot; the page that is given up for now, if one is. Mutates `hand`. */
  private ruin(hand: Hand): number | null {
    const absent = this.absentIn(hand);
    const opened: number[] = [];
    for (let s = 0; s < hand.sheets.length; s++) if (nth(hand.sheets, s).isOpened) opened.push(s);
    const andGroups = this.random() < 0.4;
    // Of two drawn by lot the one with more paper over: there is room to be won.
    const over = (s: number): number => nth(hand.sheets, s).free.reduce((sum, { w, h }) => sum + w * h, 0);
    const one = (sheets: readonly number[]): number => {
      const [a, b] = [this.drawn(sheets), this.drawn(sheets)];
      return over(a) > over(b) !== this.random() < LESS ? a : b;
    };
    const some = (sheets: readonly number[], most: number): number[] =>
      sheets.length === 0 ? [] : Array.from({ length: 1 + Math.floor(this.random() * most) }, () => one(sheets));
    const by = this.random();
    if (absent.length > 0 && by < 0.45) {
      const g = this.drawn(absent);
      const { designs, pieces } = nth(this.wanted.groups, g);
      const { carries } = this.table;
      const able = opened.filter((s) => nth(carries, nth(hand.sheets, s).kind).some((d) => designs.includes(d)));
      const gone = this.emptied(hand, some(able, 2), andGroups);
      takeOff(hand, this.wanted, [...gone, ...pieces.filter((piece) => nth(hand.at, piece) >= 0)]);
      return null;
    }
    if (absent.length > 0 && by < 0.65) {
      const p = nth(this.wanted.groups, this.drawn(absent)).page;
      takeOff(hand, this.wanted, [...this.emptied(hand, some(opened, 1), andGroups), ...this.laidOf(hand, p)]);
      return p;
    }
    if (by < 0.85) {
      takeOff(hand, this.wanted, this.emptied(hand, some(opened, 3), andGroups));
      return null;
    }
    const p = Math.floor(this.random() * this.table.job.pages.length);
    takeOff(hand, this.wanted, [...this.emptied(hand, some(opened, 1), andGroups), ...this.laidOf(hand, p)]);
    return this.random() < 0.5 ? p : null;
  }

  /** Lays what lies nowhere, in an order drawn by lot in which large groups come early. Mutates `hand`. */
  private recreate(hand: Hand, last: number | null): void {
    const manner = this.manner();
    const byPage = this.random() < 0.25;
    const weight = byPage ? this.table.job.pages.map(() => 0.2 + this.random()) : null;
    const order = this.absentIn(hand)
      .map((g) => {
        const { area, page } = nth(this.wanted.groups, g);
        const turn = (weight?.[page] ?? 1) * (page === last ? 1e-6 : 1);
        return { g, by: area * nth(this.sooner, g) * (0.6 + 0.8 * this.random()) * turn };
      })
      .sort((a, b) => b.by - a.by);
    for (const { g } of order)
      if (!this.inserter.insert(hand, g, manner)) this.sooner[g] = Math.min(SOONEST, nth(this.sooner, g) * SOONER);
      else this.sooner[g] = Math.max(1, nth(this.sooner, g) / SOONER);
  }

  /** Lays page after page, the most worth for its paper first, and each whole or not at all. Mutates `hand`. */
  private layWholePages(hand: Hand): void {
    const manner = this.manner();
    const { groups, byPage, areaOf } = this.wanted;
    const order = this.table.job.pages
      .map(({ worth }, p) => ({ p, by: (worth / Math.max(1, nth(areaOf, p))) * (0.5 + this.random()) }))
      .filter(({ p }) => byPage[p]?.some((g) => nth(groups, g).pieces.some((piece) => nth(hand.at, piece) < 0)))
      .sort((a, b) => b.by - a.by);
    for (const { p } of order) {
      const bySize = [...(nth(byPage, p) ?? [])].sort((a, b) => nth(groups, b).area - nth(groups, a).area);
      if (!bySize.every((g) => this.inserter.insert(hand, g, manner))) takeOff(hand, this.wanted, this.laidOf(hand, p));
    }
  }

  /** One round; whether it led to the best so far. */
  round(): boolean {
    this.spend(this.wanted.groups.length + this.hand.sheets.length);
    const at = (this.rounds++ % CYCLE) / CYCLE;
    const next = copyHand(this.hand);
    const last = this.ruin(next);
    if (this.rounds === 1 || this.random() < WHOLE) this.layWholePages(next);
    else this.recreate(next, last);
    const judged = this.judge(next);
    const { cost, lost } = judged;
    const heat = WARM * (COLD / WARM) ** at;
    if (cost > this.cost && this.random() >= Math.exp((this.cost - cost) / heat)) return false;
    [this.hand, this.cost] = [next, cost];
    const { bestJudged } = this;
    if (lost > bestJudged.lost - 1e-9 && (lost > bestJudged.lost + 1e-9 || cost > bestJudged.cost - 1e-9)) return false;
    [this.best, this.bestJudged] = [next, judged];
    return true;
  }

  /** The best so far, without the pieces of pages that lack some. */
  dealt(): Dealt {
    const assignment = this.assignmentOf(this.best);
    const hand = copyHand(this.best);
    takeOff(
      hand,
      this.wanted,
      assignment.flatMap((choice, p) => (choice ? [] : this.laidOf(hand, p))),
    );
    return {
      assignment,
      nameOf: (piece) => {
        const { group, slot } = nth(this.wanted.pieces, piece);
        return [nth(this.wanted.groups, group).page, slot];
      },
      sheets: hand.sheets.flatMap(({ kind, tree, isOpened }) =>
        isOpened ? [{ stock: nth(this.table.job.stock, kind).id, tree }] : [],
      ),
    };
  }

  /** Whether every page that can be made is, without a fresh sheet and with every paper that must be used. */
  get isPerfect(): boolean {
    return this.bestJudged.lost <= 0;
  }
}
