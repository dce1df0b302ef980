import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { readList } from '.';

const thingsOf = (text: string) => readList(text).flatMap(({ things }) => things);
/** How many of which kind, called so. */
const told = (text: string): string[] => thingsOf(text).map(({ kind, count, name }) => `${count} ${kind} ${name}`);

describe('a heading', () => {
  test('with a blank line under it', () => {
    const text = 'PATTERNED PAPER\n\n2 Meadow\n1 Crates\n\nCardstock:\n\n3 White\n\nEmbellishments\n\nbrads (10)';
    expect(told(text)).toEqual(['2 paper Meadow', '1 paper Crates', '3 cardstock White', '10 embellishment brads']);
  });

  test('in a list with a blank line between all lines', () => {
    const text = 'Papers\n\n2 Meadow\n\n1 Crates\n\nCardstock\n\n3 White\n\n1 Plum\n\nWashi tape\n\nSticker sheet 6x8';
    expect(told(text)).toEqual([
      '2 paper Meadow',
      '1 paper Crates',
      '3 cardstock White',
      '1 cardstock Plum',
      '1 washi Washi tape',
      '1 stickers Sticker sheet',
    ]);
  });

  test.each(['12x12 Cardstock', 'CARDSTOCK 12x12', 'Cardstock – 12x12', '12" x 12" Cardstock', '(12x12) cardstock'])(
    'with a size beside it: %s',
    (head) => {
      expect(thingsOf(`Papers\nMeadow\n\n${head}\n2 White\nPlum`)).toMatchObject([
        { kind: 'paper', size: null },
        { kind: 'cardstock', count: 2, size: { w: inches(12), h: inches(12) }, doubts: [] },
        { kind: 'cardstock', count: 1, size: { w: inches(12), h: inches(12) }, doubts: [] },
      ]);
    },
  );

  test('is none where things stand under it, or nothing', () => {
    for (const text of [
      '12x12 cardstock\nMoth ephemera\n3 tags',
      '3 tags\n\n12x12 cardstock',
      'Vellum\n\nWashi\n\nTwine',
    ])
      expect(thingsOf(text).every(({ count, kind }) => count !== null && kind !== 'embellishment')).toBe(true);
    expect(thingsOf('Vellum\n\nWashi\n\nTwine')).toHaveLength(3);
  });

  test('with nothing between the lines above and it', () => {
    expect(told('Papers\nMeadow\nCrates\nCardstock\nWhite\n2 Plum')).toEqual([
      '1 paper Meadow',
      '1 paper Crates',
      '1 cardstock White',
      '2 cardstock Plum',
    ]);
    const washi = thingsOf('Papers\nMeadow\nCrates\nWashi tape\nTide\nHarbour').slice(2);
    expect(washi.map(({ kind, name, doubts }) => [kind, name, doubts.length])).toEqual([
      ['washi', 'Tide', 1],
      ['washi', 'Harbour', 1],
    ]);
  });

  test('is none where there is one of it, whatever is under it', () => {
    for (const text of ['Cut-apart sheet 12x12', 'Sticker sheet 6x12', '6x8 paper pad'])
      expect(thingsOf(`${text}\nMeadow\nTide`)[0]?.size).not.toBeNull();
  });

  test('over one name alone may be a sheet: it is in doubt', () => {
    expect(thingsOf('12x12 cardstock\nMeadow').map(({ doubts }) => doubts.length)).toEqual([1]);
  });
});

test.each([
  ['1 Carol Sheet / Ink', 'paper'],
  ['2 Felt / Wood', 'paper'],
  ['1 Ink Blots', 'paper'],
  ['Washi Strips', 'paper'],
  ['1 Postage Stamps', 'ephemera'],
  ['Envelope', 'embellishment'],
])('%s: under papers a name, or another thing, which is in doubt', (line, kind) => {
  const [thing] = thingsOf(`Papers\n${line}\nMeadow`);
  expect(thing?.kind).toBe(kind);
  expect(thing?.doubts.map(({ about }) => about)).toEqual(['kind']);
});

test.each(['Ephemera pack, 40 pcs', 'Sticker Sheet 6x12', 'puffy stickers', '5 Chipboard Frames'])(
  '%s: under papers another thing for certain',
  (line) => {
    const [thing] = thingsOf(`Papers\n${line}\nMeadow`);
    expect(thing?.kind).not.toBe('paper');
    expect(thing?.doubts).toEqual([]);
  },
);

test('ink is a colour of cardstock', () => {
  expect(told('Cardstock\n2 Ink\nInk + plum x3')).toEqual(['2 cardstock Ink', '3 cardstock Ink plum']);
});

test('what a printed page says of itself is no thing; a number of an item is none of these words', () => {
  for (const text of ['Page 1 of 2', 'Order #10234', 'Subtotal: 31 items', 'Invoice no. 12'])
    expect(readList(text).map(({ read }) => read)).toEqual(['words']);
  expect(thingsOf('#1025 Tide Pools (2)')).toMatchObject([{ count: 2, doubts: [{ words: '#1025' }] }]);
});

test('a name above the first heading is what the list is called', () => {
  for (const text of ['Moth Lantern\n\n', 'Moth Lantern\nDecember 2026\n', 'The Oddment Post\nMoth Lantern\n'])
    expect(told(`${text}PAPERS\n2 Meadow`)).toEqual(['2 paper Meadow']);
  expect(told('Moth Lantern\n\nEXTRAS\n2 brads')).toEqual(['2 embellishment brads']);
  for (const text of ['- Moth Lantern\n', '2 Moth Lantern\n', 'brads\nMoth Lantern\n', 'Tide\nMeadow\nCrates\n'])
    expect(thingsOf(`${text}\nPAPERS\n2 Meadow`).length).toBeGreaterThan(1);
  expect(thingsOf('Moth Lantern\nTide')).toHaveLength(2);
});

test('what is said of the other lines, and marks of a page, are no things', () => {
  for (const text of ['(All papers 12x12 unless noted)', '<ul>', '</div>'])
    expect(readList(text).map(({ read }) => read)).toEqual(['words']);
  expect(thingsOf('brads (10), silver unless noted')).toMatchObject([{ count: 10 }]);
});

test('puffy hearts are stickers where stickers are listed', () => {
  expect(told('STICKERS\nPuffy hearts - 2 sheets\nFoam stars\nchipboard brads')).toEqual([
    '2 stickers Puffy hearts',
    '1 stickers Foam stars',
    '1 embellishment chipboard brads',
  ]);
});

test('a count alone may be that of the line above: it is in doubt', () => {
  for (const text of ['Qty 2', 'x2', '3 sheets', '(4)'])
    expect(thingsOf(`Papers\nMeadow\n${text}`)[1]?.doubts).toHaveLength(1);
  expect(thingsOf('Papers\n12x12 (4)').flatMap(({ doubts }) => doubts)).toEqual([]);
});

describe('a law', () => {
  const NAMES = ['Meadow', 'Crates / Fence', 'Moth Lantern', 'Ink Blots', 'Wood Grain / Cork', 'Snow on Roofs', 'Tide'];
  const COLOURS = ['White', 'Plum', 'Ink', 'Kraft', 'Pale Grey'];
  const COUNTED: readonly ((name: string, count: number) => string)[] = [
    (name, count) => `${count} ${name}`,
    (name, count) => `${count} x ${name}`,
    (name, count) => `${name} x${count}`,
    (name, count) => `${name} (${count})`,
    (name, count) => `${name} - ${count}`,
    (name, count) => (count === 1 ? name : `(${count}) ${name}`),
  ];
  const HEADED: readonly ((kind: string, size: string) => string)[] = [
    (kind, size) => `${size} ${kind}`,
    (kind, size) => `${kind} ${size}`,
    (kind, size) => `${kind} (${size})`,
    (kind, size) => `${kind} - ${size}`,
    (kind, size) => `${size} ${kind}:`,
    (kind, size) => `** ${kind} ${size} **`,
    (kind, size) => `${size.toUpperCase()} ${kind.toUpperCase()}`,
  ];
  const section = (names: readonly string[]) =>
    fc.record({
      head: fc.constantFrom(...HEADED),
      size: fc.constantFrom('12x12', '6x12', '8.5x11', '12" x 12"'),
      all: fc.uniqueArray(fc.tuple(fc.constantFrom(...names), fc.integer({ min: 1, max: 3 })), {
        minLength: 2,
        maxLength: 4,
        selector: ([name]) => name,
      }),
    });

  test('what stands under a heading is of its kind and size, or in doubt', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('Papers', 'Patterned paper', 'Double-sided Paper'),
        section(NAMES),
        section(COLOURS),
        fc.constantFrom(...COUNTED),
        fc.constantFrom('', '\n'),
        fc.constantFrom('', '\n'),
        fc.boolean(),
        (papers, paper, card, counted, before, after, isSpaced) => {
          const lines = [
            ...[
              { kind: papers, ...paper },
              { kind: 'Cardstock', ...card },
            ].flatMap(({ kind, head, size, all }) => [
              `${before}${head(kind, size)}${after}`,
              ...all.map(([name, count]) => counted(name, count)),
            ]),
            `${before}Embellishments${after}`,
            'brads (10)',
          ];
          const text = lines.join(isSpaced ? '\n\n' : '\n');
          const things = thingsOf(text);
          const expected = [
            ...paper.all.map(([, count]) => ['paper', count, paper.size]),
            ...card.all.map(([, count]) => ['cardstock', count, card.size]),
            ['embellishment', 10, null],
          ];
          const sizeSaid = (w: number): string => ({ 12: '12x12', 6: '6x12', 8.5: '8.5x11' })[w] ?? `${w}`;
          const read = things.map(({ kind, count, size }) => [kind, count, size && sizeSaid(size.w / inches(1))]);
          const isInDoubt = things.some(({ doubts }) => doubts.length > 0);
          if (!isInDoubt)
            expect(read, text).toEqual(
              expected.map(([kind, count, size]) => [
                kind,
                count,
                typeof size === 'string' ? size.replace(/" x 12"/, 'x12') : size,
              ]),
            );
        },
      ),
      { numRuns: 400 },
    );
  });
});
