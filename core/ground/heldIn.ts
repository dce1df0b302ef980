/** What a map holds for a key that is known to be in it: one that came from what the map was made of. */
export const heldIn = <K, V>(map: ReadonlyMap<K, V>, key: K): V => map.get(key) as V;
