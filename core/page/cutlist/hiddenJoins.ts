import type { JoinedPart, Strip } from '../../trimmer/joining';
import { inches, type Ticks } from '../../ground/length';
import { nth } from '../../ground/nth';

/** Two parts meet there, from the strip's left end or head; whether other layers hide it. */
export interface JoinPlace {
  readonly at: Ticks;
  readonly isHidden: boolean;
}

/** A run of parts, with the places where they meet. */
export interface Joined {
  readonly parts: readonly JoinedPart[];
  readonly joins: readonly JoinPlace[];
}

/** Joins are tried at each of these, and a part is at least so long. */
const STEP = inches(1 / 8);
const LEAST_PART = inches(1 / 2);
/** So many strips more than are needed are tried, and so many in all their orders. */
const MOST_MORE = 2;
const MOST_ORDERED = 4;

export const inSight = (joins: readonly JoinPlace[]): number => joins.filter(({ isHidden }) => !isHidden).length;

function ordersOf<T>(things: readonly T[]): (readonly T[])[] {
  if (things.length > MOST_ORDERED) return [things, [...things].reverse()];
  if (things.length < 2) return [things];
  return things.flatMap((first, i) => ordersOf(things.filter((_, j) => j !== i)).map((rest) => [first, ...rest]));
}

/**
 * Strips in this order, joined where the fewest joins are seen: for each join and place the fewest in sight up to there.
 * Null where they do not reach.
 */
function joinedAt(strips: readonly Strip[], length: number, hidden: (along: number) => boolean): Joined | null {
  interface Step {
    readonly at: Ticks;
    readonly seen: number;
    readonly before: Step | null;
  }
  const after = strips.map((_, i) => strips.slice(i + 1).reduce((sum, strip) => sum + strip.length, 0));
  let steps: Step[] = [{ at: 0, seen: 0, before: null }];
  strips.slice(0, -1).forEach((strip, i) => {
    const next = new Map<number, Step>();
    for (const before of steps) {
      const [least, most] = [before.at + LEAST_PART, Math.min(before.at + strip.length, length - LEAST_PART)];
      const from = Math.max(least, length - nth(after, i));
      for (let at = Math.ceil(from / STEP) * STEP; at <= most; at += STEP) {
        const seen = before.seen + (hidden(at) ? 0 : 1);
        if (seen < (next.get(at)?.seen ?? Infinity)) next.set(at, { at, seen, before });
      }
      // A strip that has nothing to spare is joined at its end, wherever that is.
      if (from <= most && !next.has(most))
        next.set(most, { at: most, seen: before.seen + (hidden(most) ? 0 : 1), before });
    }
    steps = [...next.values()];
  });
  const last = nth(strips, strips.length - 1);
  const ends = steps.filter(({ at }) => length - at <= last.length);
  const best = ends.reduce<Step | null>((found, one) => (found && found.seen <= one.seen ? found : one), null);
  if (!best) return null;
  const places: number[] = [length];
  for (let step: Step | null = best; step; step = step.before) places.unshift(step.at);
  return {
    parts: strips.map(({ id }, i) => ({ strip: id, copy: 1, from: 0, to: nth(places, i + 1) - nth(places, i) })),
    joins: places.slice(1, -1).map((at) => ({ at, isHidden: hidden(at) })),
  };
}

/**
 * Plain strips joined so that the fewest joins are seen: those chosen, in any order, or with another one or two where
 * that hides more; of as many in sight the fewest joins.
 */
export function hiddenJoins(
  chosen: readonly Strip[],
  others: readonly Strip[],
  length: number,
  hidden: (along: number) => boolean,
): Joined | null {
  const more = [...others].sort((a, b) => b.length - a.length);
  let best: Joined | null = null;
  for (let n = 0; n <= Math.min(MOST_MORE, more.length); n++)
    for (const order of ordersOf([...chosen, ...more.slice(0, n)])) {
      const joined = joinedAt(order, length, hidden);
      if (joined && (!best || inSight(joined.joins) < inSight(best.joins))) best = joined;
      if (best && inSight(best.joins) === 0) return best;
    }
  return best;
}
