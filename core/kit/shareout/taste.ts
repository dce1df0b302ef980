import type { CutPlan } from '../../trimmer/cutting';
import { area } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { Assignment } from './program';
import type { Table } from './table';
import { heldIn } from '../../ground/heldIn';
import { nth } from '../../ground/nth';

/**
 * Pieces smaller than this (square ticks) are small uses: there the good papers show, and little of them goes. From
 * memory: under about 6 1/2 in square.
 */
const SMALL = inches(6.5) ** 2;
/** Differences in how much of the good papers pages have that nobody sees. */
const EVEN = 0.02;
/** Paper lies no older than this, in months; a sheet of which both faces are used counts as so much more used up. */
const OLDEST = 36;
const BOTH_FACES = 1.2;

/** Paper of some designs that each page made takes, and all that it takes. */
function takenBy(
  { job, designs }: Table,
  assignment: Assignment,
  of: ReadonlySet<string>,
): { good: number; all: number }[] {
  return assignment.flatMap((choice, p) => {
    if (!choice) return [];
    const slots = nth(job.pages, p).slots;
    const sizes = choice.map((d, s) => ({
      good: of.has(designs[d] ?? ''),
      size: area(nth(slots, s)) * nth(slots, s).count,
    }));
    return [
      {
        good: sizes.reduce((sum, { good, size }) => sum + (good ? size : 0), 0),
        all: sizes.reduce((sum, { size }) => sum + size, 0),
      },
    ];
  });
}

/**
 * Paper of large pieces that are good, and half that of small ones that are not: good papers where they show, plain
 * ones under them.
 */
function illSaved({ job, designs }: Table, assignment: Assignment, good: ReadonlySet<string>): number {
  return assignment.reduce(
    (total, choice, p) =>
      total +
      (choice ?? []).reduce((sum, d, s) => {
        const slot = nth(nth(job.pages, p).slots, s);
        return sum + slot.count * area(slot) * illSpent(area(slot), good.has(designs[d] ?? ''));
      }, 0),
    0,
  );
}

const illSpent = (size: number, isGood: boolean): number => (size >= SMALL ? (isGood ? 1 : 0) : isGood ? 0 : 0.5);

const newestOf = ({ job }: Table): number => Math.max(0, ...job.stock.map(({ since }) => since ?? 0));
const monthsOld = (since: number | null, newest: number): number =>
  since === null ? OLDEST : Math.min(OLDEST, newest - since);

/** How much is used up: paper cut for pages, more of it the older it is, and where both its faces go. */
function usedUp(table: Table, plan: CutPlan): number {
  const newest = newestOf(table);
  const stock = new Map(table.job.stock.map((one) => [one.id, one]));
  return plan.sheets.reduce((sum, { stock: id, pieces }) => {
    const faces = new Set(pieces.map(({ face }) => face)).size;
    return (
      sum +
      pieces.reduce((total, piece) => total + area(piece), 0) *
        (1 + monthsOld(heldIn(stock, id).since, newest) / 12) *
        (faces > 1 ? BOTH_FACES : 1)
    );
  }, 0);
}

/**
 * What a share-out is judged by after its worth, in order, less being better: by the format's aims, or by her taste.
 * Modes: common practice of the trade, no source.
 */
export function tasteOf(table: Table, assignment: Assignment, plan: CutPlan): number[] {
  const { taste } = table.job;
  const { fresh, kept, wasteArea, cuts } = plan.stats;
  const rest = [-kept, wasteArea, cuts];
  if (!taste) return [fresh, ...rest];
  if (taste.mode === 'save') return [fresh, illSaved(table, assignment, new Set(taste.good)), ...rest];
  if (taste.mode === 'spend') return [-usedUp(table, plan), ...rest.slice(1)];
  const taken = takenBy(table, assignment, new Set(taste.good));
  const shares = taken.map(({ good, all }) => (all === 0 ? 0 : good / all));
  const spread = shares.length === 0 ? 0 : Math.max(...shares) - Math.min(...shares);
  return [Math.floor(spread / EVEN), fresh, ...rest];
}

/** How many of some papers that could be used are not. */
function missing({ designs }: Table, assignment: Assignment, papers: readonly string[] = []): number {
  const used = new Set(assignment.flatMap((choice) => (choice ?? []).map((d) => designs[d])));
  return papers.filter((design) => designs.includes(design) && !used.has(design)).length;
}

/** How many of the papers that must be used are not. */
export const mustMissing = (table: Table, assignment: Assignment): number =>
  missing(table, assignment, table.job.taste?.must);

/** How many of the papers that she means to use are not. */
export const meantMissing = (table: Table, assignment: Assignment): number =>
  missing(table, assignment, table.job.taste?.meant);

/** How much a small piece leans. */
const SLIGHTLY = 0.1;
/** How much what she means to use is asked for. */
const MEANT = -0.6;
/** How much later the last of a slot's designs is tried than the first. */
const NAMED_LATER = 0.5;

/**
 * What a design for a slot costs by her taste, from -2 (asked for) to 1.5: the way in which other share-outs are looked
 * for.
 */
export function leaning(table: Table): (page: number, slot: number, design: number) => number {
  const { job, designs, carries } = table;
  const { taste } = job;
  // Of the designs that a slot may be of, those named first are tried first.
  const order = job.pages.map(({ slots }) =>
    slots.map(({ of }) => new Map(of?.map((name, i) => [name, (NAMED_LATER * i) / of.length]))),
  );
  const named = (p: number, s: number, d: number): number => nth(nth(order, p), s).get(designs[d] ?? '') ?? 0;
  if (!taste) return named;
  const newest = newestOf(table);
  const largest = Math.max(1, ...job.pages.flatMap(({ slots }) => slots.map(area)));
  const [good, must, meant] = [new Set(taste.good), new Set(taste.must), new Set(taste.meant)];
  const age = designs.map((_, d) =>
    Math.max(
      0,
      ...job.stock.filter((__, k) => nth(carries, k).includes(d)).map(({ since }) => monthsOld(since, newest)),
    ),
  );
  return (p, s, d) => {
    const name = designs[d] ?? '';
    const asked = (must.has(name) ? -1 : meant.has(name) ? MEANT : 0) + named(p, s, d);
    if (taste.mode === 'save') {
      const size = area(nth(nth(job.pages, p).slots, s));
      // Large pieces lean to plain papers; small ones hardly lean, or a fresh sheet would be opened for each.
      return (
        asked +
        (size >= SMALL ? illSpent(size, good.has(name)) * (size / largest) : SLIGHTLY * illSpent(size, good.has(name)))
      );
    }
    return asked + (taste.mode === 'spend' ? -nth(age, d) / OLDEST : 0);
  };
}
