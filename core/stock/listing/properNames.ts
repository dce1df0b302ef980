import { isColourList } from './colours';
import type { FoundWord } from './findKind';

/** Between what is told of a thing. */
export const MARKS = /[,;:|()]|\s[-–—]\s/g;
const SMALL_WORDS = /^(?:of|the|and|in|on|at|a|an|with|by|for|to|de|la|x)$/;
const COUNTS = /^\s*[([]?\d+[)\]]?\s*(?:[x×:–—-]\s)?|\s*[x×:(–—-]?\s*\d+\s*\)?\s*$/giu;

/** Whether each word begins with a capital, as those of a name do. */
export function isProper(text: string): boolean {
  const words = text.match(/\p{L}[\p{L}'’-]*/gu)?.filter((word) => !SMALL_WORDS.test(word)) ?? [];
  return words.length > 0 && words.every((word) => /^\p{Lu}/u.test(word));
}

/** Whether a word of a name says less than what the thing is: `Ink Blots`, or one of two faces. */
export function isInProperName(text: string, { to }: Pick<FoundWord, 'to'>): boolean {
  const [behind = ''] = text.slice(to).split(MARKS);
  return /\p{L}/u.test(behind) || /\p{L}\s*\/\s*\p{L}/u.test(text);
}

/** Whether nothing but colours is told, and how many. */
export const isOfColours = (text: string): boolean => isColourList(text.replace(COUNTS, ''));
