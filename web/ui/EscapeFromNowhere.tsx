import { useEffect, useRef, useState } from 'react';

/** What puts each slip aside that is open, the uppermost last. */
const openSlips: { readonly current: () => void }[] = [];

/**
 * Within a slip: Escape puts it aside, if it is the uppermost, also where the focus is nowhere, and the focus goes back
 * to where it was. By itself a slip hears only what is pressed in it, and gives back only the focus it has had: after a
 * file was chosen it waits for the focus a while.
 */
export function EscapeFromNowhere({ close }: { close: () => void }) {
  const latest = useRef(close);
  const [opener] = useState(() => document.activeElement);
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
      requestAnimationFrame(() => {
        if (document.activeElement === document.body && opener instanceof HTMLElement) opener.focus();
      });
    };
  }, [opener]);
  return null;
}
