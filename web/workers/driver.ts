import { breathe } from './breathe';

/** Between two reports: more would keep the page busy drawing. */
const REPORT_MS = 150;

/** Runs searches one at a time; a new one, or `stop`, ends the one before, which answers with what it has. */
export function makeDriver(now: () => number = () => performance.now()) {
  let run = 0;
  return {
    /**
     * Runs a search to its end or until it is stopped; the last answer counts, null where none came. One that is made
     * ready first has its turn from when it was asked: whichever is ready last, the last one asked goes on.
     */
    async drive<T>(
      search: Iterable<T> | Promise<Iterable<T>>,
      onProgress: (progress: T) => unknown,
    ): Promise<T | null> {
      const mine = ++run;
      let last: T | null = null;
      let reported = -Infinity;
      for (const progress of await search) {
        last = progress;
        if (now() - reported >= REPORT_MS) {
          onProgress(progress);
          reported = now();
        }
        await breathe();
        if (mine !== run) break;
      }
      return last;
    },
    stop(): void {
      run++;
    },
  };
}
