import { useEffect, useReducer, useState } from 'react';
import { whyOf } from './BrokenOff';

/** What a question came to; what was found for the question before stands until then. */
export interface Answered<T> {
  readonly answer: T | null;
  /** It is of the question as it is asked now. */
  readonly isCurrent: boolean;
  readonly trouble: string | null;
  readonly again: () => void;
}

/** Asks a question, and again whenever it is another. @param ask the same function as long as the question is */
export function useAnswer<T>(ask: (() => Promise<T | null>) | null): Answered<T> {
  const [{ answer, of }, setFound] = useState<{ answer: T | null; of: unknown }>({ answer: null, of: null });
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  useEffect(() => {
    if (!ask) return;
    let isLatest = true;
    ask().then(
      (found) => {
        if (!isLatest || found === null) return;
        setTrouble(null);
        setFound({ answer: found, of: ask });
      },
      (error: unknown) => {
        if (isLatest) setTrouble(whyOf(error));
      },
    );
    return () => {
      isLatest = false;
    };
  }, [ask, tries]);
  return { answer: ask ? answer : null, isCurrent: of === ask, trouble, again };
}
