import { format, isValid, parseISO } from 'date-fns';
import type { Kit } from '../../core/things';

/** A day or month written `yyyy-MM-dd` or `yyyy-MM`, in `form`; anything else, such as a year, as it stands. */
const told = (written: string, shape: RegExp, form: string): string => {
  const at = shape.test(written) ? parseISO(written) : null;
  return at && isValid(at) ? format(at, form) : written;
};

const namedMonth = (month: string): string => told(month, /^\d{4}-\d\d$/, 'MMMM yyyy');

/** A kit's month: `November 2026` for `2026-11`, `about 2022` for a year alone. */
export const monthWords = (month: string): string =>
  month === '' ? 'month not known' : /^\d{4}$/.test(month) ? `about ${month}` : namedMonth(month);

/** A kit by its name and month, where that is known. */
export const kitWords = ({ name, month }: Pick<Kit, 'name' | 'month'>): string =>
  month === '' || monthWords(month) === name ? name : `${name}, ${monthWords(month)}`;

/** `5 Nov 2026` for `2026-11-05`, and a month by its name. */
export const dayWords = (day: string): string => namedMonth(told(day, /^\d{4}-\d\d-\d\d$/, 'd MMM yyyy'));
