import { useRef, useState } from 'react';

/** Long work that tells how far it is and can be stopped. */
export interface LongWork {
  /** 0 to 1; null: nothing goes on. */
  readonly done: number | null;
  stop: () => void;
  /** Runs some work; it is handed how to tell and how to ask whether it is to stop. */
  run: <T>(work: (going: { onDone: (done: number) => void; isStopped: () => boolean }) => Promise<T>) => Promise<T>;
}

export function useLongWork(): LongWork {
  const [done, setDone] = useState<number | null>(null);
  const isStopped = useRef(false);
  return {
    done,
    stop: () => {
      isStopped.current = true;
    },
    run: async (work) => {
      isStopped.current = false;
      setDone(0);
      try {
        return await work({ onDone: setDone, isStopped: () => isStopped.current });
      } finally {
        setDone(null);
      }
    },
  };
}
