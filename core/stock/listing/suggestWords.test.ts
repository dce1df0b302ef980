import { expect, test } from 'vitest';
import { suggestWords, wordBefore } from '.';

test.each([
  ['12x12 mot', 9, 'mot'],
  ['moths / lam', 11, 'lam'],
  ['ink+amb', 7, 'amb'],
  ['washi ', 6, ''],
  ['a\nrib', 5, 'rib'],
  ['ribbon', 3, 'rib'],
])('the word before the caret of %j at %i', (text, at, word) => {
  expect(wordBefore(text, at)).toBe(word);
});

test('kinds, colours and her own words are offered, the shortest first, never the word itself', () => {
  expect(suggestWords('was', [])).toEqual(['washi']);
  expect(suggestWords('lam', ['lamplight', 'Lamp-black'])).toContain('lamplight');
  expect(suggestWords('washi', [])).toEqual([]);
  expect(suggestWords('a', ['amber'])).toEqual([]);
  expect(suggestWords('s', []).length + suggestWords('st', []).length).toBeLessThanOrEqual(5);
});
