import type { Ticks } from '../../ground/length';
import { allJoined } from './allJoined';
import { lossAt, type Kind, type Run } from './kind';
import type { JoinJob } from './types';
import { nth } from '../../ground/nth';

/**
 * A run in the making. `head` is what its last strip has lost at its start: the less, the more is left for the next
 * join.
 */
interface Growing {
  readonly last: number;
  readonly length: Ticks;
  readonly touched: number;
  readonly head: number;
  readonly before: Growing | null;
  /** The same for the same strips, in whatever order. */
  readonly strips: number;
}

/**
 * Steps of growing in all, and those of one layer, past which only the longest runs go on: near then, rather than
 * exact.
 */
const MOST_STEPS = 10_000_000;
const MOST_IN_LAYER = 1_500_000;
const HASH_SIZE = 2 ** 45;

/** A number for each kind, spread widely, so that their sums tell sets of strips apart (Zobrist's hashing). */
const marksOf = (count: number): number[] => {
  let seed = 1;
  const next = (): number => (seed = (Math.imul(seed ^ (seed >>> 15), 0x2c1b3c6d) + 0x9e3779b9) | 0) >>> 0;
  return Array.from({ length: count }, () => next() * 8192 + (next() % 8192));
};

const kindsIn = (run: Growing | null, kinds: readonly Kind[]): Kind[] => {
  const inOrder: Kind[] = [];
  for (let at = run; at !== null; at = at.before) inOrder.push(nth(kinds, at.last));
  return inOrder.reverse();
};

function usedBy(run: Growing, into: Uint16Array): void {
  into.fill(0);
  for (let at: Growing | null = run; at !== null; at = at.before) into[at.last] = nth(into, at.last) + 1;
}

/**
 * The runs of so many strips: of those of the same strips with the same last one, only those that none other beats in
 * both length and head.
 */
class Layer {
  private readonly alike = new Map<number, Growing[]>();

  constructor(private readonly marks: readonly number[]) {}

  keep(run: Growing): void {
    const key = (run.strips * 31 + nth(this.marks, run.last)) % HASH_SIZE;
    const others = this.alike.get(key);
    if (!others) this.alike.set(key, [run]);
    else if (!others.some((other) => other.length >= run.length && other.head <= run.head)) {
      this.alike.set(key, [...others.filter((other) => !(run.length >= other.length && run.head <= other.head)), run]);
    }
  }

  runs(): Growing[] {
    return [...this.alike.values()].flat();
  }
}

/** The run with one strip more, or null where a part would be no longer than the lap. */
function grow(
  run: Growing,
  next: number,
  kinds: readonly Kind[],
  marks: readonly number[],
  { repeat, lap }: JoinJob,
): Growing | null {
  const [left, right] = [nth(kinds, run.last), nth(kinds, next)];
  const loss = lossAt(left, right, repeat, lap);
  const spare = left.length - run.head - lap - 1;
  const head = loss - Math.min(loss, spare);
  if (spare < 0 || right.length - head <= lap) return null;
  return {
    last: next,
    length: run.length + right.length - loss - lap,
    touched: run.touched + right.length,
    head,
    before: run,
    strips: (run.strips + nth(marks, next)) % HASH_SIZE,
  };
}

/** The fewest strips from a run's start that reach the length. */
function startOf({ kinds }: Run, { need, repeat, lap }: JoinJob): Run {
  let length = nth(kinds, 0).length;
  let count = 1;
  for (; length < need.length; count++)
    length += nth(kinds, count).length - lossAt(nth(kinds, count - 1), nth(kinds, count), repeat, lap) - lap;
  return { kinds: kinds.slice(0, count), length };
}

/**
 * Strips whose pattern repeats: the run of the fewest strips that reaches the length needed, of these the one that
 * touches the least, and the length of the longest run. Runs grow by a strip at a time; of those with the same strips
 * and the same end only the best go on.
 */
export function repeatRuns(kinds: readonly Kind[], job: JoinJob): { best: Run | null; longest: number } {
  const all = allJoined(kinds, job);
  if (all && all.length < job.need.length) return { best: null, longest: all.length };
  const copies = kinds.reduce((total, kind) => total + kind.strips.length, 0);
  const marks = marksOf(kinds.length);
  const most = Math.ceil(Math.min(MOST_IN_LAYER, MOST_STEPS / Math.max(1, copies)) / Math.max(1, kinds.length));
  const used = new Uint16Array(kinds.length);
  let runs = kinds.map((kind, i): Growing => ({
    last: i,
    length: kind.length,
    touched: kind.length,
    head: 0,
    before: null,
    strips: nth(marks, i),
  }));
  let best: Growing | null = null;
  let longest = 0;
  while (runs.length > 0 && !(all && best)) {
    const reaching = runs.filter(({ length }) => length >= job.need.length);
    if (!best && reaching.length > 0) best = reaching.reduce((a, b) => (b.touched < a.touched ? b : a));
    longest = runs.reduce((top, { length }) => Math.max(top, length), longest);
    if (runs.length > most) runs = runs.sort((a, b) => b.length - a.length).slice(0, most);
    const layer = new Layer(marks);
    for (const run of runs) {
      usedBy(run, used);
      for (let next = 0; next < kinds.length; next++) {
        const grown = nth(used, next) < nth(kinds, next).strips.length && grow(run, next, kinds, marks, job);
        if (grown) layer.keep(grown);
      }
    }
    runs = layer.runs();
  }
  if (best) return { best: { kinds: kindsIn(best, kinds), length: best.length }, longest: all?.length ?? longest };
  return { best: all && startOf(all, job), longest: all?.length ?? longest };
}
