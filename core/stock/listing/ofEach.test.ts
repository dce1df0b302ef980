import { describe, expect, test } from 'vitest';
import { inches, mm } from '../../ground/length';
import { entriesOf, readLine } from '.';

const read = (text: string) => entriesOf([readLine(text)]);
/** How many of which. */
const told = (text: string): string[] => read(text).map(({ item: { count, name } }) => `${count} ${name}`);
const doubtsOf = (text: string): string[] =>
  readLine(text).things.flatMap(({ doubts }) => doubts.map(({ why }) => why));

describe('so many of each', () => {
  test.each([
    ['12x12 papers, 8 (2 each of 4 designs)', 8],
    ['10 double-sided papers (2 each of 5 designs), 12x12', 10],
    ['2 sheets each of 4 patterned papers', 8],
    ['2 of each of 5 designs, 12x12 paper', 10],
    ['12x12 papers, 5 designs, 2 of each', 10],
    ['5 patterned papers, 12x12, 1 of each design', 5],
    ['tags 2x3 - 8 total, 4 of each', 8],
    ['enamel dots, 60 (20 each of 3 sizes)', 60],
    ['3 pks brads, 12 per pack', 36],
    ['brads 3 bags, 12/bag', 36],
    ['12 x 12 Patterned Paper, 2 ea. of 4 prints', 8],
  ])('%s: %i in all', (text, count) => {
    expect(read(text).map(({ item }) => item.count)).toEqual([count]);
    expect(doubtsOf(text)).toEqual([]);
  });

  test.each(['10 papers, 2 each', '12x12 papers (10), 2 each', '10 papers, 5 designs, 3 of each'])(
    '%s: in doubt',
    (text) => {
      expect(doubtsOf(text).length).toBeGreaterThan(0);
    },
  );

  test.each([
    ['6x6 pad (36 sheets - 3 of each design)', 36, 12],
    ['6x8 pad - 2 copies each of 18 designs', 36, 18],
    ['6x8 paper pad, 24 sheets (2 each of 12 designs)', 24, 12],
  ])('%s: one follows from the other', (text, count, designs) => {
    expect(readLine(text).things).toMatchObject([{ kind: 'pad', count, designs, doubts: [] }]);
  });

  test('a pad whose figures do not come out even is in doubt', () => {
    expect(doubtsOf('6x8 paper pad, 24 sheets (3 each of 12 designs)')).toHaveLength(1);
    expect(doubtsOf('6x8 paper pad, 25 sheets, 2 of each design')).toHaveLength(1);
    expect(doubtsOf('6x8 paper pad, 2 of each design')).toHaveLength(1);
  });
});

describe('each by its name', () => {
  test.each([
    ['1 ea 12x12: Sea Glass; Driftwood; Lantern', ['1 Sea Glass', '1 Driftwood', '1 Lantern']],
    ['1 ea 12x12: Sea Glass / Salt; Driftwood', ['1 Sea Glass / Salt', '1 Driftwood']],
    ['1 ea. of Sea Glass, Driftwood, Lantern (12x12)', ['1 Sea Glass', '1 Driftwood', '1 Lantern']],
    ['(2 each) Sea Glass, Driftwood and Lantern papers, 12x12', ['2 Sea Glass', '2 Driftwood', '2 Lantern']],
    ['2 x Cardstock white, 1 x black, 3 x kraft', ['2 Cardstock white', '1 Cardstock black', '3 Cardstock kraft']],
    ['stickers: 2 sheets (6x8) - one icons, one phrases', ['1 stickers icons', '1 stickers phrases']],
    [
      '48pc ephemera pack (incl. 12 frames, 20 phrases and 16 icons)',
      ['12 ephemera pack frames', '20 ephemera pack phrases', '16 ephemera pack icons'],
    ],
  ])('%s', (text, expected) => {
    expect(told(text)).toEqual(expected);
    expect(doubtsOf(text)).toEqual([]);
  });

  test.each([
    ['Meadow 2, Crates 1, Fence 1', ['2 Meadow', '1 Crates', '1 Fence']],
    ['Meadow x2, Crates x1 and Fence x1 (12x12)', ['2 Meadow', '1 Crates', '1 Fence']],
    ['12x12 Patterned Paper: (2) Meadow, (1) Crates', ['2 Meadow', '1 Crates']],
  ])('%s: each with its count', (text, expected) => {
    expect(told(text)).toEqual(expected);
    expect(doubtsOf(text)).toEqual([]);
  });

  test.each(['25 die cuts including 12 moths', 'ephemera (pack of 34, 2 duplicates)', 'gems, 3 strips, 12 per strip'])(
    '%s: one thing, in doubt',
    (text) => {
      expect(readLine(text).things).toHaveLength(1);
      expect(doubtsOf(text).length).toBeGreaterThan(0);
    },
  );

  test.each([
    ['3 papers, 12x12, Meadow, Crates, Fence', ['1 Meadow', '1 Crates', '1 Fence']],
    ['3 12x12 papers Meadow Lane, Crates & Fence', ['1 Meadow Lane', '1 Crates', '1 Fence']],
    ['(3) papers: Harbour/Sail, Tide/Rope, Gull/Dots', ['1 Harbour / Sail', '1 Tide / Rope', '1 Gull / Dots']],
  ])('%s: as many names as papers, which is in doubt', (text, expected) => {
    expect(told(text)).toEqual(expected);
    expect(doubtsOf(text)).toEqual(['One of each?']);
  });

  test.each([
    ['12x12 Meadow, Crates & Fence (2 each)', ['2 Meadow', '2 Crates', '2 Fence']],
    ['Meadow, Crates, Fence - 2 sheets of each, 12x12', ['2 Meadow', '2 Crates', '2 Fence']],
  ])('%s: named before, which is in doubt', (text, expected) => {
    expect(told(text)).toEqual(expected);
    expect(doubtsOf(text)).toEqual(['One of each?']);
  });

  test.each(['4 papers 12x12 Sun, Moon, Stars', '3 12x12 papers: Meadow, Fence', '2 cardstock: navy, white, kraft'])(
    '%s: as many are not named, which is in doubt',
    (text) => {
      expect(readLine(text).things).toHaveLength(1);
      expect(doubtsOf(text)).toEqual([expect.stringMatching(/^\d are told, and \d are named/)]);
    },
  );

  test('pages of a book are no things beside it', () => {
    expect(doubtsOf('journal: 1 book, 24 pages')).toEqual(['What is this number?']);
  });

  test('what is listed and what is told must come out even', () => {
    expect(doubtsOf('5 papers, 1 each: Meadow, Crates, Fence')).toEqual([
      expect.stringContaining('5 are told, and 3 are listed.'),
    ]);
  });

  test('so much of each is a roll of each', () => {
    expect(doubtsOf('2 ribbons, 1 yd each of three')).toEqual(['Of each: of how many?']);
    const expected = ['red', 'white', 'blue'].map((name) => ({ count: 1, name, length: inches(180) }));
    expect(readLine('twine 5yds each red, white & blue').things).toMatchObject(expected);
    expect(readLine('2 yds each of three ribbons').things).toMatchObject([{ count: 3, length: inches(72) }]);
    expect(readLine('ribbon - 3 colors, 1 yd each: coral, sand, sea').things).toMatchObject(
      ['coral', 'sand', 'sea'].map((name) => ({ count: 1, name, length: inches(36), doubts: [] })),
    );
  });
});

describe('each by its measure', () => {
  const widths = (text: string) => readLine(text).things.map(({ count, size }) => [count, size?.w]);
  test.each([
    ['washi - 3 rolls: 10mm, 15mm, 20mm', [10, 15, 20], 1],
    ['washi tape 2 rolls (8 mm & 15 mm)', [8, 15], 1],
    ['washi tape set of 3 (5, 10 and 15 mm)', [5, 10, 15], 1],
    ['brads, 10 each of 3mm and 5mm', [3, 5], 10],
  ])('%s', (text, sides, count) => {
    expect(widths(text)).toEqual(sides.map((side) => [count, mm(side)]));
    expect(doubtsOf(text)).toEqual([]);
  });

  test('a second width is not how long a roll is', () => {
    for (const text of ['washi 10 mm + 15 mm', 'washi 10mm/15mm', 'washi tape 8mm, 15mm', 'washi 15mm x 10']) {
      expect(readLine(text).things.every(({ length }) => length === null)).toBe(true);
      expect(doubtsOf(text).length, text).toBeGreaterThan(0);
    }
  });

  test.each([
    ['three 1/2" brads, five 1/4" brads', [3, 5]],
    ['6 3x4 cards, 3 4x6 cards, 2 6x8 cards', [6, 3, 2]],
    ['3x4 cards: 8; 4x6 cards: 4', [8, 4]],
    ['8 - 3x4 cards and 4 - 4x6 cards', [8, 4]],
    ['6 cards, 3x4; 3 cards, 4x6', [6, 3]],
    ['three 12x12 papers & two 6x12 papers', [3, 2]],
  ])('%s: things of the same kind and other sizes', (text, counts) => {
    expect(readLine(text).things.map(({ count }) => count)).toEqual(counts);
    expect(doubtsOf(text)).toEqual([]);
  });

  test('two sizes with a kind each are two things, which is in doubt where none is counted', () => {
    expect(readLine('12x12 paper and 6x6 pad').things.map(({ kind }) => kind)).toEqual(['paper', 'pad']);
    expect(doubtsOf('12x12 paper and 6x6 pad')).toEqual(['One thing? Read as one of each.']);
    expect(readLine('12x12 cut-apart sheet with 3x4 cards').things).toHaveLength(1);
  });
});

test.each([
  ['1 stamp set, 14 stamps', 14],
  ['1 brad pack, 12 brads', 12],
  ['1 bag buttons, 30 buttons', 30],
  ['1 paper pad 6x8, 24 papers', 24],
  ['1 set of cards, 12 3x4 cards', 12],
])('%s: what is in it, and no second thing', (text, count) => {
  expect(readLine(text).things).toMatchObject([{ count, doubts: [] }]);
});

describe('a measure and a count beside it', () => {
  test.each([
    ['24 x 1/2" brads', 24, inches(1 / 2)],
    ['foam squares 1/4" x 308', 308, inches(1 / 4)],
  ])('%s', (text, count, w) => {
    expect(readLine(text).things).toMatchObject([{ count, size: { w, h: null }, doubts: [] }]);
  });
  test.each(['12 x 3" tags', '6 x 2" circles', '1" x 12 strips'])('%s: in doubt', (text) => {
    expect(doubtsOf(text).length).toBeGreaterThan(0);
  });
  test('sides may be told by name', () => {
    for (const text of ['8 tags, 2" wide by 3" tall', '2"W x 3"H tags (8)'])
      expect(readLine(text).things).toMatchObject([{ count: 8, size: { w: inches(2), h: inches(3) }, doubts: [] }]);
  });
  test('a roll as wide as one side and as long as the other', () => {
    for (const text of ['ribbon 1/2" x 36"', 'ribbon 1/2 x 36', `ribbon 1/2" x 3'`])
      expect(readLine(text).things).toMatchObject([{ size: { w: inches(1 / 2), h: null }, length: inches(36) }]);
    expect(doubtsOf('washi 15 x 10')).toHaveLength(1);
  });
});

test('heads of columns are nothing to take in', () => {
  for (const text of ['Qty  Item', 'Item, Qty, Size', 'Quantity / Description'])
    expect(readLine(text).read).toBe('words');
  expect(readLine('Notes').read).toBe('thing');
});

test('letters beside their height', () => {
  expect(readLine('Alphabet: A-C, 2 of each, 3/4"').things).toMatchObject([
    { kind: 'alpha', letters: { A: 2, B: 2, C: 2 }, height: inches(3 / 4), doubts: [] },
  ]);
});

test.each([
  ['brads 12 gold 12 silver', [12, 12], ['gold', 'silver']],
  ['10 cream 10 kraft envelopes', [10, 10], ['cream', 'kraft']],
  ['2 x Cardstock white, 1 x black, 1 x kraft', [2, 1, 1], ['white', 'black', 'kraft']],
  ['10 wood brads, 5 navy and 5 gold', [5, 5], ['navy', 'gold']],
  ['12x12 cardstock 3 white 2 black', [3, 2], ['white', 'black']],
])('%s: nothing stands between them', (text, counts, colours) => {
  const { things } = readLine(text);
  expect(things.map(({ count }) => count)).toEqual(counts);
  expect(things.map((thing) => thing.colours[0]?.name)).toEqual(colours);
  expect(
    things.every(({ size, doubts }) => doubts.length === 0 && (size?.w ?? null) === (things[0]?.size?.w ?? null)),
  ).toBe(true);
});
