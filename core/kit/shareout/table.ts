import { nth } from '../../ground/nth';
import type { CutStock } from '../../trimmer/cutting';
import { unionArea } from '../../ground/geometry';
import type { DesignName, SharePage, ShareJob, ShareSlot } from './types';
import { heldIn } from '../../ground/heldIn';

/** What the share-out is reckoned with: designs, sizes and papers by number. */
export interface Table {
  readonly job: ShareJob;
  readonly designs: readonly DesignName[];
  /** By page and slot: the designs it may be of, each of which some paper carries that is large enough. */
  readonly allowed: readonly (readonly (readonly number[])[])[];
  /** By stock: the designs it carries, and what is there of one sheet, square ticks. */
  readonly carries: readonly (readonly number[])[];
  readonly solid: readonly number[];
  /** By design: how it looks; designs that look the same have the same number. */
  readonly looks: readonly number[];
}

/** The designs that a stock carries; one without any is plain. */
export const designsOf = ({ front, back }: CutStock): DesignName[] =>
  front === null && back === null ? [null] : [...new Set([front, back].filter((name) => name !== null))];

/** Whether a stock's outer size takes one piece of a slot. */
export function takes(stock: CutStock, { w, h, turn }: ShareSlot): boolean {
  const mayTurn = turn ?? !stock.upright;
  return (w <= stock.w && h <= stock.h) || (mayTurn && h <= stock.w && w <= stock.h);
}

/** @param carriers by design, the stock that carries it */
function allowedFor(
  slot: ShareSlot,
  designs: readonly DesignName[],
  carriers: readonly (readonly CutStock[])[],
): number[] {
  const named = slot.of && new Set(slot.of);
  return designs.flatMap((design, d) =>
    (named === null || (design !== null && named.has(design))) && nth(carriers, d).some((stock) => takes(stock, slot))
      ? [d]
      : [],
  );
}

export function readTable(job: ShareJob): Table {
  const designs = [...new Set(job.stock.flatMap(designsOf))];
  const numbers = new Map(designs.map((design, d) => [design, d]));
  const carries = job.stock.map((stock) => designsOf(stock).map((design) => heldIn(numbers, design)));
  const carriers = designs.map((): CutStock[] => []);
  carries.forEach((own, k) => own.forEach((d) => nth(carriers, d).push(nth(job.stock, k))));
  const looksLike = (design: DesignName): number =>
    Math.max(
      0,
      designs.findIndex(
        (other) =>
          other === design ||
          (job.alike ?? []).some(
            (group) => design !== null && other !== null && group.includes(design) && group.includes(other),
          ),
      ),
    );
  return {
    job,
    designs,
    looks: designs.map(looksLike),
    allowed: job.pages.map(({ slots }) => slots.map((slot) => allowedFor(slot, designs, carriers))),
    carries,
    solid: job.stock.map(
      (stock) => stock.w * stock.h - unionArea({ x: 0, y: 0, w: stock.w, h: stock.h }, stock.missing),
    ),
  };
}

/** A design for each slot of a page. */
export type Choice = readonly number[];

/** Slots that must be of one design, or of two, both ways round: pairs of their places. */
export function pairsOf({ slots }: SharePage, rule: 'like' | 'unlike'): [number, number][] {
  const at = new Map(slots.map(({ id }, i) => [id, i]));
  return slots.flatMap((slot, i) => slot[rule].map((id): [number, number] => [i, heldIn(at, id)]));
}

/** Whether a choice keeps to a page's rules. */
function keepsRules({ looks }: Table, page: SharePage, choice: Choice): boolean {
  const n = new Set(choice).size;
  return (
    n >= page.atLeast &&
    n <= page.atMost &&
    pairsOf(page, 'like').every(([a, b]) => choice[a] === choice[b]) &&
    pairsOf(page, 'unlike').every(([a, b]) => looks[nth(choice, a)] !== looks[nth(choice, b)])
  );
}

/** Most choices that are looked through for one page, and to find whether there is any. */
const MOST_LOOKED = 200_000;
const FEW_LOOKED = 500;

/**
 * Choices of a page that keep to its rules, in the order of `rank` slot by slot.
 * @param most no more than so many
 * @param looks how many may be looked at; it ends with those that it has when none are left
 */
export function choicesOf(
  table: Table,
  p: number,
  most: number,
  rank: (slot: number, design: number) => number = () => 0,
  looks = { left: MOST_LOOKED },
): Choice[] {
  const page = nth(table.job.pages, p);
  const options = nth(table.allowed, p).map((designs, s) =>
    [...designs].sort((a, b) => rank(s, a) - rank(s, b) || a - b),
  );
  const like = pairsOf(page, 'like');
  const unlike = pairsOf(page, 'unlike');
  const found: Choice[] = [];
  const extend = (choice: number[]): void => {
    if (found.length >= most || looks.left-- <= 0) return;
    const s = choice.length;
    if (s === options.length) {
      if (keepsRules(table, page, choice)) found.push([...choice]);
      return;
    }
    for (const d of nth(options, s)) {
      const holds = (pairs: readonly [number, number][], same: boolean): boolean =>
        pairs.every(([a, b]) => {
          const other = a === s ? b : b === s ? a : -1;
          return (
            other < 0 || other >= s || (same ? choice[other] === d : table.looks[nth(choice, other)] !== table.looks[d])
          );
        });
      if (!holds(like, true) || !holds(unlike, false) || new Set([...choice, d]).size > page.atMost) continue;
      choice.push(d);
      extend(choice);
      choice.pop();
    }
  };
  extend([]);
  return found;
}

const refused = new WeakMap<Table, Map<number, boolean>>();

/** Whether a page's own rules surely leave it no choice of designs, as far as a short look tells. */
export function isAgainstRules(table: Table, p: number): boolean {
  const known = refused.get(table) ?? new Map<number, boolean>();
  refused.set(table, known);
  const looks = { left: FEW_LOOKED };
  const is = known.get(p) ?? (choicesOf(table, p, 1, () => 0, looks).length === 0 && looks.left > 0);
  known.set(p, is);
  return is;
}
