/** One of many things that are alike: its own id and copy number. */
export interface Copy { readonly id: string; readonly copy: number; readonly lying: boolean }

/** Things alike, counted as one, and which copy of which it is when the nth of them is taken. */
export interface Alike<T> { readonly one: T; readonly count: number; readonly copyAt: (n: number) => Copy }

interface Counted { readonly id: string; readonly count: number }

/**
 * Puts things alike together, in the order in which their kinds first come.
 * @param kindOf what two things must share to be alike, and whether this one is only so lying on its side
 */
export function groupAlike<T extends Counted>(list: readonly T[], kindOf: (one: T) => { key: string; lying: boolean; as: T }): Alike<T>[] {
  const groups = new Map<string, { one: T; members: { id: string; count: number; lying: boolean }[] }>();
  for (const thing of list) {
    const { key, lying, as } = kindOf(thing);
    const group = groups.get(key);
    const member = { id: thing.id, count: thing.count, lying };
    if (group) group.members.push(member);
    else groups.set(key, { one: as, members: [member] });
  }
  return [...groups.values()].map(({ one, members }) => ({
    one, count: members.reduce((sum, { count }) => sum + count, 0),
    copyAt: (n) => {
      let at = 0;
      let before = 0;
      while (n > before + members[at]!.count) before += members[at++]!.count;
      return { id: members[at]!.id, copy: n - before, lying: members[at]!.lying };
    },
  }));
}
