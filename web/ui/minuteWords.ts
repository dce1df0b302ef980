import { format, isSameDay } from 'date-fns';

/** So many minutes: `5 min`, `1 h 10 min`. */
export function minuteWords(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** So long, milliseconds, told in minutes begun. */
export const leftWords = (left: number): string => minuteWords(Math.ceil(left / 60_000));

/** A time of the day, with the day where it is another than today. */
export const timeWords = (at: number, now: number): string => format(at, isSameDay(at, now) ? 'H:mm' : 'd MMM, H:mm');
