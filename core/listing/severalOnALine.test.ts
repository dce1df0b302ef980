import { expect, test } from 'vitest';
import { inches } from '../length';
import { entriesOf, readLine } from '.';

const read = (text: string) => entriesOf([readLine(text)]);
/** How many of which, of which size, without the words for its kind. */
const told = (text: string): string[] =>
  read(text).map(({ item: { count, name, size } }) => {
    const own = name.replace(/^(cardstock|washi tapes) /, '');
    return `${count} ${own}${size ? ` ${size.w / inches(1)}x${size.h / inches(1)}` : ''}`;
  });
const isInDoubt = (text: string): boolean => read(text).some(({ doubts }) => doubts.length > 0);

test.each([
  ['Journaling cards: 8 - 3x4, 4 - 4x6', ['8 Journaling cards 3x4', '4 Journaling cards 4x6']],
  ['12 journal cards (8 3x4 & 4 4x6)', ['8 journal cards 3x4', '4 journal cards 4x6']],
  ['12x12 cardstock - 3 white, 1 each of rust, sage & plum', ['3 white', '1 rust', '1 sage', '1 plum']],
  ['12x12 cardstock: 3 white; 2 each rust, sage; 1 kraft', ['3 white', '2 rust', '2 sage', '1 kraft']],
  ['2 each: rust, sage 12x12 cardstock', ['2 rust', '2 sage']],
  ['3 12x12 cardstock in white, kraft and black', ['1 white', '1 kraft', '1 black']],
])('%s', (text, expected) => {
  const size = text.includes('12x12') ? ' 12x12' : '';
  expect(told(text)).toEqual(expected.map((one) => `${one}${size}`));
  expect(isInDoubt(text)).toBe(false);
});

test.each([
  ['3 12x12 cardstock: plum, oat, rust', ['1 plum 12x12', '1 oat 12x12', '1 rust 12x12']],
  ['3 washi tapes (moons, stars, plain)', ['1 moons', '1 stars', '1 plain']],
])('%s: one of each, which is in doubt', (text, expected) => {
  expect(told(text)).toEqual(expected);
  expect(isInDoubt(text)).toBe(true);
});

test.each(['rust and sage cardstock, 2 each', 'cardstock, rust + sage (2 ea)', '3 ea rust/sage ribbon'])(
  '%s: how many in all is in doubt',
  (text) => {
    expect(isInDoubt(text)).toBe(true);
  },
);

test('what says more of the same is no list', () => {
  expect(told('2 sheets 12x12 white cardstock (smooth, heavy)')).toHaveLength(1);
  expect(told('washi tape set of 3 (5mm, 10mm, 15mm)')).toHaveLength(1);
  expect(told('cardstock (80lb, 100lb)')).toHaveLength(1);
});
