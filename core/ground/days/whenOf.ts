const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
];

const two = (n: number): string => String(n).padStart(2, '0');
const isOf = (n: number, most: number): boolean => n >= 1 && n <= most;

/** As far as it is told: a month there is not is none, and so is a day. */
function written(year: string, month: number, day: number): string {
  if (!isOf(month, 12)) return year;
  return isOf(day, 31) ? `${year}-${two(month)}-${two(day)}` : `${year}-${two(month)}`;
}

/** Numbers only: `2026-09-12`, `12.9.2026`, `9/12/2026`; of two that could both be the month neither is read. */
function inNumbers(words: string): string | null {
  const [, year, month, day] = /\b(\d{4})-(\d\d?)(?:-(\d\d?))?\b/.exec(words) ?? [];
  if (year !== undefined) return written(year, Number(month), Number(day));
  const [, first, stroke, second, last] = /\b(\d\d?)([./])\s?(\d\d?)[./]\s?(\d{4})\b/.exec(words) ?? [];
  if (last === undefined) return null;
  const [a, b] = [Number(first), Number(second)];
  if (stroke === '.' || a > 12 || a === b) return written(last, b, a);
  return b > 12 ? written(last, a, b) : last;
}

/** The month named in words, and its day where one stands beside it. */
function named(words: string): { month: number; day: number } {
  for (const [at, word] of [...words.matchAll(/[a-z]{3,}/g)].map((found) => [found.index, found[0]] as const)) {
    const month = MONTHS.findIndex((one) => one.startsWith(word)) + 1;
    if (month === 0) continue;
    const before = /\b(\d\d?)(?:st|nd|rd|th)?\.?(?:\s+of)?\s*$/.exec(words.slice(0, at))?.[1];
    const after = /^\.?\s*(\d\d?)(?:st|nd|rd|th)?\b/.exec(words.slice(at + word.length))?.[1];
    return { month, day: Number(before ?? after ?? 0) };
  }
  return { month: 0, day: 0 };
}

/**
 * When something was, as people write it on pages: `12 Sept 2026`, `about 1998`, `summer of 2004`, `2026-09`.
 *
 * @returns `yyyy`, `yyyy-MM` or `yyyy-MM-dd`, as far as it is told, which are in order as texts; empty: no year is told
 */
export function whenOf(said: string): string {
  const words = said.toLowerCase();
  const numbers = inNumbers(words);
  if (numbers !== null) return numbers;
  const year = /\b(1[89]\d\d|20\d\d)\b/.exec(words)?.[1];
  if (year === undefined) return '';
  const { month, day } = named(words);
  return written(year, month, day);
}

/** In the order of time, as it is told; first what tells of no year. */
export const byDay = (a: string, b: string): number => whenOf(a).localeCompare(whenOf(b));
