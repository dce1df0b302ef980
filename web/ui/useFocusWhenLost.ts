import { useEffect, useRef, type RefObject } from 'react';

/** What comes in the place of what was pressed takes the focus, where that would else fall to the body. */
export function useFocusWhenLost<E extends HTMLElement>(): RefObject<E | null> {
  const ref = useRef<E>(null);
  useEffect(() => {
    if (document.activeElement === null || document.activeElement === document.body)
      ref.current?.focus({ preventScroll: true });
  }, []);
  return ref;
}
