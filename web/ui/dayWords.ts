import type { Kit } from '../../core/stock/things';

// The browser's own names of months: the first screen does without a library of dates.
const LONG = new Intl.DateTimeFormat('en-US', { month: 'long', timeZone: 'UTC' });
const SHORT = new Intl.DateTimeFormat('en-US', { month: 'short', timeZone: 'UTC' });

/** A day or month written `yyyy-MM-dd` or `yyyy-MM`; null: anything else, such as a year, or a day there is not. */
function dateOf(written: string, shape: RegExp): Date | null {
  const at = shape.test(written) ? new Date(`${written}-01`.slice(0, 10)) : null;
  return at && !Number.isNaN(at.getTime()) && at.toISOString().startsWith(written) ? at : null;
}

function namedMonth(month: string): string {
  const at = dateOf(month, /^\d{4}-\d\d$/);
  return at ? `${LONG.format(at)} ${at.getUTCFullYear()}` : month;
}

/** A kit's month: `November 2026` for `2026-11`, `about 2022` for a year alone. */
export const monthWords = (month: string): string =>
  month === '' ? 'month not known' : /^\d{4}$/.test(month) ? `about ${month}` : namedMonth(month);

/** A kit by its name and month, where that is known. */
export const kitWords = ({ name, month }: Pick<Kit, 'name' | 'month'>): string =>
  month === '' || monthWords(month) === name ? name : `${name}, ${monthWords(month)}`;

/** `5 Nov 2026` for `2026-11-05`, and a month by its name. */
export function dayWords(day: string): string {
  const at = dateOf(day, /^\d{4}-\d\d-\d\d$/);
  return at ? `${at.getUTCDate()} ${SHORT.format(at)} ${at.getUTCFullYear()}` : namedMonth(day);
}
