import fc from 'fast-check';
import { expect, test } from 'vitest';
import { inches, mm, ticksPer, type Unit } from '../../ground/length';
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

/** Runs a law on readings, of which few may be in doubt: else it would say nothing. */
function holds(law: (check: (text: string, expected: object[]) => void) => void, mostInDoubt: number): void {
  let [all, inDoubt] = [0, 0];
  law((text, expected) => {
    const { items, isInDoubt } = read(text);
    all++;
    if (isInDoubt) inDoubt++;
    else expect(items, text).toMatchObject(expected);
  });
  expect(inDoubt / all).toBeLessThan(mostInDoubt);
}

test('two sheets of a size are that, or in doubt, in whatever manner they are told', () => {
  holds((check) => {
    fc.assert(
      fc.property(two, size, paper, laid, ([before, behind], [told, w, h], name, lay) => {
        check(`${before}${lay(name, told)}${behind}`, [{ count: 2, size: { w, h } }]);
      }),
      { numRuns: 1_000 },
    );
  }, 1 / 4);
});

test('a list without units says the same numbers in any of them', () => {
  const bare = fc.constantFrom(
    ...['3 x 4', '4.5x6', '4 by 6', '2 1/2 x 3', '3½ x 5', '1.5'].flatMap((told) => [
      `2 x ${told} orchard rows`,
      `cards (${told}) x4`,
      `cards: 12 blue ${told}, 8 red ${told}`,
      `sticker sheet ${told}`,
      `pad ${told}, 24 sheets of 12 designs`,
      `circle punch ${told}, reach 1 3/4`,
      `tag punch ${told}`,
      `washi ${told}`,
      `alpha puffy ${told}: A3 E4`,
      `doilies ${told} (6)`,
      `cut-apart ${told}: 6 x 3x4, 4 x 2x2`,
    ]),
  );
  const numbers = (text: string, unit: Unit) =>
    readLine(text, unit).things.map(({ size: told, height, length, punch, count }) =>
      [told?.w, told?.h, height, length, punch?.size, punch?.height, punch?.reach].map(
        (ticks) => Math.round(((ticks ?? 0) / ticksPer(unit)) * 100) / 100 + (count ?? 0) / 1_000,
      ),
    );
  fc.assert(
    fc.property(bare, fc.constantFrom<Unit>('mm', 'cm'), (text, unit) => {
      expect(numbers(text, unit), text).toEqual(numbers(text, 'in'));
    }),
    { numRuns: 300 },
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
  ...['2 doz. ', '2 dz ', '12 pairs of ', '12 pr. ', '✅ 24 ', '**24** ', '<li>24 '].map(
    (before) => [before, ''] as const,
  ),
  ...[', 2 dozen', ' (2 dozen)', ' - 24.', ' qty twenty-four', ', 24</li>'].map((behind) => ['', behind] as const),
  ['2 packs ', ' (12 each)'] as const,
  ['1 pkg ', ', 24 pieces'] as const,
);
const small = fc.constantFrom(
  ...['enamel dots', 'brads', 'wood veneer stars', 'ephemera', 'die cuts', 'buttons', 'flair badges', 'sequins'],
  ...['tags', 'paper clips', 'jewels', 'puffy hearts'],
);

test('twenty-four of a small thing are that, or in doubt, in whatever manner they are told', () => {
  holds((check) => {
    fc.assert(
      fc.property(many, small, fc.constantFrom('', ' amber', ', amber'), ([before, behind], name, colour) => {
        check(`${before}${name}${colour}${behind}`, [{ count: 24 }]);
      }),
      { numRuns: 1_000 },
    );
  }, 1 / 10);
});

test.each([
  ['over 50 die cuts', 50],
  ['50+ die cuts', 50],
  ['up to 12 brads', 12],
  ['8–10 pieces of ephemera', 8],
  ['2-3 sheets of 12x12 vellum', 2],
])('%s: about so many, which is in doubt', (text, count) => {
  expect(read(text)).toMatchObject({ items: [{ count }], isInDoubt: true });
});

test('one measure of a square sheet is that of both sides', () => {
  for (const text of ['30 cm square paper', 'paper 30cm sq.', 'square paper, 30 cm'])
    expect(readLine(text).things, text).toMatchObject([{ size: { w: mm(300), h: mm(300) }, name: 'paper' }]);
});

test('a number of an article is in doubt, and its line is not passed over', () => {
  expect(read('Item #10443 Windfall 12x12 paper - 2')).toMatchObject({ items: [{ count: 2 }], isInDoubt: true });
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

test('of several things on a line each has its size in the unit of the list', () => {
  const [blue, red] = readLine('cards: 12 blue 3x4, 8 red 4x6', 'cm').things;
  expect([blue?.size, red?.size]).toEqual([
    { w: mm(30), h: mm(40) },
    { w: mm(40), h: mm(60) },
  ]);
});

test.each([
  ['circle punch 4, reach 3', { shape: 'circle', size: mm(40), reach: mm(30) }],
  ['tag punch 3x5, reach 2', { shape: 'tag', size: mm(30), height: mm(50), reach: mm(20) }],
  ['hexagon punch 2 in', { shape: 'hexagon', size: inches(2), reach: null }],
])('%s, in a list in centimetres', (text, punch) => {
  expect(readLine(text, 'cm').things).toMatchObject([{ punch }]);
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
