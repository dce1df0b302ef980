import { useCallback, useEffect, useRef } from 'react';

/**
 * For what is written down only when its field is left: it is kept also where the field goes away before that, with its
 * slip or its screen. Before a window goes the browser asks: no writing is done in one that is being closed, but where
 * she stays it is kept.
 *
 * @param keep writes it down; null: there is nothing to keep
 * @returns keeps it now, as the field is left
 */
export function useKeptWhenGone(keep: (() => void) | null): () => void {
  const latest = useRef(keep);
  useEffect(() => {
    latest.current = keep;
  });
  const keepNow = useCallback(() => {
    const now = latest.current;
    // Left and gone in one stroke, it is kept once.
    latest.current = null;
    now?.();
  }, []);
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent): void => {
      if (latest.current) event.preventDefault();
      keepNow();
    };
    window.addEventListener('beforeunload', ask);
    return () => {
      window.removeEventListener('beforeunload', ask);
      keepNow();
    };
  }, [keepNow]);
  return keepNow;
}
