import { useEffect, useReducer, useState } from 'react';
import { whyOf } from './BrokenOff';

/** What a search has found so far, and how it stands. */
export interface Searching<P> {
  readonly found: P | null;
  /** 0 to 1; null: the search is over. */
  readonly done: number | null;
  readonly trouble: string | null;
  /** Once it broke off: from the beginning. */
  readonly again: () => void;
}

/**
 * Runs a search in a worker, and anew whenever it is another; what was found stands until the next has something.
 * @param search the same function as long as what is looked for is
 * @param stop ends whatever runs; it answers with the best so far
 */
export function useSearch<P extends { readonly done: number }>(
  search: (onProgress: (progress: P) => void) => Promise<Omit<P, 'done'> | null>,
  stop: () => void,
): Searching<Omit<P, 'done'>> {
  const [{ found, done }, setFound] = useState<Pick<Searching<Omit<P, 'done'>>, 'found' | 'done'>>({
    found: null,
    done: 0,
  });
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  useEffect(() => {
    let isLatest = true;
    search((progress) => {
      if (isLatest) setFound({ found: progress, done: progress.done });
    }).then(
      (last) => {
        if (!isLatest) return;
        setTrouble(null);
        setFound((before) => ({ found: last ?? before.found, done: null }));
      },
      (error: unknown) => {
        if (!isLatest) return;
        setTrouble(whyOf(error));
        setFound((before) => ({ ...before, done: null }));
      },
    );
    return () => {
      isLatest = false;
      stop();
    };
  }, [search, stop, tries]);
  return { found, done, trouble, again };
}
