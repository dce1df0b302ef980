import type { Size } from '../../../ground/geometry';
import { nth } from '../../../ground/nth';

/**
 * One of many things that are alike: its own id and copy number, and whether its sides are those of the first
 * exchanged.
 */
export interface Copy {
  readonly id: string;
  readonly copy: number;
  readonly lying: boolean;
}

/** Things alike, counted as one, and which copy of which it is when the nth of them is taken. */
export interface Alike<T> {
  readonly one: T;
  readonly count: number;
  readonly ids: readonly string[];
  readonly copyAt: (n: number) => Copy;
}

interface Counted extends Size {
  readonly id: string;
  readonly count: number;
}

/**
 * Puts things alike together, in the order in which their kinds first come.
 * @param kindOf what two things must share to be alike
 */
export function groupAlike<T extends Counted>(list: readonly T[], kindOf: (one: T) => string): Alike<T>[] {
  const groups = new Map<string, { one: T; members: { id: string; count: number; lying: boolean }[] }>();
  for (const thing of list) {
    const key = kindOf(thing);
    const group = groups.get(key) ?? { one: thing, members: [] };
    group.members.push({ id: thing.id, count: thing.count, lying: thing.w !== group.one.w });
    groups.set(key, group);
  }
  return [...groups.values()].map(({ one, members }) => ({
    one,
    count: members.reduce((sum, { count }) => sum + count, 0),
    ids: members.map(({ id }) => id),
    copyAt: (n) => {
      let at = 0;
      let before = 0;
      while (n > before + nth(members, at).count) before += nth(members, at++).count;
      return { id: nth(members, at).id, copy: n - before, lying: nth(members, at).lying };
    },
  }));
}
