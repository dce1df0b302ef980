import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches, mm, type Ticks } from '../../ground/length';
import { readLine } from '.';

const doubtsOf = (text: string): string[] =>
  readLine(text).things.flatMap(({ doubts }) => doubts.map(({ why }) => why));
/** Kind, how many and how large. */
const told = (text: string) => readLine(text).things.map(({ kind, count, size }) => [kind, count, size]);
const both = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const one = (w: Ticks) => ({ w, h: null });

describe('several sizes of a kind, each with its count', () => {
  test.each([
    ['journal cards (4) 3x4, (2) 4x6', 'card', [4, both(3, 4)], [2, both(4, 6)]],
    ['cards 10 - 4x6 & 20 - 3x4', 'card', [10, both(4, 6)], [20, both(3, 4)]],
    ['6 tags: 3 @ 2x4, 3 @ 3x5', 'ephemera', [3, both(2, 4)], [3, both(3, 5)]],
    ['Meadow papers 12x12 (2), 6x6 (3)', 'paper', [2, both(12, 12)], [3, both(6, 6)]],
    ['12x12 (4), 6x6 (2)', 'paper', [4, both(12, 12)], [2, both(6, 6)]],
    ['cardstock white 12x12 (5), 8.5x11 (10)', 'cardstock', [5, both(12, 12)], [10, both(8.5, 11)]],
    ['brads 3mm (10), 5mm (6)', 'embellishment', [10, one(mm(3))], [6, one(mm(5))]],
    ['brads (3mm x 10, 5mm x 6)', 'embellishment', [10, one(mm(3))], [6, one(mm(5))]],
    ['enamel dots: 5mm x 20, 8mm x 15', 'dots', [20, one(mm(5))], [15, one(mm(8))]],
    ['acrylic shapes 2" (4 pcs), 1" (8 pcs)', 'embellishment', [4, one(inches(2))], [8, one(inches(1))]],
    ['washi 15mm (2), 8mm (3)', 'washi', [2, one(mm(15))], [3, one(mm(8))]],
  ])('%s', (text, kind, ...expected) => {
    expect(told(text)).toEqual(expected.map((all) => [kind, ...all]));
    expect(doubtsOf(text)).toEqual([]);
  });

  test('each may be called something', () => {
    expect(readLine('felt flowers 1" pink (3), 2" white (2)').things).toMatchObject([
      { count: 3, name: 'felt flowers pink', size: { w: inches(1) } },
      { count: 2, name: 'felt flowers white', size: { w: inches(2) } },
    ]);
  });

  test.each(['tags (2" x 4, 3" x 2)', 'brads 3mm (10), 5mm', 'journaling cards: eight 3x4s, four 4x6s'])(
    '%s: in doubt',
    (text) => expect(doubtsOf(text).length).toBeGreaterThan(0),
  );

  test('in whatever manner they are told, they are read right or in doubt', () => {
    const kinds = ['brads', 'tags', 'journal cards', 'stickers', 'acrylic shapes', '12 buttons', 'cardstock white'];
    const counted: readonly ((size: string, count: number) => string)[] = [
      (size, count) => `${size} (${count})`,
      (size, count) => `${size} x ${count}`,
      (size, count) => `${size} - ${count} pcs`,
      (size, count) => `(${count}) ${size}`,
      (size, count) => `${count} ${size}`,
      (size, count) => `${size} (${count} sheets)`,
      (size, count) => `${count} @ ${size}`,
    ];
    const joined = [', ', '; ', ' & ', ' and ', ' + ', ' / '];
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.constantFrom(' ', ': ', ' - ', ', ', ' ('),
        fc.constantFrom(...counted),
        fc.constantFrom(...joined),
        fc.uniqueArray(
          fc.tuple(fc.constantFrom('3x4', '4x6', '1"', '2"', '15mm', '6x12'), fc.integer({ min: 2, max: 40 })),
          { minLength: 2, maxLength: 3, selector: ([size]) => size },
        ),
        (kind, mark, manner, between, all) => {
          const list = all.map(([size, count]) => manner(size, count)).join(between);
          const text = `${kind}${mark}${list}${mark === ' (' ? ')' : ''}`;
          const counts = readLine(text).things.map(({ count }) => count);
          if (doubtsOf(text).length === 0) expect(counts, text).toEqual(all.map(([, count]) => count));
        },
      ),
      { numRuns: 600 },
    );
  });
});

describe('several rolls', () => {
  test.each([
    ['washi 15mm x 10m, 8mm x 5m', [mm(15), mm(10_000)], [mm(8), mm(5_000)]],
    ['ribbon 1/4" (2 yds), 1/2" (3 yds)', [inches(1 / 4), inches(72)], [inches(1 / 2), inches(108)]],
    ['2 washi: 15mm amber 10m, 8mm teal 5m', [mm(15), mm(10_000)], [mm(8), mm(5_000)]],
    ['ribbon, 2 yds cream, 1 yd rust', [undefined, inches(72)], [undefined, inches(36)]],
    ['twine: white (5 yds), black (3 yds)', [undefined, inches(180)], [undefined, inches(108)]],
    ['ribbon 2 yds; twine 5 yds', [undefined, inches(72)], [undefined, inches(180)]],
  ])('%s: each with its width and its length', (text, ...expected) => {
    expect(readLine(text).things.map(({ size, length }) => [size?.w, length])).toEqual(expected);
    expect(readLine(text).things.every(({ count }) => count === 1)).toBe(true);
    expect(doubtsOf(text)).toEqual([]);
  });

  test('a length told again in another unit is the same one', () => {
    for (const text of ['washi 15mm x 10m (33 ft)', 'twine 10 m, 11 yds'])
      expect(readLine(text).things).toMatchObject([{ length: mm(10_000), doubts: [] }]);
  });

  test('a length told again in the same unit is another roll, or in doubt', () => {
    expect(readLine('twine 5 m + 5 m').things).toMatchObject([{ length: mm(5_000) }, { length: mm(5_000) }]);
    expect(doubtsOf('ribbon 2 yds (2 yds)').length).toBeGreaterThan(0);
  });

  test.each(['1 yd cream lace, 18" rust lace', 'ribbon 1/2" x 36", 2 yds', 'ribbon 1/4", 2 yds, 36"'])(
    '%s: a second length is in doubt',
    (text) => expect(doubtsOf(text).length).toBeGreaterThan(0),
  );
});

describe('names of which some are counted', () => {
  test('those that are not are there once, which is in doubt', () => {
    const { things } = readLine('12x12 papers: Meadow (2 sheets), Crates, Fence / Sky, Sail x3');
    expect(things.map(({ count, name }) => `${count} ${name}`)).toEqual([
      '2 Meadow',
      '1 Crates',
      '1 Fence / Sky',
      '3 Sail',
    ]);
    expect(things.flatMap(({ doubts }) => doubts.map(({ words }) => words))).toEqual(['Crates', 'Fence / Sky']);
  });

  test('where they cannot be told apart, they are in doubt', () => {
    for (const text of ['Patterned papers: Meadow x 2 (double-sided), Crates', 'paper pad 6x6: Meadow x2, Crates'])
      expect(doubtsOf(text)).toEqual(['How many of it?']);
  });

  test('three with slashes between are three: a paper has two faces', () => {
    for (const text of ['Meadow/Crates/Fence, 1 of each', '3 papers Meadow/Crates/Fence'])
      expect(readLine(text).things.map(({ count, name }) => `${count} ${name}`)).toEqual([
        '1 Meadow',
        '1 Crates',
        '1 Fence',
      ]);
    expect(doubtsOf('2 papers: Meadow/Crates/Fence')).toEqual(['More than two faces?']);
  });
});

describe('names that nobody counts', () => {
  const named = (text: string): string[] => readLine(text).things.map(({ count, name }) => `${count} ${name}`);

  test.each([
    ['Papers: Meadow, Crates, Fence', ['1 Meadow', '1 Crates', '1 Fence']],
    ['Patterned paper - Meadow / Sail, Crates & Fence (12x12)', ['1 Meadow / Sail', '1 Crates', '1 Fence']],
    ['papers (Meadow, Crates)', ['1 Meadow', '1 Crates']],
    ['Meadow, Crates, Fence papers', ['1 Meadow', '1 Crates', '1 Fence']],
    ['12x12 cardstock - white, plum', ['1 white', '1 plum']],
    ['Washi: Amber, Teal', ['1 Amber', '1 Teal']],
  ])('%s: one of each, which is in doubt', (text, expected) => {
    expect(named(text)).toEqual(expected);
    expect(doubtsOf(text)).toEqual(['One of each?']);
  });

  test.each(['12x12 paper: ink, amber, cream', '12x12 paper: Moth Lantern, upright', 'Paper: Meadow, Double-sided'])(
    '%s: what one is like',
    (text) => {
      expect(readLine(text).things).toHaveLength(1);
      expect(doubtsOf(text)).toEqual([]);
    },
  );

  test('colours beside one that is counted are there once, which is in doubt', () => {
    expect(named('Cardstock: white, kraft, 2 plum')).toEqual(['1 white', '1 kraft', '2 plum']);
    expect(doubtsOf('Cardstock: white, kraft, 2 plum')).toEqual(['One of it?', 'One of it?']);
  });
});

test.each(['10 tags, vellum', '6 labels, cardstock'])(
  '%s: what nobody counts may be what the other is made of, which is in doubt',
  (text) => expect(doubtsOf(text)).toEqual(['One thing? Read as one of each.']),
);

test('a word for all of them, and what there is of each kind', () => {
  expect(readLine('Embellishments: brads, tags, 12 enamel dots').things).toMatchObject([
    { kind: 'embellishment', count: 1, name: 'brads' },
    { kind: 'ephemera', count: 1, name: 'tags' },
    { kind: 'dots', count: 12 },
  ]);
});

test.each([
  ['24 pc. die cut pack + 6 bonus labels', [24, 6]],
  ['30 die cuts plus 4 bonus tags', [30, 4]],
])('%s: what is added is another thing', (text, counts) => {
  expect(readLine(text).things.map(({ count }) => count)).toEqual(counts);
  expect(doubtsOf(text)).toEqual([]);
});
