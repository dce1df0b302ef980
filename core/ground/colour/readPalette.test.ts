import fc from 'fast-check';
import { expect, test } from 'vitest';
import { hexToRgb, readPalette } from '.';

const anyHex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

test.each([
  ['#e86a4a, f7c6c7 #FFF', ['#e86a4a', '#f7c6c7', '#fff']],
  ['e86a4a\r\ne86a4a', ['#e86a4a']],
  ['GIMP Palette\nName: night\nColumns: 2\n# a remark\n 34  49  79\tInk\n246 210 122', ['#22314f', '#f6d27a']],
  ['#e86a4a\nrose', ['#e86a4a', '#d8798d']],
  ['navy blue and gold', ['#1f2f55', '#c99a3b']],
])('%j is read', (text, colours) => {
  expect(readPalette(text).value).toEqual(colours);
});

test('colours are read by name as on lists: commas part them, words before them say how light they are', () => {
  expect(readPalette('orange, soft pink, bright pink, aqua').value).toHaveLength(4);
});

test.each([
  ['', 'no-colours', 1],
  ['#e86a4a\nquayside', 'bad-colour', 2],
  ['teal, constructor', 'bad-colour', 1],
  ['GIMP Palette\nName: x', 'no-colours', 1],
  ['GIMP Palette\n1 2 3\n1 2 300 too much', 'bad-colour', 3],
  ['GIMP Palette\n1 2', 'bad-colour', 2],
])('%j is refused: %s in line %i', (text, kind, line) => {
  expect(readPalette(text)).toMatchObject({ ok: false, error: { kind, line } });
});

test('a palette written as a GIMP file is the same as its hex list', () =>
  fc.assert(
    fc.property(fc.uniqueArray(anyHex, { minLength: 1 }), (hexes) => {
      const gpl = [
        'GIMP Palette',
        'Name: x',
        '#',
        ...hexes.map((hex) => {
          const { r, g, b } = hexToRgb(hex);
          return `${r}\t${g} ${b}\tname`;
        }),
      ].join('\n');
      expect(readPalette(gpl).value).toEqual(hexes);
      expect(readPalette(hexes.join(' ')).value).toEqual(hexes);
    }),
  ));
