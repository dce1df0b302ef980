import fc from 'fast-check';
import { expect, test } from 'vitest';
import { inches, mm } from '../length';
import { entriesOf, readLine } from '.';

/** What is read of one line, and whether it is in doubt. */
function read(text: string) {
  const entries = entriesOf([readLine(text)]);
  return { items: entries.map(({ item }) => item), isInDoubt: entries.some(({ doubts }) => doubts.length > 0) };
}

/** What stands before a thing and behind it to tell that there are two of it. */
const two = fc.constantFrom(
  ...['2 x ', '2 ', '(2) ', '2 sheets ', 'two ', '2× ', '2x ', '2 sheets of ', '2 ea. ', 'qty 2 ', '2 pcs '].map(
    (before) => [before, ''] as const,
  ),
  ...['2 pc. ', '2 each ', 'pair of ', 'a pair of ', '1 pk (2) ', '2 - ', '2) '].map((before) => [before, ''] as const),
  ...[' (2)', ', 2', ' x2', ' x 2', ' - 2', ' – 2', ', 2 sheets', ': 2', ' ×2', ' (x2)', ' (2x)', ' 2 pcs', ' [2]'].map(
    (behind) => ['', behind] as const,
  ),
  ...[' qty: 2', ' * 2', '\t2', ' (qty 2)', ' - 2 each', ' 2/ea', '; 2', ' = 2', ' | 2'].map(
    (behind) => ['', behind] as const,
  ),
);

const square = (texts: readonly string[], side: number) => texts.map((text) => [text, side, side] as const);
const size = fc.constantFrom(
  ...square(['12x12', '12 x 12', '12" x 12"', '12×12', '12X12', '12 by 12', '12in x 12in', '12"x12"'], inches(12)),
  ...square(['12x12"', '12x12 inch', '12-inch x 12-inch', '12 in. x 12 in.', '12x 12', '12 x12'], inches(12)),
  ...square(['30.5x30.5cm', '30,5 x 30,5 cm', '30.5cmx30.5cm', '305 x 305 mm'], mm(305)),
  ...['8.5x11', '8 1/2 x 11', '8-1/2 x 11', '8½ x 11', '8½" x 11"'].map(
    (text) => [text, inches(8.5), inches(11)] as const,
  ),
  ['A4', mm(210), mm(297)] as const,
);
const paper = fc.constantFrom(
  ...['orchard rows', 'cardstock slate', 'plain vellum', 'patterned paper "Rows & Rain"', 'slate cardstock'],
  ...['paper: orchard rows', 'orchard rows / plain moss'],
);
const laid = fc.constantFrom(
  (name: string, told: string) => `${told} ${name}`,
  (name: string, told: string) => `${name} ${told}`,
  (name: string, told: string) => `${name} (${told})`,
  (name: string, told: string) => `${name}, ${told}`,
);

test('two sheets of a size are that, or in doubt, in whatever manner they are told', () => {
  fc.assert(
    fc.property(two, size, paper, laid, ([before, behind], [told, w, h], name, lay) => {
      const text = `${before}${lay(name, told)}${behind}`;
      const { items, isInDoubt } = read(text);
      if (!isInDoubt) expect(items, text).toMatchObject([{ count: 2, size: { w, h } }]);
    }),
    { numRuns: 1_000 },
  );
});

/** What stands before a thing and behind it to tell that there are twenty-four of it. */
const many = fc.constantFrom(
  ...['24 ', '24 x ', '24x ', '(24) ', 'set of 24 ', 'pack of 24 ', '24-pc ', '24-piece ', '24 pieces of '].map(
    (before) => [before, ''] as const,
  ),
  ...['two dozen ', '2 dozen ', 'twenty-four ', 'twenty four ', '2 packs of 12 ', 'a set of 24 ', '24 1/2" '].map(
    (before) => [before, ''] as const,
  ),
  ...[' (24)', ', 24', ' x24', ' - 24', ': 24', ' (24 pcs)', ' 24ct', ' (24 ct.)', ', 24 count', ', set of 24'].map(
    (behind) => ['', behind] as const,
  ),
  ...[', 2 packs of 12', ' (2 packs of 12)', ', approx. 24', ' qty 24', ' [24]', ' – 24 pcs.'].map(
    (behind) => ['', behind] as const,
  ),
  ['2 packs ', ' (12 each)'] as const,
  ['1 pkg ', ', 24 pieces'] as const,
);
const small = fc.constantFrom(
  ...['enamel dots', 'brads', 'wood veneer stars', 'ephemera', 'die cuts', 'buttons', 'flair badges', 'sequins'],
  ...['tags', 'paper clips', 'jewels', 'puffy hearts'],
);

test('twenty-four of a small thing are that, or in doubt, in whatever manner they are told', () => {
  fc.assert(
    fc.property(many, small, fc.constantFrom('', ' amber', ', amber'), ([before, behind], name, colour) => {
      const text = `${before}${name}${colour}${behind}`;
      const { items, isInDoubt } = read(text);
      if (!isInDoubt) expect(items, text).toMatchObject([{ count: 24 }]);
    }),
    { numRuns: 1_000 },
  );
});

test.each([
  ...['alpha puffy: A3, E4, N2', 'alpha puffy A(3) E(4) N(2)', 'alpha puffy A x3 E x4 N x2', 'alpha puffy 3A 4E 2N'],
  ...['alpha puffy - AAA EEEE NN', 'alpha puffy A=3 E=4 N=2', 'alpha puffy A-3 E-4 N-2', 'alpha puffy: A:3 E:4 N:2'],
  ...['alpha puffy A3E4N2', 'alpha puffy (3 A, 4 E, 2 N)'],
])('%s: as many of each letter', (text) => {
  expect(read(text)).toMatchObject({ items: [{ letters: { A: 3, E: 4, N: 2 } }], isInDoubt: false });
});

test.each([
  ['foam alpha, 3 each A E N', 'AEN', 3],
  ['foam alpha A-E, 2 each', 'ABCDE', 2],
  ['foam alpha, 2 of each letter', 'ABCDEFGHIJKLMNOPQRSTUVWXYZ', 2],
])('%s: so many of each', (text, glyphs, n) => {
  const letters = Object.fromEntries([...glyphs].map((glyph) => [glyph, n]));
  expect(read(text)).toMatchObject({ items: [{ letters }], isInDoubt: false });
});

test.each(['alpha puffy, black 12x12', 'alpha: A-7', 'alpha - black'])('%s tells no letters', (text) => {
  expect(read(text).items).toMatchObject([{ kind: 'alpha', letters: null }]);
});

test.each([
  ['two yards twine', inches(72)],
  ['a yard of ribbon', inches(36)],
  ['half a yard of ribbon', inches(18)],
  ['ten metres of washi', mm(10_000)],
])('%s is so long', (text, length) => {
  expect(read(text)).toMatchObject({ items: [{ measure: 'length', length }], isInDoubt: false });
});

test.each([
  ['half a roll of twine', 50],
  ['a quarter of a bottle of mist', 25],
  ['three quarters of the washi lamplight', 75],
])('%s is so much of it', (text, level) => {
  expect(read(text)).toMatchObject({ items: [{ measure: 'share', level }] });
});
