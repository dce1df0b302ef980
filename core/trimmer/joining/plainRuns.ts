import type { Kind, Run } from './kind';
import type { JoinJob } from './types';
import { nth } from '../../ground/nth';

/** Cells of the table of sums past which the choice is made greedily. */
const MOST_CELLS = 40_000_000;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
const sum = (strips: readonly Kind[]): number => strips.reduce((total, { length }) => total + length, 0);

/**
 * Exactly `count` of the strips with the least total of at least `total`: sums reached with so many strips, each
 * remembering the strip that reached it first.
 */
function leastSum(strips: readonly Kind[], count: number, total: number): Kind[] {
  const longest = strips.slice(0, count);
  const grain = strips.reduce((g, { length }) => gcd(g, length), 0);
  const most = sum(longest) / grain;
  if ((count + 1) * (most + 1) > MOST_CELLS || (count + 1) * (most + 1) * strips.length > 40 * MOST_CELLS)
    return shrink(strips, longest, total);
  const reachedBy = new Int32Array((count + 1) * (most + 1)).fill(-1);
  const at = (n: number, s: number): number => n * (most + 1) + s;
  strips.forEach(({ length }, i) => {
    const own = length / grain;
    for (let n = Math.min(count, i + 1); n >= 1; n--)
      for (let s = most; s >= own; s--) {
        if (reachedBy[at(n, s)] !== -1) continue;
        if (n === 1 ? s === own : reachedBy[at(n - 1, s - own)] !== -1) reachedBy[at(n, s)] = i;
      }
  });
  for (let s = Math.ceil(total / grain); s <= most; s++) {
    if (reachedBy[at(count, s)] === -1) continue;
    const chosen: Kind[] = [];
    for (let n = count, rest = s; n > 0; n--) {
      const strip = nth(strips, nth(reachedBy, at(n, rest)));
      chosen.push(strip);
      rest -= strip.length / grain;
    }
    return chosen;
  }
  return longest;
}

/** Puts a shorter strip in place of each, where the total allows it. */
function shrink(strips: readonly Kind[], chosen: readonly Kind[], total: number): Kind[] {
  const own = [...chosen];
  const rest = strips.slice(chosen.length);
  for (let i = own.length - 1; i >= 0; i--) {
    const spare = sum(own) - total;
    const best = rest.findLastIndex(
      ({ length }) => length < nth(own, i).length && nth(own, i).length - length <= spare,
    );
    if (best >= 0) own[i] = nth(rest.splice(best, 1), 0);
  }
  return own;
}

/** Plain strips: any join runs on, and only lengths count. */
export function plainRuns(kinds: readonly Kind[], { need, lap }: JoinJob): { best: Run | null; longest: number } {
  const strips = kinds.flatMap((kind) => kind.strips.map(() => kind)).sort((a, b) => b.length - a.length);
  const single = strips.findLast(({ length }) => length >= need.length);
  // A joined part is longer than the lap.
  const joinable = strips.filter(({ length }) => length > lap);
  const joinedLength = (list: readonly Kind[]): number => sum(list) - lap * (list.length - 1);
  const longest = Math.max(strips[0]?.length ?? 0, joinable.length > 0 ? joinedLength(joinable) : 0);
  if (single) return { best: { kinds: [single], length: single.length }, longest };
  if (longest < need.length) return { best: null, longest };
  let count = 2;
  while (joinedLength(joinable.slice(0, count)) < need.length) count++;
  const chosen = leastSum(joinable, count, need.length + lap * (count - 1));
  return { best: { kinds: chosen, length: joinedLength(chosen) }, longest };
}
