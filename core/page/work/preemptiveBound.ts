/**
 * The least time by which one pair of hands is through with jobs that may be broken off and taken up again: always the
 * one with the longest tail of those that have come (J. R. Jackson, "Scheduling a production line to minimize maximum
 * tardiness", UCLA Management Science Research Project, 1955; from memory). Without breaks it takes no less.
 * @param heads from when each can be begun
 * @param lengths of her own time
 * @param tails what follows each when it is done
 */
export function preemptiveBound(
  heads: readonly number[],
  lengths: readonly number[],
  tails: readonly number[],
): number {
  const left = [...lengths];
  const byHead = heads.map((_, i) => i).sort((a, b) => (heads[a] ?? 0) - (heads[b] ?? 0));
  const come = new Set<number>();
  let [now, at, bound] = [0, 0, 0];
  while (at < byHead.length || come.size > 0) {
    if (come.size === 0) now = Math.max(now, heads[byHead[at] ?? 0] ?? 0);
    for (let i = byHead[at]; i !== undefined && (heads[i] ?? 0) <= now; i = byHead[++at]) come.add(i);
    let most = -1;
    for (const i of come) if (most < 0 || (tails[i] ?? 0) > (tails[most] ?? 0)) most = i;
    const until = heads[byHead[at] ?? -1] ?? Infinity;
    const spent = Math.min(left[most] ?? 0, until - now);
    now += spent;
    left[most] = (left[most] ?? 0) - spent;
    if ((left[most] ?? 0) > 0) continue;
    come.delete(most);
    bound = Math.max(bound, now + (tails[most] ?? 0));
  }
  return bound;
}
