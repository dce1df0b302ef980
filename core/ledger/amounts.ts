import type { Amounts } from './events';

/** Sum by part; parts at zero are left out, so that equal amounts are equal objects. */
export function addAmounts(a: Amounts, b: Amounts, sign: 1 | -1 = 1): Amounts {
  const sum: Record<string, number> = { ...a };
  for (const [part, n] of Object.entries(b)) {
    const total = (sum[part] ?? 0) + sign * n;
    if (total === 0) delete sum[part];
    else sum[part] = total;
  }
  return sum;
}

/** The first part that is below zero, or null. */
export const partBelowZero = (amounts: Amounts): string | null =>
  Object.keys(amounts).find((part) => amounts[part]! < 0) ?? null;

export const totalOf = (amounts: Amounts): number => Object.values(amounts).reduce((sum, n) => sum + n, 0);
