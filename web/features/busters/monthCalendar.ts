import { addDays, format, parseISO } from 'date-fns';
import { createEvents, type DateArray } from 'ics';

/** A page and the day that it is meant for. */
export interface MeantPage {
  readonly id: string;
  readonly name: string;
  /** `2026-12-04` */
  readonly day: string;
  /** What it is made of, in words. */
  readonly about: string;
}

const dateOf = (day: Date): DateArray => [day.getFullYear(), day.getMonth() + 1, day.getDate()];

/** Days of pages as iCalendar (RFC 5545): each a whole day. @throws what the library finds wrong */
export function monthCalendar(pages: readonly MeantPage[]): string {
  const { error, value } = createEvents(
    pages.map(({ id, name, day, about }) => ({
      uid: `page-${id}@nubbin`,
      productId: 'nubbin',
      title: name,
      description: about,
      start: dateOf(parseISO(day)),
      end: dateOf(addDays(parseISO(day), 1)),
      busyStatus: 'FREE' as const,
    })),
  );
  if (error || !value) throw error ?? new Error('there is nothing to tell');
  return value;
}

/** `Fri 4 Dec` */
export const weekdayWords = (day: string): string => format(parseISO(day), 'EEE d MMM');
