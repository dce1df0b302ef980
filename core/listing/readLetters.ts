const GLYPHS = /^(?:\s*\S\s*[x×]?\s*\d+\s*[,;]?)+$/u;
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

/**
 * How many there are of each letter: told one by one (`A3 E4 N2`), by sets (`two full sheets A to Z plus vowels`: a
 * second set of vowels to each), or by rows as they stand on the sheet (`AAABB / CCDDD`). The same glyph told twice
 * adds up. Null: the text tells of something else.
 */
export function readLetters(text: string): Record<string, number> | null {
  const letters: Record<string, number> = {};
  const add = (glyph: string, n: number): void => {
    letters[glyph] = (letters[glyph] ?? 0) + n;
  };
  if (GLYPHS.test(text)) {
    for (const [, glyph = '', n] of text.matchAll(/(\S)\s*[x×]?\s*(\d+)/gu)) add(glyph, Number(n));
    return Object.values(letters).every((n) => n > 0 && n <= MOST) ? letters : null;
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
