import type { Amounts } from './events';

/** What a record holds of its own under a key, whatever the key is called. */
export const own = <T>(record: Readonly<Record<string, T>>, key: string): T | undefined =>
  Object.hasOwn(record, key) ? record[key] : undefined;

/** Sum by part; parts at zero are left out, so that equal amounts are equal objects. */
export function addAmounts(a: Amounts, b: Amounts, sign: 1 | -1 = 1): Amounts {
  const sum = new Map(Object.entries(a));
  for (const [part, n] of Object.entries(b)) {
    const total = (sum.get(part) ?? 0) + sign * n;
    if (total === 0) sum.delete(part);
    else sum.set(part, total);
  }
  return Object.fromEntries(sum);
}

/** The first part that is below zero, or null. */
export const partBelowZero = (amounts: Amounts): string | null =>
  Object.entries(amounts).find(([, n]) => n < 0)?.[0] ?? null;

export const totalOf = (amounts: Amounts): number => Object.values(amounts).reduce((sum, n) => sum + n, 0);
