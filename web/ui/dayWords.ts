import { format, isValid, parseISO } from 'date-fns';

/** A day or month written `yyyy-MM-dd` or `yyyy-MM`, in `form`; anything else, such as a year, as it stands. */
const told = (written: string, shape: RegExp, form: string): string => {
  const at = shape.test(written) ? parseISO(written) : null;
  return at && isValid(at) ? format(at, form) : written;
};

/** `November 2026` for `2026-11`. */
export const monthWords = (month: string): string => told(month, /^\d{4}-\d\d$/, 'MMMM yyyy');

/** `5 Nov 2026` for `2026-11-05`, and a month by its name. */
export const dayWords = (day: string): string => monthWords(told(day, /^\d{4}-\d\d-\d\d$/, 'd MMM yyyy'));
