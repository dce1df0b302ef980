/** A day as `2026-12-05`. */
const dayOf = (month: string, day: number): string => `${month}-${String(day).padStart(2, '0')}`;

/** How many days a month has. */
export function daysIn(month: string): number {
  const [year = 0, n = 1] = month.split('-').map(Number);
  const isLeap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  return [31, isLeap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][n - 1] ?? 30;
}

/**
 * So many pages spread evenly over a month, each in the middle of its part of it, in order.
 * @param month `2026-12`
 * @param from the first day that may be; absent: the first of the month
 */
export function overMonth(count: number, month: string, from = 1): string[] {
  const left = daysIn(month) - from + 1;
  return Array.from({ length: count }, (_, n) => dayOf(month, from + Math.floor(((n + 0.5) * left) / count)));
}
