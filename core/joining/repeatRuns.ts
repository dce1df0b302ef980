import { lossAt, type Kind, type Run } from './kind';
import type { JoinJob } from './types';

/** A run in the making. `head` is what its last strip has lost at its start: the less, the more is left for the next join. */
interface Growing {
  readonly used: readonly number[];
  readonly last: number;
  readonly length: number;
  readonly touched: number;
  readonly head: number;
  readonly before: Growing | null;
}

/** Steps of growing in all. Where they do not reach, only the longest runs go on, and the answer is near rather than exact. */
const MOST_STEPS = 12_000_000;
const LEAST_RUNS = 300;
const MOST_RUNS = 60_000;

const kindsIn = (run: Growing | null, kinds: readonly Kind[]): Kind[] => (run === null ? [] : [...kindsIn(run.before, kinds), kinds[run.last]!]);

/** Of runs of the same strips with the same last one, only those that none other beats in both length and head are kept. */
function keep(layer: Map<string, Growing[]>, run: Growing): void {
  const key = `${run.last}|${run.used.join()}`;
  const alike = layer.get(key) ?? [];
  if (alike.some((other) => other.length >= run.length && other.head <= run.head)) return;
  layer.set(key, [...alike.filter((other) => !(run.length >= other.length && run.head <= other.head)), run]);
}

function grow(run: Growing, next: number, kinds: readonly Kind[], { repeat, lap }: JoinJob): Growing | null {
  const kind = kinds[next]!;
  if (run.used[next]! >= kind.strips.length) return null;
  const left = kinds[run.last]!;
  const loss = lossAt(left, kind, repeat, lap);
  // Every part stays longer than the lap.
  const spare = left.length - run.head - lap - 1;
  const head = loss - Math.min(loss, spare);
  if (spare < 0 || kind.length - head <= lap) return null;
  return {
    used: run.used.map((n, i) => (i === next ? n + 1 : n)), last: next, length: run.length + kind.length - loss - lap, touched: run.touched + kind.length, head, before: run,
  };
}

/**
 * Strips whose pattern repeats: the run of the fewest strips that reaches the length needed, of these the one that
 * touches the least, and the length of the longest run. Runs grow by a strip at a time; of those with the same strips
 * and the same end only the best go on.
 */
export function repeatRuns(kinds: readonly Kind[], job: JoinJob): { best: Run | null; longest: number } {
  const copies = kinds.reduce((total, kind) => total + kind.strips.length, 0);
  const most = Math.max(LEAST_RUNS, Math.min(MOST_RUNS, Math.floor(MOST_STEPS / Math.max(1, kinds.length * Math.min(copies, 200)))));
  let layer = new Map<string, Growing[]>();
  kinds.forEach((kind, i) => keep(layer, { used: kinds.map((_, j) => (j === i ? 1 : 0)), last: i, length: kind.length, touched: kind.length, head: 0, before: null }));
  let best: Growing | null = null;
  let longest = 0;
  for (let steps = 0; layer.size > 0 && steps < 4 * MOST_STEPS;) {
    let runs = [...layer.values()].flat();
    const reaching = runs.filter(({ length }) => length >= job.need.length);
    if (!best && reaching.length > 0) best = reaching.reduce((a, b) => (b.touched < a.touched ? b : a));
    longest = runs.reduce((top, { length }) => Math.max(top, length), longest);
    if (runs.length > most) runs = runs.sort((a, b) => b.length - a.length).slice(0, most);
    layer = new Map();
    for (const run of runs) for (let next = 0; next < kinds.length; next++) {
      const grown = grow(run, next, kinds, job);
      if (grown) keep(layer, grown);
    }
    steps += runs.length * kinds.length;
  }
  return { best: best && { kinds: kindsIn(best, kinds), length: best.length }, longest };
}
