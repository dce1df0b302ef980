/** A number as people write it, with its fraction: `12`, `8.5`, `8 1/2`, `8-1/2`, `1/2`, `8½`. */
const SIGNS = '[¼½¾⅛⅜⅝⅞]';
export const NUMBER = String.raw`(?:\d+(?:[ -]\d+\/\d+| ?${SIGNS})(?![\d/])|\d*\.\d+|\d+\/\d+|\d+\.?(?![\d/])|${SIGNS})`;

const UNITS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
const TEENS = [
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
];
const TENS = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

const WORDS: ReadonlyMap<string, number> = new Map<string, number>(
  Object.entries({
    ...Object.fromEntries(UNITS.map((word, i) => [word, i + 1])),
    ...Object.fromEntries(TEENS.map((word, i) => [word, i + 10])),
    ...Object.fromEntries(TENS.map((word, i) => [word, 10 * (i + 2)])),
    'half a dozen': 6,
    'a dozen': 12,
    dozen: 12,
    'a gross': 144,
    'a trio of': 3,
    'trio of': 3,
    'a couple': 2,
    'a pair': 2,
    'couple of': 2,
    'pair of': 2,
    a: 1,
    an: 1,
  }),
);

/** `twenty-four`, `two dozen`. */
const TENS_AND_UNIT = String.raw`(?:${TENS.join('|')})[- ](?:${UNITS.join('|')})`;
const DOZENS = String.raw`(?:\d{1,3}|${[...UNITS, ...TEENS].join('|')}) (?:dozen|do?z\.?(?!\p{L}))`;

/** Number words that count, the longest first; `a` and `an` only before what they count. */
export const NUMBER_WORD = [
  TENS_AND_UNIT,
  ...[...WORDS.keys()].filter((word) => word.length > 2).sort((a, b) => b.length - a.length),
].join('|');

/** A whole number in figures or as a word. */
export const WHOLE = String.raw`(?:${DOZENS}|\d{1,3}(?:,\d{3})+|\d+|${NUMBER_WORD})`;

/** What a number is of that counts nothing. */
export const NO_COUNTS = String.raw`(?:[cm]?m|in|inch(?:es)?|yds?|yards?|met(?:re|er)s?|ft|feet|foot|lbs?|gsm|g|oz|ml)(?!\p{L})`;

const DOZEN = / (?:dozen|do?z\.?)$/;
/** A whole number in figures, or dozens of them. */
export const FIGURES = String.raw`(?:${DOZENS}|\d+)`;

/** The whole number that is told so. */
export function wholeOf(text: string): number {
  const words = text.toLowerCase();
  const known = WORDS.get(words);
  if (known !== undefined) return known;
  const dozens = DOZEN.exec(words);
  if (dozens) return 12 * wholeOf(words.slice(0, dozens.index));
  const [ten = '', unit = ''] = words.split(/[- ]/);
  const [tens, units] = [WORDS.get(ten), WORDS.get(unit)];
  return tens !== undefined && units !== undefined ? tens + units : Number(words.replaceAll(',', ''));
}
