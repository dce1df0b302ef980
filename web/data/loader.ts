/** So many at a time: the screen stays quick meanwhile. */
const BATCH = 12;

/** Loads things by id, each once however often it is asked for: some at once, others between times. */
export function makeLoader(load: (ids: readonly string[]) => Promise<void>, idle: () => Promise<void>) {
  const asked = new Set<string>();
  const take = (ids: readonly string[]): string[] => {
    const some = [...new Set(ids)].filter((id) => !asked.has(id)).slice(0, BATCH);
    some.forEach((id) => asked.add(id));
    return some;
  };
  return {
    async soon(ids: readonly string[]): Promise<void> {
      for (let some = take(ids); some.length > 0; some = take(ids)) await load(some);
    },
    /** Waits to be idle before each batch. */
    async later(ids: readonly string[]): Promise<void> {
      while (ids.some((id) => !asked.has(id))) {
        await idle();
        const some = take(ids);
        if (some.length > 0) await load(some);
      }
    },
  };
}
