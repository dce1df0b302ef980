import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { hexOfWord } from '../../ground/colour';
import { inches } from '../../ground/length';
import { closestWord, entriesOf, readItem, readLine, readList, writeLine, type ListItem } from '.';

const item = (text: string): ListItem => {
  const read = readItem(text);
  if (!read) throw new Error(`${text} is no thing`);
  return read;
};
const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });

describe('lines as clubs write them', () => {
  test('a two-faced paper with its colours and its way up', () => {
    expect(item('2 x 12x12 moths / lamplight, ink + amber, upright')).toMatchObject({
      kind: 'paper',
      name: 'moths / lamplight',
      measure: 'sheets',
      count: 2,
      size: size(12, 12),
      upright: true,
      front: { name: 'moths', colours: [hexOfWord('ink'), hexOfWord('amber')] },
      back: { name: 'lamplight' },
    });
  });
  test.each<[string, Partial<ListItem>]>([
    ['1 x 6x12 sticker sheet', { kind: 'stickers', measure: 'share', count: 1, size: size(6, 12) }],
    [
      'alpha puffy: A3 E4 N2 R2 S3 T2',
      { kind: 'alpha', measure: 'letters', letters: { A: 3, E: 4, N: 2, R: 2, S: 3, T: 2 } },
    ],
    ['washi 10 yd', { kind: 'washi', measure: 'length', length: inches(360) }],
    ['washi lamplight 10 m, amber', { kind: 'washi', length: 320_000 * 10, name: 'washi lamplight' }],
    ['12x12 night sky / plain slate', { kind: 'paper', count: 1, name: 'night sky / plain slate' }],
    ['1 x 12x12 radish dots / gingham green', { kind: 'paper', measure: 'sheets' }],
    ['12 x 12 moths', { kind: 'paper', count: 1, size: size(12, 12), name: 'moths' }],
    ['3x 8 1/2x11 cardstock slate', { kind: 'cardstock', count: 3, size: size(8.5, 11) }],
    ['ephemera 32, moths and jars', { kind: 'ephemera', count: 32, name: 'ephemera', note: 'moths and jars' }],
    ['enamel dots 24, amber', { kind: 'dots', count: 24, name: 'enamel dots' }],
    ['3 glassine bags 4x6', { kind: 'packaging', count: 3, size: size(4, 6), name: 'glassine bags' }],
    [
      'cut-apart 12x12: 6 x 3x4, 4 x 2x2',
      { kind: 'cut-apart', measure: 'sheets', size: size(12, 12), name: 'cut-apart' },
    ],
    ['- 4 x 3x4 lantern cards', { kind: 'card', count: 4, size: size(3, 4), measure: 'sheets' }],
    ['4 photo corners', { kind: 'embellishment', count: 4, name: 'photo corners' }],
    ['10 x 15 cm card, cream', { kind: 'card', size: { w: 32000, h: 48000 } }],
  ])('%s', (text, expected) => expect(item(text)).toMatchObject(expected));

  test('blank lines and remarks are passed over', () => {
    expect(readList('\n# papers\n  \n').every(({ read }) => read === 'nothing')).toBe(true);
  });
});

test.each([
  ['2 x 30x30 cardstock slate', 'in', ['30x30']],
  ['2 x 30x30 in cardstock slate', 'in', []],
  ['2 x 30x30 cardstock slate', 'cm', []],
  ['1 x 12x24 banner', 'in', []],
  ['2 x 12x12 cardstock slate', 'mm', ['12x12']],
  ['2 x 305x305 cardstock slate', 'mm', []],
  ['paper: 2 fern 30x30, 1 moss 12x12', 'in', ['30x30']],
] as const)('%s, in %s: a size that no sheet has in that unit is in doubt', (text, unit, doubtful) => {
  expect(readLine(text, unit).things.flatMap(({ doubts }) => doubts.map(({ words }) => words))).toEqual(doubtful);
});

test.each([
  ['2x12 brads', ['2x12']],
  ['wood buttons 3 x 4', ['3 x 4']],
  ['brads 5 x 5 mm, 12', []],
  ['6x12 sticker sheet', []],
])('%s: a small thing that large may be so many times so many', (text, doubtful) => {
  expect(readLine(text).things.flatMap(({ doubts }) => doubts.map(({ words }) => words))).toEqual(doubtful);
});

test.each([
  ['5 brads, two red', ['two']],
  ['2 x 12x12 paper One Fine Day', []],
  ['1 x 12x12 one-way print moths', []],
])('%s: a number in small letters that nothing explains is in doubt', (text, doubtful) => {
  expect(readLine(text).things.flatMap(({ doubts }) => doubts.map(({ words }) => words))).toEqual(doubtful);
});

describe('what is not sure is in doubt where it stands, and nothing is refused', () => {
  test.each([
    ['wahsi 10 yd', 'wahsi', 'washi', { kind: 'washi' }],
    ['2 x 12x12 moths, ink + ambr', 'ambr', 'amber', { kind: 'paper', count: 2 }],
    ['0 x 12x12 moths', '0 x', undefined, { kind: 'paper', count: 1 }],
    ['0x12 moths', '0x12', undefined, { kind: 'embellishment' }],
    ['Meadow mk2, 12x12', 'mk2', undefined, { kind: 'paper', count: 1 }],
    ['999999 x 12x12 cardstock slate', '999999 x', undefined, { kind: 'cardstock', count: 10_000 }],
    ['enamel dots 10001', '10001', undefined, { kind: 'dots', count: 10_000 }],
    ['12x12 Meadow 2', '2', undefined, { kind: 'paper', count: 2 }],
    ['mist 30 ml', '30 ml', undefined, { kind: 'medium' }],
    ['about 20 sequins', 'about 20', undefined, { kind: 'embellishment', count: 20 }],
  ])('%s: %s', (text, shown, closest, expected) => {
    const [doubt] = readLine(text).things.flatMap(({ doubts }) => doubts);
    expect(text.slice(doubt!.from, doubt!.to).trim()).toBe(shown);
    expect(doubt!.closest).toBe(closest);
    expect(item(text)).toMatchObject(expected);
  });
  test.each(['some nonsense', 'alpha puffy', 'washi', '2 x 12x12', 'enamel dots 10000'])('%s is sure', (text) => {
    expect(readLine(text).things.flatMap(({ doubts }) => doubts)).toEqual([]);
  });
  test('a size that is not told is taken as the usual, and said', () => {
    const [entry] = entriesOf([readLine('3 sheets cardstock kraft')]);
    expect(entry).toMatchObject({ item: { size: size(12, 12), count: 3 }, doubts: [{ words: 'cardstock kraft' }] });
  });
});

test('whatever is written is read, and no number of a thing is lost in silence', () =>
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc
          .array(
            fc.constantFrom(
              '12x12',
              '2',
              'x',
              '(3)',
              'paper',
              '-',
              ',',
              'Meadow',
              '5',
              'pcs',
              'of',
              '1/2',
              'in',
              ':',
              '10 yd',
              'alpha',
              'A3',
              '"mk 2"',
              'kraft',
              '/',
            ),
            { maxLength: 9 },
          )
          .map((words) => words.join(' ')),
      ),
      (text) => {
        for (const { read, things, text: line } of readList(text)) {
          expect(things.length > 0).toBe(read === 'thing');
          for (const { doubts, name } of things)
            for (const { from, to } of doubts) {
              expect(from).toBeGreaterThanOrEqual(0);
              expect(to).toBeLessThanOrEqual(line.length);
              expect(name).not.toBe('');
            }
        }
      },
    ),
    { numRuns: 1000 },
  ));

const word = fc.constantFrom('moths', 'night sky', 'rows', 'field notes', 'lamplight');
const colour = fc.constantFrom('ink', 'amber', 'foxglove', 'slate', 'celadon');
const quarters = fc.integer({ min: 1, max: 48 }).map((n) => n / 4);

test('printing an item and reading it gives the same', () => {
  const paper = fc
    .tuple(
      fc.integer({ min: 1, max: 30 }),
      quarters,
      quarters,
      word,
      fc.option(word),
      fc.array(colour, { minLength: 1, maxLength: 3 }),
      fc.boolean(),
    )
    .map(
      ([n, w, h, front, back, colours, upright]) =>
        `${n} x ${w}x${h} ${front}${back ? ` / ${back}` : ''}, ${colours.join(' + ')}${upright ? ', upright' : ''}`,
    );
  const letters = fc
    .dictionary(fc.constantFrom('A', 'b', 'É', '7', '!'), fc.integer({ min: 1, max: 9 }), { minKeys: 1 })
    .map(
      (set) =>
        `alpha puffy: ${Object.entries(set)
          .map(([g, n]) => g + n)
          .join(' ')}`,
    );
  const roll = fc.tuple(fc.integer({ min: 1, max: 40 }), colour).map(([n, c]) => `twine ${n} yd, ${c}`);
  fc.assert(
    fc.property(fc.oneof(paper, letters, roll), (text) => {
      const first = item(text);
      expect(item(writeLine(first))).toEqual(first);
    }),
  );
});

test('a slip of one or two letters is forgiven, more is not', () => {
  expect(closestWord('ambre', ['amber', 'ash'])).toBe('amber');
  expect(closestWord('umbrella', ['amber', 'ash'])).toBeNull();
});

test.each([
  [
    'ephemera: 3 moths 2x1 1/2, 2 jars, 1 label "night shift 14"',
    [
      ['ephemera', 3, 'moths', inches(2), inches(1.5)],
      ['ephemera', 2, 'jars', null, null],
      ['ephemera', 1, 'label "night shift 14"', null, null],
    ],
  ],
  [
    'cards (10 3x4 cards, 5 4x6 cards)',
    [
      ['card', 10, 'cards', inches(3), inches(4)],
      ['card', 5, 'cards', inches(4), inches(6)],
    ],
  ],
  [
    '12x12 cardstock, three meadow and two crates',
    [
      ['cardstock', 3, 'meadow', inches(12), inches(12)],
      ['cardstock', 2, 'crates', inches(12), inches(12)],
    ],
  ],
  [
    'papers: 2 Meadow 12x12, 1 Crates 6x6',
    [
      ['paper', 2, 'Meadow', inches(12), inches(12)],
      ['paper', 1, 'Crates', inches(6), inches(6)],
    ],
  ],
])('%s is as many things, each with its own size, and nothing is in doubt', (text, told) => {
  const things = readList(text)[0]?.things ?? [];
  expect(things.map(({ kind, count, name, size }) => [kind, count, name, size?.w ?? null, size?.h ?? null])).toEqual(
    told,
  );
  expect(things.flatMap(({ doubts, colours }) => [...doubts, ...colours])).toEqual([]);
});
