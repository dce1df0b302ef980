import type { Laid, Patterns } from './patterns';
import { Unlimited } from './unlimited';
import { nth } from '../../../ground/nth';

/** What is asked for a piece because there are only so many of it, and what then nothing can beat. */
export interface Priced {
  /** By item, 0 or more. */
  readonly prices: readonly number[];
  readonly table: Unlimited;
  readonly bound: number;
}

const MOST_ROUNDS = 60;
/** Rounds without a lower bound after which the steps are halved. */
const PATIENCE = 4;

/** About as many joins of builds as one table takes long. */
const joinsOf = ({ xs, ys }: Patterns): number => (xs.length * ys.length * (xs.length + ys.length)) / 100;

/**
 * Lowers what pieces are worth until the dearest cutting without limits keeps to what there is of each as far as can
 * be: Lagrangian relaxation of the counts by the subgradient method (N. Christofides, E. Hadjiconstantinou, European
 * Journal of Operational Research 83, 1995; M. Held, R. M. Karp, Mathematical Programming 1, 1971).
 * @param known what a plan reaches already
 * @param spend counts joins of builds that would take as long; false: stop
 * @param onTable is shown every table, whose cutting may be the start of a good plan, and says what is reached then
 * @returns the table without prices first, then, where they help, that with the best prices found
 */
export function priceOut(
  patterns: Patterns,
  laid: readonly Laid[],
  left: readonly number[],
  worth: readonly number[],
  known: number,
  spend: (joins: number) => boolean,
  onTable: (table: Unlimited) => number,
): readonly [plain: Priced, priced?: Priced] {
  const { W, H } = patterns;
  const plain = new Unlimited(patterns, laid, worth);
  const free: Priced = { prices: worth.map(() => 0), table: plain, bound: plain.worth(W, H) };
  let best = free;
  let { prices, table, bound } = free as { prices: readonly number[]; table: Unlimited; bound: number };
  let [pace, quiet] = [1, 0];
  let reached = known;
  for (let round = 0; ; round++) {
    reached = Math.max(reached, onTable(table));
    const over = table.counts(worth.length).map((n, i) => n - nth(left, i));
    const length = over.reduce((sum, n, i) => sum + (n > 0 || nth(prices, i) > 0 ? n * n : 0), 0);
    if (round >= MOST_ROUNDS || length === 0 || best.bound <= reached || pace < 0.01 || !spend(joinsOf(patterns)))
      break;
    const step = (pace * Math.max(bound - reached, 1e-4 * bound)) / length;
    const next = prices.map((price, i) => Math.max(0, price + step * nth(over, i)));
    prices = next;
    table = new Unlimited(
      patterns,
      laid,
      worth.map((one, i) => one - nth(next, i)),
    );
    bound = table.worth(W, H) + next.reduce((sum, price, i) => sum + price * nth(left, i), 0);
    if (bound < best.bound) {
      best = { prices, table, bound };
      quiet = 0;
    } else if (++quiet % PATIENCE === 0) pace /= 2;
  }
  return best === free ? [free] : [free, best];
}
