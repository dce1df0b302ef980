import fc from 'fast-check';
import { expect, test } from 'vitest';
import { inches } from '../../ground/length';
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
  expect(told('cardstock (80lb, 100lb)')).toHaveLength(1);
});

const kinds = (text: string): string[] => read(text).map(({ item: { count, kind } }) => `${count} ${kind}`);

test.each([
  [
    'This kit includes 10 patterned papers, 4 sheets of cardstock, 1 roll of washi, 12 brads and a pack of die cuts.',
    ['10 paper', '4 cardstock', '1 washi', '12 embellishment', '1 ephemera'],
  ],
  ['Papers: 6. Cardstock: 4. Washi: 1.', ['6 paper', '4 cardstock', '1 washi']],
  ['12x12 papers (6), cardstock (4), brads (12)', ['6 paper', '4 cardstock', '12 embellishment']],
  ['6 papers, 3 chipboard', ['6 paper', '3 embellishment']],
  ['6 papers, 4 cardstock, 2 vellum', ['6 paper', '4 cardstock', '2 vellum']],
  ['washi, twine, brads', ['1 washi', '1 twine', '1 embellishment']],
  ['ephemera pack & alpha stickers', ['1 ephemera', '1 alpha']],
  ['12 gold brads, 12 silver brads', ['12 embellishment', '12 embellishment']],
])('%s: each a thing of its own kind', (text, expected) => {
  expect(kinds(text)).toEqual(expected);
});

test.each(['paper and cardstock, 12x12, 6 each', 'sticker sheet plus 12 die cuts'])('%s: in doubt', (text) => {
  expect(isInDoubt(text)).toBe(true);
});

test('more of the same, and what a paper shows, is no other thing', () => {
  expect(kinds('1 pack of brads, 12 brads')).toHaveLength(1);
  expect(kinds('1 sticker sheet, 35 stickers')).toHaveLength(1);
  expect(told('5 papers, 2 stars, 3 hearts')).toEqual(['2 stars 12x12', '3 hearts 12x12']);
  expect(kinds('2 12x12 papers, stamps and leaves')).toEqual(['2 paper']);
  expect(isInDoubt('ephemera 18, windmills and keys')).toBe(false);
});

test('things of several kinds on a line are as many as are told, or in doubt', () => {
  const kind = fc.constantFrom('paper', 'cardstock', 'washi', 'twine', 'brads', 'stickers', 'die cuts', 'tags');
  const counted = fc.constantFrom(
    (n: number, what: string) => `${n} ${what}`,
    (n: number, what: string) => `${n} x ${what}`,
    (n: number, what: string) => `${what} (${n})`,
    (n: number, what: string) => `${what} x ${n}`,
    (n: number, what: string) => `(${n}) ${what}`,
  );
  const joined = fc.constantFrom(', ', '; ', ' + ', ' & ', ' and ', ', and ');
  const two = fc.uniqueArray(kind, { minLength: 2, maxLength: 4 });
  let [all, sure] = [0, 0];
  fc.assert(
    fc.property(two, counted, joined, fc.integer({ min: 1, max: 40 }), (what, tell, between, n) => {
      const text = what.map((one, i) => tell(n + i, one)).join(between);
      const { things } = readLine(text);
      all++;
      if (things.some(({ doubts }) => doubts.length > 0)) return;
      sure++;
      expect(
        things.map(({ count }) => count),
        text,
      ).toEqual(what.map((_, i) => n + i));
    }),
    { numRuns: 300 },
  );
  expect(sure / all).toBeGreaterThan(3 / 4);
});
