import type { CutStock } from '../../trimmer/cutting';
import { area } from '../../ground/geometry';
import { Lines, type Term } from '../../ground/program';
import type { ShareSlot } from './types';
import { pairsOf, takes, type Choice, type Table } from './table';
import { nth } from '../../ground/nth';

/** Pages made and designs chosen, as a program's answer has them; null: not made. */
export type Assignment = readonly (Choice | null)[];

/** An assignment that surely cannot be cut, or not with fewer fresh sheets than these. */
export interface Known {
  readonly assignment: Assignment;
  readonly fresh: number | null;
}

/** What is asked of the program. */
export interface Question {
  /** Most worth, or fewest fresh sheets, or the least by `cost`. */
  readonly aim: 'worth' | 'fresh' | 'cost';
  /** The worth that must be reached. */
  readonly worth?: number;
  /** Fresh sheets that may be opened. */
  readonly mostFresh?: number;
  /** What a design for a slot costs; areas count as this many times their size where cuts did not fit before. */
  readonly cost?: (page: number, slot: number, design: number) => number;
  readonly swell?: (page: number, slot: number) => number;
  /** What is known of assignments: that they cannot be cut (`fresh` null), or not with fewer fresh sheets. */
  readonly known?: readonly Known[];
  /** Whole numbers may be broken: a bound that is quick to find. */
  readonly relaxed?: boolean;
}

/** Pieces of one size that may be turned alike: what the program counts by. */
interface Kind {
  readonly slot: ShareSlot;
  readonly users: readonly { page: number; slot: number }[];
}

function kindsOf({ job }: Table): Kind[] {
  const kinds = new Map<string, { slot: ShareSlot; users: { page: number; slot: number }[] }>();
  job.pages.forEach((page, p) =>
    page.slots.forEach((slot, s) => {
      const key = `${slot.w} ${slot.h} ${slot.turn}`;
      const kind = kinds.get(key) ?? { slot, users: [] };
      kind.users.push({ page: p, slot: s });
      kinds.set(key, kind);
    }),
  );
  return [...kinds.values()];
}

/** The most pieces of a kind that one sheet can give: by rows where they lie one way, else by area. */
function mostFrom(stock: CutStock, solid: number, slot: ShareSlot): number {
  const byArea = Math.floor(solid / area(slot));
  return (slot.turn ?? !stock.upright)
    ? byArea
    : Math.min(byArea, Math.floor(stock.w / slot.w) * Math.floor(stock.h / slot.h));
}

/** Whether no two pieces like this fit on one sheet, nor one of it and another such: each covers the middle. */
function isBig(stock: CutStock, { w, h, turn }: ShareSlot): boolean {
  const covers = (a: number, b: number): boolean => a > stock.w || b > stock.h || (2 * a > stock.w && 2 * b > stock.h);
  return covers(w, h) && (!(turn ?? !stock.upright) || covers(h, w));
}

const made = (p: number): string => `x${p}`;
const chosen = (p: number, s: number, d: number): string => `a${p}_${s}_${d}`;
const used = (p: number, d: number): string => `u${p}_${d}`;
const opened = (k: number): string => `z${k}`;
const flow = (k: number, d: number, t: number): string => `y${k}_${d}_${t}`;

/** Each page's rules: a design for every slot of a page that is made, like and unlike, so many different ones. */
function writeRules(lines: Lines, { job, allowed, looks }: Table, binaries: string[]): void {
  job.pages.forEach((page, p) => {
    binaries.push(made(p));
    page.slots.forEach((_, s) => {
      const designs = nth(nth(allowed, p), s);
      lines.row([...designs.map((d): Term => [1, chosen(p, s, d)]), [-1, made(p)]], '=', 0);
      binaries.push(...designs.map((d) => chosen(p, s, d)));
    });
    const side = (s: number, d: number, sign: number): Term[] =>
      nth(nth(allowed, p), s).includes(d) ? [[sign, chosen(p, s, d)]] : [];
    for (const [a, b] of pairsOf(page, 'like'))
      for (const d of new Set([...nth(nth(allowed, p), a), ...nth(nth(allowed, p), b)]))
        lines.row([...side(a, d, 1), ...side(b, d, -1)], '=', 0);
    // Each slot is of one design, so no more than one of both is of those that look the same.
    const ofLook = (s: number, look: number): Term[] =>
      nth(nth(allowed, p), s)
        .filter((d) => looks[d] === look)
        .map((d): Term => [1, chosen(p, s, d)]);
    for (const [a, b] of pairsOf(page, 'unlike'))
      for (const look of new Set(nth(nth(allowed, p), a).map((d) => nth(looks, d))))
        if (ofLook(b, look).length > 0) lines.row([...ofLook(a, look), ...ofLook(b, look)], '<=', 1);
    if (page.atLeast <= Math.min(1, page.slots.length) && page.atMost >= page.slots.length) return;
    const designs = [...new Set(nth(allowed, p).flat())];
    for (const d of designs) {
      const users = page.slots.flatMap((_, s) => side(s, d, 1));
      for (const [, name] of users)
        lines.row(
          [
            [1, used(p, d)],
            [-1, name],
          ],
          '>=',
          0,
        );
      lines.row([[1, used(p, d)], ...users.map(([n, name]): Term => [-n, name])], '<=', 0);
      binaries.push(used(p, d));
    }
    const terms = designs.map((d): Term => [1, used(p, d)]);
    lines.row([...terms, [-page.atLeast, made(p)]], '>=', 0);
    if (page.atMost < page.slots.length) lines.row([...terms, [-page.atMost, made(p)]], '<=', 0);
  });
}

/**
 * What each paper gives, as many pieces as its area and what is too large to go twice on it allow; and that it is
 * enough.
 */
function writePapers(lines: Lines, table: Table, swell: (page: number, slot: number) => number): void {
  const { job, allowed, carries, solid } = table;
  const kinds = kindsOf(table);
  const scale = Math.max(...solid);
  const given = new Map<string, Term[]>();
  job.stock.forEach((stock, k) => {
    const areas: Term[] = [];
    const bigs: Term[] = [];
    for (const d of nth(carries, k))
      kinds.forEach(({ slot, users }, t) => {
        if (!takes(stock, slot) || !users.some(({ page, slot: s }) => nth(nth(allowed, page), s).includes(d))) return;
        const most = mostFrom(stock, nth(solid, k), slot);
        if (most === 0) return;
        const name = flow(k, d, t);
        areas.push([area(slot) / scale, name]);
        if (isBig(stock, slot)) bigs.push([1, name]);
        else
          lines.row(
            [
              [1, name],
              [-most, opened(k)],
            ],
            '<=',
            0,
          );
        given.set(`${d} ${t}`, [...(given.get(`${d} ${t}`) ?? []), [1, name]]);
      });
    lines.row([...areas, [-nth(solid, k) / scale, opened(k)]], '<=', 0);
    lines.row([...bigs, [-1, opened(k)]], '<=', 0);
  });
  kinds.forEach(({ users }, t) =>
    table.designs.forEach((_, d) => {
      const wanted = users.flatMap(({ page, slot }): Term[] =>
        nth(nth(allowed, page), slot).includes(d)
          ? [[-nth(nth(job.pages, page).slots, slot).count * swell(page, slot), chosen(page, slot, d)]]
          : [],
      );
      if (wanted.length > 0) lines.row([...(given.get(`${d} ${t}`) ?? []), ...wanted], '>=', 0);
    }),
  );
}

/** What is known of assignments: not all of this one again, or then with so many fresh sheets. */
function writeKnown(lines: Lines, known: readonly Known[], fresh: readonly Term[]): void {
  for (const { assignment, fresh: least } of known) {
    const names = assignment.flatMap((choice, p) => (choice ?? []).map((d, s) => chosen(p, s, d)));
    if (least === null)
      lines.row(
        names.map((name): Term => [1, name]),
        '<=',
        names.length - 1,
      );
    else if (least > 0)
      lines.row([...fresh, ...names.map((name): Term => [-least, name])], '>=', least - least * names.length);
  }
}

/**
 * The share-out without its cuts, as a mixed-integer program in LP format: which pages, which designs, how many pieces
 * of each size from which papers, so that areas (and what is surely too large to go twice on a sheet) add up. No cut
 * plan can do better, so its answers bound the share-out.
 */
export function writeProgram(
  table: Table,
  { aim, worth, mostFresh, cost, swell = () => 1, known = [], relaxed = false }: Question,
): string {
  const { job, allowed } = table;
  const lines = new Lines();
  const all: Term[] = job.pages.map(({ worth: own }, p) => [own, made(p)]);
  const fresh = job.stock.flatMap((stock, k): Term[] => (stock.fresh ? [[1, opened(k)]] : []));
  const costs = cost
    ? allowed.flatMap((slots, p) =>
        slots.flatMap((designs, s) => designs.map((d): Term => [cost(p, s, d), chosen(p, s, d)])),
      )
    : [];
  lines.head(aim === 'worth' ? 'Maximize' : 'Minimize');
  lines.terms(
    aim === 'worth' ? all : aim === 'cost' ? [...costs, ...fresh] : fresh.length > 0 ? fresh : [[0, made(0)]],
  );
  lines.head('Subject To');
  if (worth !== undefined) lines.row(all, '>=', worth - 1e-9 * Math.max(1, worth));
  if (mostFresh !== undefined) lines.row(fresh, '<=', mostFresh);
  writeKnown(lines, known, fresh);
  const binaries: string[] = [];
  writeRules(lines, table, binaries);
  writePapers(lines, table, swell);
  lines.head('Bounds');
  for (const name of binaries) lines.head(` 0 <= ${name} <= 1`);
  job.stock.forEach((stock, k) => lines.head(` 0 <= ${opened(k)} <= ${stock.count}`));
  const whole = [...binaries, ...(aim === 'worth' ? [] : fresh.map(([, name]) => name))];
  if (!relaxed && whole.length > 0) {
    lines.head('General');
    whole.forEach((name) => lines.head(` ${name}`));
  }
  lines.head('End');
  return lines.toString();
}

/** The pages made and designs chosen in a program's answer. */
export function readAssignment({ job, allowed }: Table, columns: Readonly<Record<string, number>>): Assignment {
  return job.pages.map(({ slots }, p) =>
    (columns[made(p)] ?? 0) < 0.5
      ? null
      : slots.map((_, s) =>
          nth(nth(allowed, p), s).reduce((best, d) =>
            (columns[chosen(p, s, d)] ?? 0) > (columns[chosen(p, s, best)] ?? 0) ? d : best,
          ),
        ),
  );
}
