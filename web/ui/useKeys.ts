import { useEffect, useRef } from 'react';
import { isKeyOf, mayBeHeld, type KeyId } from './keyTable';

/** Fields in which letters are typed; a ticked box or a radio button is none. */
const TEXTLESS = new Set(['checkbox', 'radio', 'button', 'submit', 'reset', 'color', 'range', 'file']);

export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target.tagName === 'TEXTAREA' ||
    target.tagName === 'SELECT' ||
    (target instanceof HTMLInputElement && !TEXTLESS.has(target.type)));

/** A key as the table names it. */
const nameOf = (event: KeyboardEvent): string =>
  `${event.ctrlKey || event.metaKey ? 'Ctrl+' : ''}${event.shiftKey && event.key.length > 1 ? 'Shift+' : ''}${event.key}`;

/** Space and Enter belong to the control that has the focus. */
const isOfControl = ({ key, target }: KeyboardEvent): boolean =>
  (key === ' ' || key === 'Enter') &&
  target instanceof HTMLElement &&
  target.closest('button,a,[role="option"],[role="checkbox"],[role="radio"],label') !== null;

type Keys = Partial<Readonly<Record<KeyId, () => void>>>;

/** Whoever listens, those that came last before others: what lies within a screen goes before what is round it. */
const listening: { current: Keys }[] = [];

function press(event: KeyboardEvent): void {
  if (event.defaultPrevented || event.altKey || isTyping(event.target) || isOfControl(event)) return;
  if (document.querySelector('[role="dialog"],[role="listbox"],[role="menu"]')) return;
  const name = nameOf(event);
  for (const { current } of listening.toReversed()) {
    const id = (Object.keys(current) as KeyId[]).find((one) => isKeyOf(one, name));
    const todo = id && current[id];
    if (!todo) continue;
    event.preventDefault();
    // Of a key that is held what moves goes on, and what is done was done at the first.
    if (!event.repeat || mayBeHeld(id)) todo();
    return;
  }
}

/**
 * What keys do on a screen, by their entries in the table; nothing while she types or something is laid over the
 * screen. Where two listen for the same key, the one that came later has it.
 */
export function useKeys(keys: Keys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    if (listening.length === 0) window.addEventListener('keydown', press);
    listening.push(latest);
    return () => {
      listening.splice(listening.indexOf(latest), 1);
      if (listening.length === 0) window.removeEventListener('keydown', press);
    };
  }, []);
}
