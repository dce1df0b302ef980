import type { Problem } from './problem';

/** What a piece of each item is worth, that must be cut more than all optional ones together. */
export function worths({ items }: Problem): { must: number; worth: number[] } {
  const optional = items.reduce((sum, item) => sum + (item.optional ? item.count * item.value : 0), 0);
  const must = items.every((item) => item.optional) ? 0 : Math.floor(optional) + 1;
  return { must, worth: items.map((item) => (item.optional ? item.value : must)) };
}
