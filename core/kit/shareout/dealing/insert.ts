import { nth } from '../../../ground/nth';
import { lay, takeOff, type Hand, type Spot } from './hand';
import type { Table } from '../table';
import type { Wanted } from './wanted';

/** Designs that are tried for a group, one after another. */
const TRIES = 3;
/** A free part is overlooked this often, so that searches differ. */
const BLINK = 0.04;
/** How often the larger rest is kept whole, where both ways to cut a piece free would do. */
const KEEP_LARGER = 0.8;

/** How places are judged for one round of laying pieces. */
export interface Manner {
  /** By the shorter side that is over, or by all that is over. */
  readonly by: 'side' | 'area';
  /** What opening a fresh sheet counts as: ticks, or square ticks. */
  readonly opening: number;
  /** What a design of a group counts as, so. */
  readonly lean: (group: number, design: number) => number;
}

/** Lays pieces where they fit best. */
export class Inserter {
  private readonly longest: number;
  /** By group and design, whether it may be of it by itself. */
  private readonly may: readonly Uint8Array[];
  /** By group, and by design, the stock that may serve. */
  private readonly ofGroup: readonly (readonly number[])[];
  private readonly ofDesign: readonly (readonly number[])[];
  /** The stock that offers something to the group at hand; by stock, of which design, and what that counts as. */
  private offering: readonly number[] = [];
  private readonly offered: Int32Array;
  private readonly counts: Float64Array;

  constructor(
    private readonly table: Table,
    private readonly wanted: Wanted,
    private readonly random: () => number,
    private readonly spend: (parts: number) => void,
  ) {
    this.longest = table.job.longestCut ?? Infinity;
    this.may = wanted.groups.map(({ designs }) => {
      const may = new Uint8Array(table.designs.length);
      for (const d of designs) may[d] = 1;
      return may;
    });
    const carrying = (has: (design: number) => boolean): number[] =>
      table.carries.flatMap((designs, kind) => (designs.some(has) ? [kind] : []));
    this.ofGroup = this.may.map((may) => carrying((d) => may[d] === 1));
    this.ofDesign = table.designs.map((_, d) => carrying((own) => own === d));
    this.offered = new Int32Array(table.job.stock.length);
    this.counts = new Float64Array(table.job.stock.length);
  }

  /** Whether a group may be of a design beside what else its page has. */
  private rulesFor(hand: Hand, g: number): ((design: number) => boolean) | null {
    const group = nth(this.wanted.groups, g);
    const { job, looks } = this.table;
    const { atLeast, atMost, slots } = nth(job.pages, group.page);
    const isCounted = atLeast > 1 || atMost < slots.length;
    if (!isCounted && group.unlike.length === 0) return null;
    const others = (nth(this.wanted.byPage, group.page) ?? []).filter((other) => other !== g);
    const used = new Set(others.map((other) => nth(hand.design, other)).filter((d) => d >= 0));
    const open = others.filter((other) => nth(hand.design, other) < 0).length;
    const unlike = group.unlike.flatMap((other) =>
      nth(hand.design, other) >= 0 ? [nth(looks, nth(hand.design, other))] : [],
    );
    return (d) => {
      const many = used.size + (used.has(d) ? 0 : 1);
      return many <= atMost && many + open >= atLeast && !unlike.includes(nth(looks, d));
    };
  }

  /** What each stock offers to a group: of one design where its pieces lie already, else of any that it may be of. */
  private readOffers(hand: Hand, g: number, tried: readonly number[], manner: Manner): void {
    const own = nth(hand.design, g);
    if (own >= 0) {
      this.offering = nth(this.ofDesign, own);
      for (const kind of this.offering) {
        this.offered[kind] = own;
        this.counts[kind] = 0;
      }
      return;
    }
    const may = nth(this.may, g);
    const rules = this.rulesFor(hand, g);
    this.spend(nth(this.ofGroup, g).length);
    this.offering = nth(this.ofGroup, g);
    for (const kind of this.offering) {
      this.offered[kind] = -1;
      this.counts[kind] = Infinity;
      for (const d of nth(this.table.carries, kind)) {
        if (may[d] === 0 || tried.includes(d) || (rules && !rules(d))) continue;
        const counts = manner.lean(g, d);
        if (counts >= nth(this.counts, kind)) continue;
        this.offered[kind] = d;
        this.counts[kind] = counts;
      }
    }
  }

  /** In which direction a piece may first be cut free; null: the trimmer is too short for either. */
  private firstCut(part: { w: number; h: number }, w: number, h: number): 'x' | 'y' | null {
    const [right, below] = [part.w - w, part.h - h];
    const upright = (right === 0 || part.h <= this.longest) && (below === 0 || w <= this.longest);
    const level = (below === 0 || part.w <= this.longest) && (right === 0 || h <= this.longest);
    if (!upright || !level) return upright ? 'x' : level ? 'y' : null;
    const keepsRight = Math.max(right * part.h, w * below) >= Math.max(right * h, part.w * below);
    return keepsRight === this.random() < KEEP_LARGER ? 'x' : 'y';
  }

  /** The best place for a piece among the sheets that offer a design; null where there is none. */
  private spotFor(hand: Hand, piece: number, { by, opening }: Manner): { spot: Spot; design: number } | null {
    const { stock } = this.table.job;
    const { w, h, turn } = nth(this.wanted.pieces, piece);
    let best: { sheet: number; part: Spot['part']; isTurned: boolean } | null = null;
    let least = Infinity;
    let looked = 0;
    for (const kind of this.offering) {
      if (nth(this.offered, kind) < 0) continue;
      const { fresh, upright } = nth(stock, kind);
      const mayTurn = (turn ?? !upright) && w !== h;
      for (let s = nth(this.wanted.sheets, kind); s < nth(this.wanted.sheets, kind + 1); s++) {
        const { free, largest, isOpened } = nth(hand.sheets, s);
        looked++;
        if (largest < w * h) continue;
        const extra = nth(this.counts, kind) + (!isOpened && fresh ? opening : 0);
        looked += free.length;
        for (const part of free) {
          const fits = w <= part.w && h <= part.h;
          const fitsTurned = mayTurn && h <= part.w && w <= part.h;
          if (!fits && !fitsTurned) continue;
          const straight = fits ? judged(part.w - w, part.h - h, by) : Infinity;
          const turned = fitsTurned ? judged(part.w - h, part.h - w, by) : Infinity;
          const cost = Math.min(straight, turned) + extra;
          if (cost >= least || this.random() < BLINK) continue;
          least = cost;
          best = { sheet: s, part, isTurned: turned < straight };
        }
        // Of sheets alike one that is still whole does for all.
        if (!isOpened) break;
      }
    }
    this.spend(looked);
    if (!best) return null;
    const lie = best.isTurned ? { w: h, h: w } : { w, h };
    const first = this.firstCut(best.part, lie.w, lie.h);
    if (first === null) return null;
    return {
      spot: { sheet: best.sheet, part: best.part, ...lie, first },
      design: nth(this.offered, nth(hand.sheets, best.sheet).kind),
    };
  }

  /** Lays all pieces of a group that are not laid, all of one design, or none of them. Mutates `hand`. */
  insert(hand: Hand, g: number, manner: Manner): boolean {
    const absent = nth(this.wanted.groups, g).pieces.filter((piece) => nth(hand.at, piece) < 0);
    const tried: number[] = [];
    while (tried.length < TRIES) {
      const before = nth(hand.design, g);
      const laidNow: number[] = [];
      this.readOffers(hand, g, tried, manner);
      for (const piece of absent) {
        const found = this.spotFor(hand, piece, manner);
        if (!found) break;
        lay(hand, piece, found.spot);
        laidNow.push(piece);
        if (hand.design[g] === found.design) continue;
        hand.design[g] = found.design;
        if (absent.length > 1) this.readOffers(hand, g, tried, manner);
      }
      if (laidNow.length === absent.length) return true;
      if (laidNow.length > 0) tried.push(nth(hand.design, g));
      takeOff(hand, this.wanted, laidNow);
      if (laidNow.length === 0 || before >= 0) return false;
    }
    return false;
  }
}

/** What is over where a piece lies in a part's corner, the less the better; in proportion to lengths, or to areas. */
const judged = (right: number, below: number, by: Manner['by']): number =>
  by === 'side' ? Math.min(right, below) + Math.max(right, below) / 64 : right * below + (right + below) ** 2 / 64;
