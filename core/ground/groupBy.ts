/** Things by a key of theirs, in the order in which each key comes first. */
export function groupBy<K, T>(things: Iterable<T>, keyOf: (thing: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const thing of things) {
    const key = keyOf(thing);
    const own = groups.get(key);
    if (own) own.push(thing);
    else groups.set(key, [thing]);
  }
  return groups;
}
