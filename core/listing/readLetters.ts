import { ok } from '../result';
import { problem, type Read } from './problem';

const GLYPHS = /^(?:\s*\S\s*[x×]?\s*\d+\s*[,;]?)+$/u;
const NUMBERS: Record<string, number> = { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 };
const RANGE = String.raw`(?<from>[A-Za-z0-9])\s*(?:-|–|\bto\b)\s*(?<to>[A-Za-z0-9])`;
/**
 * One part of a set: `2 sheets of A-Z`, `two full sheets A to Z`, `vowels x3`, a row of letters as they stand on the
 * sheet.
 */
const PART = new RegExp(
  String.raw`^(?:(?<many>\d+|(?:${Object.keys(NUMBERS).join('|')})(?=\s))\s*(?:[x×]\s*)?(?:full\s+)?(?:(?:sheets?|sets?|rows?)\s+)?(?:of\s+)?(?=\S))?(?:${RANGE}|(?<vowels>vowels)|(?<row>[^\s\d]+))(?:\s*[x×]\s*(?<times>\d+))?$`,
  'iu',
);

/** All glyphs of a range, or null where its ends are not of one sort. */
function glyphsBetween(from: string, to: string): string[] | null {
  const sort = [/[A-Z]/, /[a-z]/, /\d/].find((one) => one.test(from));
  if (!sort?.test(to) || to < from) return null;
  return Array.from({ length: to.charCodeAt(0) - from.charCodeAt(0) + 1 }, (_, i) =>
    String.fromCharCode(from.charCodeAt(0) + i),
  );
}

/**
 * How many there are of each letter: told one by one (`A3 E4 N2`), by sets (`two full sheets A to Z plus vowels`: a
 * second set of vowels to each), or by rows as they stand on the sheet (`AAABB / CCDDD`). The same glyph told twice
 * adds up.
 */
export function readLetters(line: string, text: string): Read<Record<string, number>> {
  const letters: Record<string, number> = {};
  const add = (glyph: string, n: number): void => {
    letters[glyph] = (letters[glyph] ?? 0) + n;
  };
  if (GLYPHS.test(text)) {
    for (const [, glyph, n] of text.matchAll(/(\S)\s*[x×]?\s*(\d+)/gu)) add(glyph!, Number(n));
    return Object.values(letters).every((n) => n > 0) ? ok(letters) : problem(line, text.trim(), 'bad-letters');
  }
  const parts = text
    .split(/\s*(?:[,;/]|\bplus\b|\band\b|\s\+\s)\s*/i)
    .map((part) => part.trim())
    .filter(Boolean);
  let sets = 1;
  let isLower = false;
  for (const part of parts) {
    const told = PART.exec(part)?.groups;
    const from = told?.['from'];
    const glyphs = !told
      ? null
      : from !== undefined
        ? glyphsBetween(from, told['to']!)
        : told['vowels']
          ? [...(isLower ? 'aeiou' : 'AEIOU')]
          : [...told['row']!];
    if (!told || !glyphs) return problem(line, part, 'bad-letters');
    const many = told['many'] === undefined ? 1 : (NUMBERS[told['many'].toLowerCase()] ?? Number(told['many']));
    const times = many * Number(told['times'] ?? 1);
    if (times === 0 || glyphs.length * times > 10_000) return problem(line, part, 'bad-letters');
    if (from !== undefined) {
      sets = times;
      isLower = /[a-z]/.test(from);
    }
    for (const glyph of glyphs)
      add(glyph, told['vowels'] && told['many'] === undefined && told['times'] === undefined ? sets : times);
  }
  return parts.length === 0 ? problem(line, line, 'bad-letters') : ok(letters);
}
