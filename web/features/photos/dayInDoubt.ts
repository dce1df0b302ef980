import { whenOf } from '../../../core/ground/days';

/** What is said of a day that tells of no year; undefined: nothing. */
export const dayInDoubt = (told: string): string | undefined =>
  told.trim() === '' || whenOf(told) !== '' ? undefined : 'No year is read in it: its photos stand last.';
