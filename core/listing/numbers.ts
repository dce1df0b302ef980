/** A number as people write it, with its fraction: `12`, `8.5`, `8 1/2`, `8-1/2`, `1/2`, `8½`. */
const SIGNS = '[¼½¾⅛⅜⅝⅞]';
export const NUMBER = String.raw`(?:\d+(?:[ -]\d+\/\d+| ?${SIGNS})(?![\d/])|\d*\.\d+|\d+\/\d+|\d+\.?(?![\d/])|${SIGNS})`;

const FRACTIONS: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** The number with its fraction written out, as `parseLength` takes it. */
export const plainNumber = (text: string): string =>
  text.replace(/\s*([¼½¾⅛⅜⅝⅞])/g, (_, sign: string, at: number) => `${at > 0 ? ' ' : ''}${FRACTIONS[sign]}`).trim();

const WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  'half a dozen': 6,
  'a dozen': 12,
  dozen: 12,
  'a couple': 2,
  'a pair': 2,
  a: 1,
  an: 1,
};

/** Number words that count, the longest first; `a` and `an` only before what they count. */
export const NUMBER_WORD = Object.keys(WORDS)
  .filter((word) => word.length > 2)
  .sort((a, b) => b.length - a.length)
  .join('|');

/** A whole number in figures or as a word. */
export const WHOLE = String.raw`(?:\d{1,3}(?:,\d{3})+|\d+|${NUMBER_WORD})`;

export const wholeOf = (text: string): number => WORDS[text.toLowerCase()] ?? Number(text.replaceAll(',', ''));
