import { useEffect, useEffectEvent } from 'react';

/** How long typing must rest before the address follows; browsers allow only so many changes of it. */
const REST_MS = 300;

/** Does something with what has changed once it stays as it is for a moment. @param due null: nothing is to be done */
export function useOnceRested(due: string | null, settle: (due: string) => void): void {
  const onRest = useEffectEvent(settle);
  useEffect(() => {
    if (due === null) return undefined;
    const timer = setTimeout(() => onRest(due), REST_MS);
    return () => clearTimeout(timer);
  }, [due]);
}
