import { useEffect, useRef } from 'react';

/** What puts each slip aside that is open, the uppermost last. */
const openSlips: { readonly current: () => void }[] = [];

/**
 * Within a slip: Escape puts it aside, if it is the uppermost, also where the focus is nowhere. By itself a slip hears
 * only what is pressed in it.
 */
export function EscapeFromNowhere({ close }: { close: () => void }) {
  const latest = useRef(close);
  useEffect(() => {
    latest.current = close;
  }, [close]);
  useEffect(() => {
    const press = ({ key, target }: KeyboardEvent): void => {
      if (key === 'Escape' && target === document.body && openSlips.at(-1) === latest) latest.current();
    };
    openSlips.push(latest);
    document.addEventListener('keydown', press);
    return () => {
      document.removeEventListener('keydown', press);
      openSlips.splice(openSlips.indexOf(latest), 1);
    };
  }, []);
  return null;
}
