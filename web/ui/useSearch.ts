import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { whyOf } from './BrokenOff';

/** What a search has found so far, and how it stands. */
export interface Searching<P> {
  readonly found: P | null;
  /** It is of the search as it is now; what the one before found stands until this one has something. */
  readonly isCurrent: boolean;
  /** 0 to 1; null: nothing is looked for, the search is over, or only goes on for what else there is. */
  readonly done: number | null;
  readonly trouble: string | null;
  /** Ends it; what it has found by then stands. */
  readonly stop: () => void;
  /** Once it broke off: from the beginning. */
  readonly again: () => void;
}

/**
 * What is looked for: tells what it has found so far, and answers with the last of it; null: with nothing new. Once
 * the signal says so it begins nothing more.
 */
export type Search<P extends { readonly done: number | null }> = (
  onProgress: (progress: P) => void,
  signal: AbortSignal,
) => Promise<Omit<P, 'done'> | null>;

interface Standing<F> {
  readonly found: F | null;
  /** The search that what was found is of. */
  readonly foundBy: unknown;
  /** The search and the run of it that how it goes is told of. */
  readonly toldBy: unknown;
  readonly run: unknown;
  readonly done: number | null;
  readonly trouble: string | null;
}

const NOTHING = { found: null, foundBy: null, toldBy: null, run: null, done: 0, trouble: null };

/**
 * Runs a search, and anew whenever it is another; what was found stands until the next has something.
 * @param search the same function as long as what is looked for is; null: nothing is
 * @param stopWorker ends what a worker does for it; it answers with the best so far
 */
export function useSearch<P extends { readonly done: number | null }>(
  search: Search<P> | null,
  stopWorker: () => void,
): Searching<Omit<P, 'done'>> {
  const [standing, setStanding] = useState<Standing<Omit<P, 'done'>>>(NOTHING);
  const [run, again] = useReducer((): object => ({}), {});
  const running = useRef(new AbortController());
  const stop = useCallback((): void => {
    running.current.abort();
    stopWorker();
  }, [stopWorker]);
  useEffect(() => {
    if (!search) return;
    let isLatest = true;
    const tell = (found: Omit<P, 'done'> | null, done: number | null, trouble: string | null = null): void => {
      if (!isLatest) return;
      setStanding((before) => ({
        ...(found ? { found, foundBy: search } : { found: before.found, foundBy: before.foundBy }),
        ...{ toldBy: search, run, done, trouble },
      }));
    };
    const { signal } = (running.current = new AbortController());
    search((progress) => tell(progress, progress.done), signal).then(
      (last) => tell(last, null),
      (error: unknown) => tell(null, null, whyOf(error)),
    );
    return () => {
      isLatest = false;
      stop();
    };
  }, [search, stop, run]);
  const { found, foundBy, toldBy, done, trouble } = standing;
  const isTold = toldBy === search && standing.run === run;
  const how = isTold ? { done, trouble } : { done: search ? 0 : null, trouble: null };
  return { found, isCurrent: foundBy === search, ...how, stop, again };
}
