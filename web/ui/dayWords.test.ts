import { addDays, format, parseISO } from 'date-fns';
import { expect, test } from 'vitest';
import { dayWords, monthWords } from './dayWords';

test('every day of four years, and its month, is told as the registry’s date library (date-fns) tells it', () => {
  for (let n = 0; n < 4 * 365 + 1; n++) {
    const at = addDays(parseISO('2024-01-01'), n);
    expect(dayWords(format(at, 'yyyy-MM-dd'))).toBe(format(at, 'd MMM yyyy'));
    expect(monthWords(format(at, 'yyyy-MM'))).toBe(format(at, 'MMMM yyyy'));
  }
});

test('what is no day stands as it was written', () => {
  expect(['2026-02-30', '2026-13-01', '2026-13', 'soon', ''].map(dayWords)).toEqual([
    '2026-02-30',
    '2026-13-01',
    '2026-13',
    'soon',
    '',
  ]);
  expect(monthWords('2022')).toBe('about 2022');
});
