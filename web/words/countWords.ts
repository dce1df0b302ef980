/**
 * So many of something, in words: `no pages`, `1 page`, `3 pages`. All plurals are made in this file.
 * @param many absent: the word with an s
 */
export const countWords = (n: number, one: string, many = `${one}s`): string =>
  `${n === 0 ? 'no' : n} ${agreeing(n, one, many)}`;

/** So many of something within a sentence: `one page`, `3 pages`. @param many absent: the word with an s */
export const oneOrMore = (n: number, one: string, many = `${one}s`): string =>
  agreeing(n, `one ${one}`, `${n} ${many}`);

/** The word that goes with so many: `is` or `are`, `it` or `them`. */
export const agreeing = (n: number, one: string, many: string): string => (n === 1 ? one : many);
