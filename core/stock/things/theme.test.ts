import { expect, test } from 'vitest';
import { isOneTheme, themesOf, themeWords } from './theme';

test.each([
  ['moth', 'moths', true],
  ['moth', 'moth-trapping', true],
  ['garden', 'gardening', true],
  ['leaf', 'leaves', true],
  ['berry', 'berries', true],
  ['wood', 'woollen', false],
  ['plum', 'plumber', false],
  ['bell', 'belly', false],
  ['lamp', 'lampshade', false],
])('%s and %s: of one theme, %s', (a, b, is) => {
  expect(isOneTheme(a, b)).toBe(is);
  expect(isOneTheme(b, a)).toBe(is);
});

test('of a kit’s name only what it may be about is proposed: no colour, no material, no small word', () => {
  expect(themeWords('Moth Lantern')).toEqual(['moth', 'lantern']);
  expect(themeWords('Plum & Wood for the November Garden')).toEqual(['garden']);
  expect(themesOf([{ theme: ['&', 'plum', 'bell tower'] }])).toEqual(['bell', 'tower']);
});
