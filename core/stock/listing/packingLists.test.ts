import fc from 'fast-check';
import { expect, test } from 'vitest';
import { inches, mm } from '../../ground/length';
import { entriesOf, readItem, readLine, unpack, writeLine, type ListItem } from '.';

const item = (text: string): ListItem => {
  const read = readItem(text);
  if (!read) throw new Error(`${text} is no thing`);
  return read;
};
const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });

/** Lines in the manner of packing lists, all invented. */
const LINES: readonly (readonly [string, Partial<ListItem>])[] = [
  [
    '2 x 12x12 orchard rows / plain moss',
    { kind: 'paper', count: 2, size: size(12, 12), name: 'orchard rows / plain moss' },
  ],
  ['1 x 12x12 sextant / brass gingham, ink + amber, upright', { kind: 'paper', upright: true, note: '' }],
  ['12x12 clinker brick, branding strip 1/2 in', { kind: 'paper', count: 1, note: 'branding strip 1/2 in' }],
  ['4 x 12x12 cardstock slate, textured', { kind: 'cardstock', count: 4, note: 'textured' }],
  ['3x 8 1/2x11 cardstock cream', { kind: 'cardstock', count: 3, size: size(8.5, 11) }],
  ['2 x 30x30 cm tide table', { kind: 'paper', count: 2, size: { w: mm(300), h: mm(300) } }],
  ['1 x 6x12 half sheet of ledger lines', { kind: 'paper', size: size(6, 12) }],
  [
    'pad 6x8 field notes, 24 sheets of 12 designs',
    { kind: 'paper', measure: 'sheets', count: 24, designs: 12, name: 'field notes', size: size(6, 8) },
  ],
  ['2 x pad 6x6 small rooms, 36 sheets of 18 designs, ochre', { kind: 'paper', count: 72, designs: 18 }],
  ['paper pad 6x8 kiln notes, 12 designs', { kind: 'paper', count: 12, designs: 12, name: 'kiln notes' }],
  ['cut-apart 12x12: 6 x 3x4, 4 x 2x2', { kind: 'cut-apart', measure: 'sheets', size: size(12, 12) }],
  ['1 x 12x12 cut apart tags and labels', { kind: 'cut-apart', count: 1 }],
  ['8 x 3x4 pocket cards', { kind: 'card', count: 8, measure: 'sheets' }],
  ['4 x 4x6 journaling cards, celadon', { kind: 'card', count: 4, size: size(4, 6) }],
  ['ephemera 42', { kind: 'ephemera', measure: 'count', count: 42 }],
  ['ephemera 32, moths and jars', { kind: 'ephemera', count: 32, note: 'moths and jars' }],
  ['die cuts, plenty', { kind: 'ephemera', measure: 'share', level: 100 }],
  ['ephemera scraps, nearly gone', { kind: 'ephemera', measure: 'share', level: 20 }],
  ['6 tags, kraft', { kind: 'ephemera', count: 6 }],
  ['chipboard frames 5', { kind: 'embellishment', count: 5 }],
  ['1 x 6x12 sticker sheet', { kind: 'stickers', measure: 'share', count: 1, size: size(6, 12) }],
  ['2 x 4x6 sticker sheets, phrases', { kind: 'stickers', measure: 'share', count: 2, note: 'phrases' }],
  ['sticker sheet, half left', { kind: 'stickers', measure: 'share', level: 50 }],
  ['stickers 38, words', { kind: 'stickers', measure: 'count', count: 38, note: 'words' }],
  ['puffy stickers 12', { kind: 'stickers', measure: 'count', count: 12 }],
  ['enamel dots 24, amber', { kind: 'dots', count: 24 }],
  ['epoxies 9', { kind: 'dots', count: 9 }],
  ['buttons 14 in all', { kind: 'embellishment', count: 14, name: 'buttons' }],
  ['sequins, plenty', { kind: 'embellishment', measure: 'share', level: 100 }],
  ['4 wood veneers, gates', { kind: 'embellishment', count: 4, note: 'gates' }],
  ['acrylic words 3', { kind: 'embellishment', count: 3 }],
  ['flair 5', { kind: 'embellishment', count: 5 }],
  ['brass clips 6', { kind: 'embellishment', count: 6 }],
  ['2 doilies', { kind: 'embellishment', count: 2 }],
  ['washi ripples 10 m, pond', { kind: 'washi', measure: 'length', length: mm(10_000) }],
  ['ribbon velvet 1 yd', { kind: 'ribbon', length: inches(36) }],
  ['twine two-ply 3 yd, rope red', { kind: 'twine', length: inches(108) }],
  [
    'alpha foam 3/4 in: A3 E4 N2',
    { kind: 'alpha', height: inches(0.75), letters: { A: 3, E: 4, N: 2 }, name: 'alpha foam' },
  ],
  [
    'alpha puffy: two full sheets A to Z plus vowels',
    {
      kind: 'alpha',
      letters: { ...Object.fromEntries([...'BCDFGHJKLMNPQRSTVWXYZ'].map((g) => [g, 2])), A: 4, E: 4, I: 4, O: 4, U: 4 },
    },
  ],
  ['alphabet cork, ochre: AAABB / CCDDD', { kind: 'alpha', letters: { A: 3, B: 2, C: 2, D: 3 } }],
  ['alpha small: a-e x2, vowels', { letters: { a: 4, b: 2, c: 2, d: 2, e: 4, i: 2, o: 2, u: 2 } }],
  [
    'circle punch 1 1/2 in, reach 1 3/4',
    { kind: 'tool', measure: 'count', count: 1, punch: { shape: 'circle', size: inches(1.5), reach: inches(1.75) } },
  ],
  ['circle die 2 in', { kind: 'tool', punch: { shape: 'circle', size: inches(2), reach: null } }],
  [
    'tag punch 2x4, reach 2 1/4',
    { kind: 'tool', size: null, punch: { shape: 'tag', size: inches(2), height: inches(4), reach: inches(2.25) } },
  ],
  [
    'label die 1 1/2 x 3/4 in',
    { kind: 'tool', punch: { shape: 'tag', size: inches(1.5), height: inches(0.75), reach: null } },
  ],
  ['tag punch', { kind: 'tool', count: 1 }],
  ['hexagon punch 2 in', { kind: 'tool', punch: { shape: 'hexagon', size: inches(2), reach: null } }],
  ['border punch scallop', { kind: 'tool', count: 1 }],
  ['3 stamps, dates', { kind: 'tool', count: 3, note: 'dates' }],
  ['1 x 6x6 stencil brickwork', { kind: 'tool', size: size(6, 6) }],
  ['dies 4, gates and latches', { kind: 'tool' }],
  ['ink pad, slate, 3/4 full', { kind: 'medium', measure: 'share', level: 75, note: '' }],
  ['spray mist, rose', { kind: 'medium', measure: 'share', count: 1 }],
  ['gesso, nearly empty', { kind: 'medium', level: 20 }],
  ['3 glassine bags 4x6', { kind: 'packaging', measure: 'count', count: 3 }],
  ['2 x 12x12 old stamps / plain brown', { kind: 'paper', count: 2 }],
  ['header card 4x6', { kind: 'packaging', measure: 'sheets', size: size(4, 6) }],
  ['2 x 20x30 tissue, cream', { kind: 'packaging', measure: 'sheets', count: 2 }],
  ['1 x 4x6 info card', { kind: 'packaging', measure: 'sheets' }],
];

test.each(LINES)('%s', (text, expected) => {
  expect(item(text)).toMatchObject(expected);
});

test.each<[string, Partial<ListItem>]>([
  ['2 x 12x12 moths, ink, full', { measure: 'sheets', note: 'full' }],
  ['washi 10 yd, half left', { measure: 'length', note: 'half left' }],
  ['ephemera 32, some', { measure: 'count', count: 32, note: 'some' }],
  ['6 tags, plenty', { measure: 'count', count: 6, note: 'plenty' }],
  ['border punch scallop, reach 2', { kind: 'tool', note: 'reach 2' }],
])('nothing that is said is lost where it has no place: %s', (text, expected) => {
  expect(item(text)).toMatchObject(expected);
  expect(item(writeLine(item(text)))).toEqual(item(text));
});

test('each of them printed reads back as the same', () => {
  for (const [text] of LINES) expect(item(writeLine(item(text)))).toEqual(item(text));
});

const colour = fc.constantFrom('ink', 'amber', 'foxglove', 'slate', 'celadon');
const colours = fc.array(colour, { maxLength: 2 }).map((list) => (list.length > 0 ? `, ${list.join(' + ')}` : ''));
const n = fc.integer({ min: 1, max: 40 });
/** A width, what stands between it and a length, and that length in ticks. */
const width = fc.constantFrom('15mm', '15 mm', '1.5 cm', '1,5 cm', '5/8"', '1/2 in', '⅝ in', '0.6in');
const between = fc.constantFrom(' x ', 'x', ' × ', ' by ', ', ');
const long = fc.constantFrom(
  ['10 m', mm(10_000)] as const,
  ['10m', mm(10_000)] as const,
  ['10 metres', mm(10_000)] as const,
  ['2,5 m', mm(2_500)] as const,
  ['10½ m', mm(10_500)] as const,
  ['3 yd', inches(108)] as const,
  ['3 yards', inches(108)] as const,
  ['4 1/2 ft', inches(54)] as const,
);

test('the length of a roll is its length, however its width stands beside it', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('washi', 'ribbon', 'twine', '2 rolls washi'),
      width,
      between,
      long,
      fc.constantFrom('', ', amber', ' amber'),
      (kind, wide, amid, [told, length], behind) => {
        const text = `${kind} ${wide}${amid}${told}${behind}`;
        const rolls = kind.startsWith('2') ? 2 : 1;
        const [entry] = entriesOf([readLine(text)]);
        expect(entry?.item, text).toMatchObject({ measure: 'length', length: rolls * length });
        expect(entry?.doubts, text).toEqual([]);
      },
    ),
    { numRuns: 400 },
  );
});

const share = fc.constantFrom('', ', plenty', ', half left', ', 3/4 full', ', 12 %', ', few');
const anyLine = fc.oneof(
  fc
    .tuple(n, fc.integer({ min: 1, max: 12 }), colours)
    .map(([sheets, designs, c]) => `pad 6x8 rooms, ${sheets * designs} sheets of ${designs} designs${c}`),
  fc
    .tuple(fc.constantFrom('ephemera', 'tags', 'buttons', 'enamel dots', 'flair'), n, colours)
    .map(([what, count, c]) => `${what} ${count}${c}`),
  fc
    .tuple(
      fc.constantFrom('die cuts', 'sequins', 'sticker sheet', 'ink pad', 'gesso', '2 x 6x12 sticker sheets'),
      share,
      colours,
    )
    .map(([what, left, c]) => `${what}${c}${left}`),
  fc
    .tuple(
      fc.constantFrom('circle', 'hexagon'),
      fc.integer({ min: 1, max: 32 }),
      fc.option(fc.integer({ min: 1, max: 16 })),
    )
    .map(([shape, s, r]) => `${shape} punch ${s / 8} in${r === null ? '' : `, reach ${r / 4}`}`),
  fc
    .tuple(fc.constantFrom('tag punch', 'label die'), fc.integer({ min: 4, max: 32 }), fc.integer({ min: 4, max: 32 }))
    .map(([what, w, h]) => `${what} ${w / 8}x${h / 8}`),
  fc
    .tuple(
      fc.constantFrom(
        '3x4 pocket cards',
        '12x12 cut-apart',
        '4x6 header card',
        '20x30 tissue',
        '6x6 stencil gate',
        '4x6 glassine bags',
      ),
      n,
    )
    .map(([what, count]) => `${count} x ${what}`),
  fc
    .tuple(
      fc.constantFrom('', ' 1/2 in', ' 18 mm'),
      fc.array(fc.constantFrom('A', 'b', 'É', '7', '!'), { minLength: 1 }),
    )
    .map(([height, row]) => `alpha foam${height}: ${row.map((g) => `${g}1`).join(' ')}`),
  fc
    .tuple(fc.constantFrom('washi rows', 'ribbon velvet', 'twine'), n, fc.constantFrom('yd', 'm', 'in', 'ft'))
    .map(([what, length, unit]) => `${what} ${length} ${unit}`),
);

test('of every kind, what is printed reads back as the same', () =>
  fc.assert(
    fc.property(anyLine, (text) => {
      const first = item(text);
      expect(item(writeLine(first))).toEqual(first);
    }),
    { numRuns: 400 },
  ));

test.each(['alpha: A-7', 'alpha: Z to A', 'alpha: 0 x A-Z', 'alpha: AB3', 'alpha:', 'alpha: 900 sheets A to Z'])(
  'where no letters are told that can be, it is a sheet of letters not counted: %s',
  (text) => expect(item(text)).toMatchObject({ kind: 'alpha', measure: 'share', letters: null }),
);

test('a pad becomes a lot for each design, with a face of its own', () => {
  let id = 0;
  const { lots, faces } = unpack(item('pad 6x8 field notes, 25 sheets of 12 designs, ochre'), 1, 'k', [], () =>
    String(++id),
  );
  expect(lots).toHaveLength(12);
  expect(lots[3]).toMatchObject({ name: 'field notes 4 of 12', kind: 'paper', size: size(6, 8) });
  expect(new Set(lots.map(({ front }) => front)).size).toBe(12);
  expect(faces).toHaveLength(12);
});
