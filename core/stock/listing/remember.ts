/** So many readings are remembered: a list being typed changes a line at a time. */
const MOST = 4_000;

/** The same function, which remembers what it gave of late. @param read of what JSON can hold */
export function remember<Args extends readonly unknown[], T>(read: (...args: Args) => T): (...args: Args) => T {
  const known = new Map<string, { readonly value: T }>();
  return (...args) => {
    const key = JSON.stringify(args);
    const before = known.get(key);
    if (before) return before.value;
    if (known.size >= MOST) known.clear();
    const value = read(...args);
    known.set(key, { value });
    return value;
  };
}
