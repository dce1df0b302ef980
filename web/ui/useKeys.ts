import { useEffect, useRef } from 'react';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** What keys do on a screen, by `event.key`; nothing while she types or a dialog is open. Prefix `Ctrl+` for both Ctrl and ⌘. */
export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      if (
        event.defaultPrevented ||
        event.altKey ||
        isTyping(event.target) ||
        document.querySelector('[role="dialog"],[role="listbox"]')
      )
        return;
      const name = `${event.ctrlKey || event.metaKey ? 'Ctrl+' : ''}${event.shiftKey && event.key.length > 1 ? 'Shift+' : ''}${event.key}`;
      // Space and Enter belong to the control that has the focus.
      if (
        (event.key === ' ' || event.key === 'Enter') &&
        event.target instanceof HTMLElement &&
        event.target.closest('button,a,[role="option"],[role="checkbox"],[role="radio"],label')
      )
        return;
      const todo = latest.current[name];
      if (!todo) return;
      event.preventDefault();
      todo();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
