/** Letters that no decomposition parts from their marks. */
const ALIKE: Readonly<Record<string, string>> = { ß: 'ss', æ: 'ae', œ: 'oe', ø: 'o', đ: 'd', ł: 'l', ð: 'd', þ: 'th' };

/** Text as it is looked through: small letters without accents and marks. */
export const plainWords = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[ßæœøđłðþ]/g, (letter) => ALIKE[letter] ?? letter);

/** The words that are asked for. */
export const wordsAsked = (text: string): string[] => plainWords(text).split(/\s+/).filter(Boolean);

/** Whether a plain text has all words asked for, in any order, each as a part of it. */
export const hasAll = (plain: string, asked: readonly string[]): boolean => asked.every((word) => plain.includes(word));
