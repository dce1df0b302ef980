import { groupBy } from '../../../ground/groupBy';
import { nth } from '../../../ground/nth';
import type { Levels } from './allBuilds';
import type { BuildTable } from './buildTable';
import { NONE } from '../parts/buildRows';
import { at } from '../parts/column';
import { evidenceOf } from './evidence';

/** Builds of more blocks are not drawn: there are too many that came about by chance. */
const MOST_DRAWN = 12;
/** Logarithm of how many edges one could meet by chance: what a joint must have for it to count. */
const CHANCE = 3.4;
/** How much less than their full weight worse layouts are shunned, so that others are come to. */
const HEAT = 1.2;
/** Steps of the walk, those at its beginning that tell nothing yet, and between two that are counted. */
const STEPS = 12_000;
const BEFORE_COUNTING = 2_000;
const BETWEEN_COUNTS = 20;
/** Joins of the other searches in the time of one step. */
const JOINS_PER_STEP = 12;

/** Blocks that may have lain together. */
export interface Together {
  /** A build of them. */
  readonly row: number;
  /** Of the layouts come past, the share in which they lie together. */
  readonly share: number;
}

/** Draws rows by weight. */
function lots(weights: Float64Array, random: () => number): () => number {
  let sum = 0;
  const sums = weights.map((weight) => (sum += weight));
  return () => {
    const lot = random() * sum;
    let [low, high] = [0, sums.length - 1];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (at(sums, middle) < lot) low = middle + 1;
      else high = middle;
    }
    return low;
  };
}

/** Builds side by side that have no block in common, and what speaks for them. */
class Layout {
  private builds: number[] = [];
  /** The same after the change that is weighed, and how much more speaks for it. */
  private next: number[] = [];
  private gain = 0;

  constructor(
    private readonly table: BuildTable,
    private readonly weights: Float64Array,
  ) {}

  /**
   * Puts a build in: those it has blocks in common with make room, but for parts of theirs that need not.
   * @param accepts told by how much more speaks for the layout
   */
  putIn(build: number, accepts: (gain: number) => boolean): void {
    if (this.builds.includes(build)) return;
    this.next = [build];
    this.gain = at(this.weights, build);
    for (const row of this.builds) {
      this.gain -= at(this.weights, row);
      this.keepBeside(build, row);
    }
    if (accepts(this.gain)) this.builds = this.next;
  }

  private keepBeside(build: number, row: number): void {
    const { table } = this;
    if (at(table.near, row) === NONE) return;
    if (table.meet(row, build)) {
      this.keepBeside(build, at(table.near, row));
      this.keepBeside(build, at(table.far, row));
    } else {
      this.next.push(row);
      this.gain += at(this.weights, row);
    }
  }

  /** Counts every build that is in it, those put together of others too. */
  count(counts: Float64Array): void {
    for (const row of this.builds) this.countIn(counts, row);
  }

  private countIn(counts: Float64Array, row: number): void {
    const { near, far } = this.table;
    if (at(near, row) === NONE) return;
    counts[row] = at(counts, row) + 1;
    this.countIn(counts, at(near, row));
    this.countIn(counts, at(far, row));
  }
}

/**
 * Which blocks most likely lay together: a walk through layouts of builds without a block in common, that comes past
 * one the more often, the more speaks for it (N. Metropolis and others, Journal of Chemical Physics 21, 1953; builds
 * are drawn by the root of their weight, without correction, so shares are near probabilities, not equal to them).
 * @param spend counts joins; false: the work allowed is done
 */
export function likelyTogether(
  table: BuildTable,
  levels: Levels,
  random: () => number,
  spend: (joins: number) => boolean,
): Together[] {
  const { starts } = levels;
  const [from, to] = [nth(starts, 2), nth(starts, Math.min(MOST_DRAWN + 1, starts.length - 1))];
  if (to === from || !spend(STEPS * JOINS_PER_STEP)) return [];
  const weights = evidenceOf(table, levels).map((sum, row) => sum - CHANCE * (at(table.sizes, row) - 1));
  const draw = lots(
    weights.slice(from, to).map((weight) => Math.exp(weight / 2)),
    random,
  );
  const layout = new Layout(table, weights);
  const accepts = (gain: number): boolean => gain >= 0 || random() < Math.exp(gain / HEAT);
  const counts = new Float64Array(to);
  for (let step = 0; step < STEPS; step++) {
    layout.putIn(from + draw(), accepts);
    if (step >= BEFORE_COUNTING && step % BETWEEN_COUNTS === 0) layout.count(counts);
  }
  const met = [...counts.keys()].filter((row) => at(counts, row) > 0);
  const counted = (STEPS - BEFORE_COUNTING) / BETWEEN_COUNTS;
  // A build and the same one turned are the same blocks.
  return [...groupBy(met, (row) => table.setOf(row)).values()].map((rows) => ({
    row: nth(rows, 0),
    share: rows.reduce((sum, row) => sum + at(counts, row), 0) / counted,
  }));
}
