/**
 * So many of something, in words: `no pages`, `1 page`, `3 pages`. For plurals that are wanted anew, call this.
 * @param many absent: the word with an s
 */
export const countWords = (n: number, one: string, many = `${one}s`): string =>
  `${n === 0 ? 'no' : n} ${n === 1 ? one : many}`;
