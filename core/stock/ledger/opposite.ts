import type { LedgerEvent } from './events';

/** The event that takes another's effect back; the opposite of an opposite does it again. */
export const opposite = (event: LedgerEvent, id: string, day: string): LedgerEvent => ({
  ...event,
  id,
  day,
  undoes: event.id,
});

/** JSON values of the same content, whatever the order of their keys; what is undefined counts as absent. */
function isSame(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [left, right] = [a, b].map((value) => Object.entries(value).filter(([, content]) => content !== undefined)) as [
    [string, unknown][],
    [string, unknown][],
  ];
  const others = new Map(right);
  return (
    left.length === right.length && left.every(([key, content]) => others.has(key) && isSame(content, others.get(key)))
  );
}

/** What an entry says happened, without when it was written and what it answers. */
function content(event: LedgerEvent): Partial<LedgerEvent> & { seq?: number } {
  const { id: _, day: __, undoes: ___, ...what } = event;
  return what;
}

/** Whether an entry that takes another back says of it what it said, in every field. */
export const isOppositeOf = (event: LedgerEvent, undone: LedgerEvent): boolean =>
  isSame(content(event), content(undone));
