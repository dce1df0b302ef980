import type { Ticks } from '../../../ground/length';
import { nth } from '../../../ground/nth';
import { area } from '../../../ground/geometry';
import { groupBy } from '../../../ground/groupBy';
import { pairsOf, type Table } from '../table';

/** Pieces of one page that must be of one design: of one slot, or of several that are alike by rule. */
export interface Group {
  readonly page: number;
  readonly slots: readonly number[];
  readonly pieces: readonly number[];
  /** Designs that all its slots may be of. */
  readonly designs: readonly number[];
  /** Groups of the page that must look otherwise. */
  readonly unlike: readonly number[];
  /** Square ticks. */
  readonly area: number;
}

/** One piece. Lengths in ticks. */
export interface Piece {
  readonly slot: number;
  readonly group: number;
  readonly w: Ticks;
  readonly h: Ticks;
  /** May be turned a quarter; null: only where the stock has no right way up. */
  readonly turn: boolean | null;
}

/** All that pages want, piece by piece. Pages that cannot be made by their own rules are left out. */
export interface Wanted {
  readonly pieces: readonly Piece[];
  readonly groups: readonly Group[];
  /** By page, its groups; null: it cannot be made. */
  readonly byPage: readonly (readonly number[] | null)[];
  /** By page, the paper that it takes. */
  readonly areaOf: readonly number[];
  /** By stock, the number of its first sheet; of stock without end there are as many as there are pieces. */
  readonly sheets: readonly number[];
}

/** The slots of a page in sets that must be of one design. */
function alikeSlots(table: Table, p: number): number[][] {
  const page = nth(table.job.pages, p);
  const of = page.slots.map((_, s) => s);
  const root = (s: number): number => (of[s] === s ? s : root(nth(of, s)));
  for (const [a, b] of pairsOf(page, 'like')) of[root(a)] = root(b);
  return [...groupBy(of.keys(), root).values()];
}

export function readWanted(table: Table): Wanted {
  const pieces: Piece[] = [];
  const groups: Group[] = [];
  const byPage = table.job.pages.map((page, p) => {
    const sets = alikeSlots(table, p);
    const designs = sets.map((slots) =>
      slots.map((s) => nth(nth(table.allowed, p), s)).reduce((both, own) => both.filter((d) => own.includes(d))),
    );
    const setOf = (s: number): number => sets.findIndex((slots) => slots.includes(s));
    const unlike = pairsOf(page, 'unlike').map(([a, b]): [number, number] => [setOf(a), setOf(b)]);
    if (designs.some((own) => own.length === 0) || unlike.some(([a, b]) => a === b)) return null;
    const first = groups.length;
    sets.forEach((slots, g) => {
      const own: number[] = [];
      for (const s of slots) {
        const { w, h, count, turn } = nth(page.slots, s);
        for (let n = 0; n < count; n++) {
          own.push(pieces.length);
          pieces.push({ slot: s, group: first + g, w, h, turn });
        }
      }
      groups.push({
        page: p,
        slots,
        pieces: own,
        designs: nth(designs, g),
        unlike: unlike.flatMap(([a, b]) => (a === g ? [first + b] : b === g ? [first + a] : [])),
        area: own.reduce((sum, i) => sum + area(nth(pieces, i)), 0),
      });
    });
    return sets.map((_, g) => first + g);
  });
  const sheets = [0];
  for (const { count } of table.job.stock) sheets.push((sheets.at(-1) ?? 0) + Math.min(count, pieces.length));
  return {
    sheets,
    pieces,
    groups,
    byPage,
    areaOf: byPage.map((own) => (own ?? []).reduce((sum, g) => sum + nth(groups, g).area, 0)),
  };
}
