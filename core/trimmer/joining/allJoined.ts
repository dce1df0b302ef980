import type { Ticks } from '../../ground/length';
import type { Kind, Run } from './kind';
import type { JoinJob } from './types';
import { heldIn } from '../../ground/heldIn';
import { nth } from '../../ground/nth';

/** Pairs of a first and a last strip that are weighed, and stretches walked, past which this way is too long. */
const MOST_PAIRS = 1_000_000;
const MOST_STRETCHES = 5_000_000;

/**
 * The points of the repeat where strips start and end, in the order in which cutting a strip's end back meets them,
 * round and round. A strip leads from the point of its start to that of its end; a join's loss leads on from there to
 * the start of the next strip, over `walks[i]` stretches from point i to the one after it.
 */
interface Round {
  readonly points: readonly number[];
  readonly starts: readonly number[];
  readonly ends: readonly number[];
  readonly walks: readonly number[];
}

function roundOf(kinds: readonly Kind[], repeat: number, lap: Ticks): Round {
  const back = (at: number): number => (repeat - (((at % repeat) + repeat) % repeat)) % repeat;
  const startAt = kinds.map(({ phase }) => back(phase));
  const endAt = kinds.map(({ phase, length }) => back(phase + length - lap));
  const points = [...new Set([...startAt, ...endAt])].sort((a, b) => a - b);
  const at = new Map(points.map((point, i) => [point, i]));
  const placed = (list: readonly number[]): number[] => list.map((point) => heldIn(at, point));
  const [starts, ends] = [placed(startAt), placed(endAt)];
  const walks = points.map(() => 0);
  kinds.forEach(({ strips }, i) => {
    walks[nth(ends, i)] = nth(walks, nth(ends, i)) + strips.length;
    walks[nth(starts, i)] = nth(walks, nth(starts, i)) - strips.length;
  });
  for (let i = 1; i < walks.length; i++) walks[i] = nth(walks, i) + nth(walks, i - 1);
  const least = walks.reduce((a, b) => Math.min(a, b));
  return { points, starts: starts, ends: ends, walks: walks.map((n) => n - least) };
}

/** Whether strips and walks hang together, so that one line runs through all of them (Euler). */
function hangsTogether({ points, starts, ends }: Round, walks: readonly number[]): boolean {
  const parent = points.map((_, i) => i);
  const root = (i: number): number => (parent[i] === i ? i : (parent[i] = root(nth(parent, i))));
  starts.forEach((start, i) => {
    parent[root(start)] = root(nth(ends, i));
  });
  walks.forEach((n, i) => {
    if (n > 0) parent[root(i)] = root((i + 1) % points.length);
  });
  return parent.every((_, i) => root(i) === root(0));
}

/** One line through every strip and walk, from a point (Hierholzer's way). */
function orderOf(
  kinds: readonly Kind[],
  { points, starts, ends }: Round,
  walks: readonly number[],
  from: number,
): Kind[] {
  const strips: number[][] = points.map(() => []);
  kinds.forEach((kind, i) => kind.strips.forEach(() => nth(strips, nth(starts, i)).push(i)));
  const left = [...walks];
  const backwards: number[] = [];
  const path: { at: number; by: number | null }[] = [{ at: from, by: null }];
  for (let last = path.at(-1); last; last = path.at(-1)) {
    const { at, by } = last;
    const strip = nth(strips, at).pop();
    if (strip !== undefined) path.push({ at: nth(ends, strip), by: strip });
    else if (nth(left, at) > 0) {
      left[at] = nth(left, at) - 1;
      path.push({ at: (at + 1) % points.length, by: null });
    } else {
      path.pop();
      if (by !== null) backwards.push(by);
    }
  }
  return backwards.reverse().map((i) => nth(kinds, i));
}

/**
 * The longest run of strips that are all long against the repeat, exactly: it takes every one of them, and what its
 * joins lose is, but for the first and the last strip, the same in every order that goes round the repeat equally
 * often. So the least loss is that of the fewest rounds with which one line runs through all strips: the wallpaper
 * problem of R. S. Garfinkel, Operations Research 25 (1977), 741-751, solved by an Eulerian path.
 * @returns null where a strip is too short to bear a loss at both its ends, or the search would be too long
 */
export function allJoined(kinds: readonly Kind[], { repeat, lap }: JoinJob): Run | null {
  if (repeat === null || kinds.length === 0 || kinds.some(({ length }) => length < 2 * repeat + lap)) return null;
  const round = roundOf(kinds, repeat, lap);
  const { points, walks } = round;
  const [firsts, lasts] = [[...new Set(round.starts)], [...new Set(round.ends)]];
  if (firsts.length * lasts.length > MOST_PAIRS) return null;
  const after = (from: number, to: number): number =>
    (((nth(points, to) - nth(points, from)) % repeat) + repeat) % repeat;
  /** The walks of a line from `first` to `last`: the walk from the one to the other is not needed. */
  const lineWalks = (first: number, last: number, more: number): number[] => {
    const own = [...walks];
    for (let i = last; i !== first; i = (i + 1) % points.length) own[i] = nth(own, i) - 1;
    const least = own.reduce((a, b) => Math.min(a, b));
    return own.map((n) => n - least + more);
  };
  // How far one can go on from each point on walks that every round has anyway.
  const reach = points.map((_, from) => {
    let far = 0;
    for (let i = from; nth(walks, i) > 0 && far < repeat; i = (i + 1) % points.length)
      far += after(i, (i + 1) % points.length) || repeat;
    return Math.min(far, repeat);
  });
  const pairs = lasts.flatMap((last) =>
    firsts.map((first) => ({
      first,
      last,
      saved: after(last, first) <= nth(reach, last) ? after(last, first) : after(last, first) - repeat,
    })),
  );
  pairs.sort((a, b) => b.saved - a.saved);
  // With one round more, everything hangs together.
  const sure = { ...nth(pairs, 0), saved: nth(pairs, 0).saved - repeat, more: 1 };
  for (const { first, last, more } of [
    ...pairs.filter(({ saved }) => saved > sure.saved).map((pair) => ({ ...pair, more: 0 })),
    sure,
  ]) {
    const own = lineWalks(first, last, more);
    if (!hangsTogether(round, own)) continue;
    if (own.reduce((a, b) => a + b) > MOST_STRETCHES) return null;
    const order = orderOf(kinds, round, own, first);
    const loss = own.reduce((total, n, i) => total + n * (after(i, (i + 1) % points.length) || repeat), 0);
    return { kinds: order, length: order.reduce((total, { length }) => total + length - lap, lap) - loss };
  }
  return null;
}
