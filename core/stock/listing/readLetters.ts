/** One letter and how many of it there are: `A3`, `A x3`, `A=3`, `A: 3`, `A-3`, `A(3)`. */
export const GLYPH_BEFORE = String.raw`\S\s*(?:[x×=:(–-]\s*)?\d+\)?`;
/** The other way about: `3A`, `3 x A`. */
export const GLYPH_BEHIND = String.raw`\d+\s*(?:[x×]\s*)?\p{L}(?!\p{L})`;
const BEFORE = new RegExp(String.raw`^(?:\s*${GLYPH_BEFORE}\s*[,;]?)+$`, 'u');
const BEHIND = new RegExp(String.raw`^(?:\s*${GLYPH_BEHIND}\s*[,;]?)+$`, 'u');
/** Of one letter alone a dash is that of a range. */
const RANGE_OF_TWO_SORTS = /^\S\s*[-–]\s*\d+$/u;
/** Letters as they stand beside one another, each as often as it is there: `AAA EEEE NN`. */
const RUNS = /^(?:([^\s–-])\1*\s+)+([^\s–-])\2*$/u;
/** So many of each: `A-Z, 3 each`, `3 of each: A E N`, `2 of each letter`. */
const EACH_BEHIND = /\s*[,:;(]?\s*(\d+)\s+(?:of\s+)?each(?:\s+letters?)?\)?$/iu;
const EACH_BEFORE = /^(\d+)\s+(?:of\s+)?each\s*:?(?:\s+of)?\s+/iu;
const NUMBERS: Record<string, number> = { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 };
const RANGE = String.raw`(?<from>[A-Za-z0-9])\s*(?:-|–|\bto\b)\s*(?<to>[A-Za-z0-9])`;
/**
 * One part of a set: `2 sheets of A-Z`, `two full sheets A to Z`, `vowels x3`, a row of letters as they stand on the
 * sheet: capitals, or each of them several times, so that no word is taken for one.
 */
const PART = new RegExp(
  String.raw`^(?:(?<many>\d+|(?:${Object.keys(NUMBERS).join('|')})(?=\s))\s*(?:[x×]\s*)?(?:full\s+)?(?:(?:sheets?|sets?|rows?)\s+)?(?:of\s+)?(?=\S))?(?:${RANGE}|(?<vowels>[Vv]owels)|(?<row>[^\s\d\p{Ll}]+|(?:(?<again>\p{Ll})\k<again>+)+))(?:\s*[x×]\s*(?<times>\d+))?$`,
  'u',
);
const MOST = 10_000;

/** All glyphs of a range, or null where its ends are not of one sort. */
function glyphsBetween(from: string, to: string): string[] | null {
  const sort = [/[A-Z]/, /[a-z]/, /\d/].find((one) => one.test(from));
  if (!sort?.test(to) || to < from) return null;
  return Array.from({ length: to.charCodeAt(0) - from.charCodeAt(0) + 1 }, (_, i) =>
    String.fromCharCode(from.charCodeAt(0) + i),
  );
}

/** What one part says: its glyphs and how often each; null where it says nothing of letters. */
function partOf(text: string, isLower: boolean) {
  const told = PART.exec(text)?.groups;
  if (!told) return null;
  const from = told['from'];
  const glyphs =
    from !== undefined
      ? glyphsBetween(from, told['to'] ?? '')
      : told['vowels']
        ? [...(isLower ? 'aeiou' : 'AEIOU')]
        : [...(told['row'] ?? '')];
  const many = told['many'] === undefined ? 1 : (NUMBERS[told['many'].toLowerCase()] ?? Number(told['many']));
  const times = many * Number(told['times'] ?? 1);
  if (!glyphs || times === 0 || glyphs.length * times > MOST) return null;
  const isTold = told['many'] !== undefined || told['times'] !== undefined;
  return { glyphs, times, from, isBareVowels: told['vowels'] !== undefined && !isTold };
}

/** Each of them so many times. */
const times = (letters: Record<string, number> | null, n: number): Record<string, number> | null =>
  letters && n > 0 && Object.values(letters).every((one) => one * n <= MOST)
    ? Object.fromEntries(Object.entries(letters).map(([glyph, one]) => [glyph, one * n]))
    : null;

/**
 * How many there are of each letter: told one by one (`A3 E4 N2`), by sets (`two full sheets A to Z plus vowels`: a
 * second set of vowels to each), so many of each (`A-Z, 3 each`), or by rows as they stand on the sheet
 * (`AAABB / CCDDD`). The same glyph told twice adds up. Null: the text tells of something else.
 */
export function readLetters(text: string): Record<string, number> | null {
  const letters: Record<string, number> = {};
  const add = (glyph: string, n: number): void => {
    letters[glyph] = (letters[glyph] ?? 0) + n;
  };
  const each = EACH_BEHIND.exec(text) ?? EACH_BEFORE.exec(text);
  if (each) return times(readLetters(text.replace(each[0], '').trim() || 'A-Z'), Number(each[1]));
  const isBehind = BEHIND.test(text);
  if (isBehind || (BEFORE.test(text) && !RANGE_OF_TWO_SORTS.test(text))) {
    const told = isBehind
      ? /(?<n>\d+)\s*(?:[x×]\s*)?(?<glyph>\p{L})/gu
      : /(?<glyph>\S)\s*(?:[x×=:(–-]\s*)?(?<n>\d+)\)?/gu;
    for (const { groups: { glyph = '', n } = {} } of text.matchAll(told)) add(glyph, Number(n));
    return Object.values(letters).every((n) => n > 0 && n <= MOST) ? letters : null;
  }
  if (RUNS.test(text)) {
    for (const glyph of text.replace(/\s/gu, '')) add(glyph, 1);
    return letters;
  }
  const parts = text
    .split(/\s*(?:[,;/]|\bplus\b|\band\b|\s\+\s)\s*/i)
    .map((part) => part.trim())
    .filter(Boolean);
  let sets = 1;
  let isLower = false;
  for (const part of parts) {
    const told = partOf(part, isLower);
    if (!told) return null;
    if (told.from !== undefined) {
      sets = told.times;
      isLower = /[a-z]/.test(told.from);
    }
    for (const glyph of told.glyphs) add(glyph, told.isBareVowels ? sets : told.times);
  }
  return parts.length === 0 ? null : letters;
}
