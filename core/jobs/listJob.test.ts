import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { list } from '.';

interface Told {
  readonly kind: string;
  readonly name: string;
  readonly [key: string]: unknown;
}
interface Line {
  readonly line: number;
  readonly read: string;
  readonly things: readonly Told[];
  readonly doubt: readonly { words: string; why: string }[];
}
const lines = (text: string, unit?: 'in' | 'mm' | 'cm'): readonly Line[] =>
  (list({ text, ...(unit ? { unit } : {}) }).value as { lines: Line[] }).lines;

/** A thing in short: `2 paper Meadow 12x12`, with what else is told behind; `?` where something is in doubt. */
function short({ things, doubt, read }: Line): string {
  if (read !== 'thing') return read;
  const said = things.map(({ kind, count, amount, name, w, h, length, height, letters, designs, colours, upright }) =>
    [
      count ??
        amount ??
        Object.entries(letters ?? {})
          .map(([glyph, n]) => `${glyph}${String(n)}`)
          .join(''),
      kind,
      name,
      w === undefined ? null : h === undefined ? `w${String(w)}` : `${String(w)}x${String(h)}`,
      length === undefined ? null : `l${String(length)}`,
      height === undefined ? null : `h${String(height)}`,
      designs === undefined ? null : `d${String(designs)}`,
      colours === undefined ? null : `[${(colours as string[]).join(', ')}]`,
      upright ? 'upright' : null,
    ]
      .filter((part) => part !== null)
      .join(' '),
  );
  return said.join(' + ') + (doubt.length > 0 ? ' ?' : '');
}

/** Lines that are all under one heading or none, in the manner of one club each; all invented. */
const MANNERS: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  'kind first, parted by dashes': [
    ['PATTERNED PAPER', 'heading'],
    ['Patterned paper - 12x12 - Hedgerow (2)', '2 paper Hedgerow 12x12'],
    ['Patterned paper - 12x12 - Post Office (1)', '1 paper Post Office 12x12'],
    ['Vellum - 12x12 - Drizzle', '1 vellum Drizzle 12x12'],
    ['Textured cardstock - 12x12 - Cranberry - 2 sheets', '2 cardstock Textured Cranberry 12x12 [cranberry]'],
    ['Washi tape - Buttercup - 10 m', '1 washi Buttercup l393.7007874015748'],
    ['Flair - 4', '4 embellishment Flair'],
    ['Ephemera - 45ct', '45 ephemera Ephemera'],
    ['Alphabet stickers - navy', '1 alpha navy [navy]'],
  ],
  'counts before': [
    ['2 x 12x12 Kite / Cloud', '2 paper Kite / Cloud 12x12'],
    ['3x 8 1/2x11 cardstock cream', '3 cardstock cream 8.5x11 [cream]'],
    ['(1) 12x12 Lantern Row', '1 paper Lantern Row 12x12'],
    ['[2] 12x12 Lantern Row', '2 paper Lantern Row 12x12'],
    ['2 - 12 x 12 papers, Ferry Times', '2 paper Ferry Times 12x12'],
    ['2pcs 12x12 Ferry Times', '2 paper Ferry Times 12x12'],
    ['20 x flat back pearls', '20 embellishment flat back pearls'],
    ['Ten die cut leaves', '10 ephemera leaves'],
    ['a pair of mini envelopes', '2 embellishment mini envelopes'],
    ['2 packs of 8 felt leaves', '16 embellishment felt leaves'],
    ['half a dozen brads', '6 embellishment brads'],
  ],
  'counts behind': [
    ['Harbour 12x12 (qty 2)', '2 paper Harbour 12x12'],
    ['Harbour, 12x12, qty: 2', '2 paper Harbour 12x12'],
    ['12"x12" double-sided paper "Harbour" x2', '2 paper Harbour 12x12'],
    ['Harbour (12x12) – two sheets', '2 paper Harbour 12x12'],
    ['Cork shapes 9 pieces', '9 embellishment Cork shapes'],
    ['Felt leaves, pack of 8', '8 embellishment Felt leaves'],
    ['Flair buttons, set of 5', '5 embellishment Flair buttons'],
    ['buttons 14 in all', '14 embellishment buttons'],
    ['Paper clips (4)', '4 embellishment Paper clips'],
    ['4x6 cards x6', '6 card cards 4x6'],
    ['Epoxy stickers 20ct', '20 stickers Epoxy'],
    ['Puffy heart stickers (1 sheet of 32)', '32 stickers Puffy heart'],
  ],
  'sizes in every spelling': [
    ['12 in x 12 in Ladybird', '1 paper Ladybird 12x12'],
    ['12 × 12 Ladybird', '1 paper Ladybird 12x12'],
    ['Cardstock 8.5" x 11" white', '1 cardstock white 8.5x11 [white]'],
    ['30.5 x 30.5 cm paper - Nets x 2', '2 paper Nets 12.007874015748031x12.007874015748031'],
    ['white cardstock A4 x 5', '5 cardstock white 8.26771653543307x11.692913385826772 [white]'],
    ['2 1/2" x 3 1/2" tags (6)', '6 ephemera tags 2.5x3.5'],
    ['Paper doilies 4 inch, 6', '6 embellishment Paper doilies w4'],
    ['Washi tape 15mm x 5m, gingham', '1 washi gingham w0.5905511811023622 l196.8503937007874'],
    ['3/4" circle punch', '1 tool circle punch w0.75'],
    ['Stencil 6x6 brushstrokes', '1 tool Stencil brushstrokes 6x6'],
  ],
  'several on a line': [
    [
      '5 sheets 12x12 cardstock (2 white, 1 kraft, 2 forest green)',
      '2 cardstock white 12x12 [white] + 1 cardstock kraft 12x12 [kraft] + 2 cardstock forest green 12x12 [forest green]',
    ],
    ['2 white and 1 kraft cardstock 12x12', '2 cardstock white 12x12 [white] + 1 cardstock kraft 12x12 [kraft]'],
    ['Patterned papers: Kite (2), Cloud (1)', '2 paper Kite + 1 paper Cloud'],
    [
      'Cardstock x 3 (white, black, kraft)',
      '1 cardstock white [white] + 1 cardstock black [black] + 1 cardstock kraft [kraft]',
    ],
    ['6 sheets cardstock (2 white, 1 kraft)', '2 cardstock white [white] + 1 cardstock kraft [kraft] ?'],
    ['Tassels (3): rust, cream, moss', '3 embellishment Tassels rust cream moss [rust, cream, moss]'],
    ['Enamel dots, 60 pcs, red/green/cream', '60 dots Enamel red green cream [red, green, cream]'],
  ],
  'two faces': [
    ['12x12 Hayride/Gingham', '1 paper Hayride / Gingham 12x12'],
    ['Tide Table 12x12 (back: ropes)', '1 paper Tide Table / ropes 12x12'],
    ['12x12 Kite with Cloud on the back (2)', '2 paper Kite / Cloud 12x12'],
    ['12x12 Kite, reverse: Cloud', '1 paper Kite / Cloud 12x12'],
    [
      '1 x 12x12 sextant / brass gingham, ink + amber, upright',
      '1 paper sextant / brass gingham ink amber 12x12 [ink, amber] upright',
    ],
  ],
  letters: [
    ['alpha puffy: A3 E4 N2', 'A3E4N2 alpha puffy'],
    ['Alphabet stickers "Typewriter" - A3 E5 I2', 'A3E5I2 alpha Typewriter'],
    ['alpha foam 3/4 in: A3 E4', 'A3E4 alpha foam h0.75'],
    ['Thick chipboard letters, "Marmalade", cream', '1 alpha Thick chipboard Marmalade cream [cream]'],
    ['Letter stickers - 2 sheets - red', '2 alpha red [red]'],
    ['Foam alphas (132 pcs)', '132 alpha Foam'],
    ['alphabet cork, ochre: AAABB / CCDDD', 'A3B2C2D3 alpha cork ochre [ochre]'],
  ],
  'rolls, wet things and tools': [
    ["Baker's twine, red & white, 3 yards", "1 twine Baker's red white l108 [red, white]"],
    ['Seam binding ribbon - 1 yard - rust', '1 ribbon Seam binding rust l36 [rust]'],
    ['1/2 yard of lace in ivory', '1 ribbon ivory l18 [ivory]'],
    ['2 rolls washi', '2 washi washi'],
    ['Foam tape', '1 medium Foam tape'],
    ['Glue dots (80)', '80 medium Glue dots'],
    ['Embossing powder - white', '1 medium Embossing powder white [white]'],
    ['Watercolor pencil, green', '1 medium Watercolor pencil green [green]'],
    ['Cutting die - leaf wreath', '1 tool Cutting die leaf wreath'],
    ['Stamp set 4x6 "Harvest"', '1 tool Stamp set Harvest 4x6'],
    ['gesso, nearly empty', 'few medium gesso'],
    ['ink pad, 3/4 full', '0.75 medium ink pad'],
  ],
  'small things, known and not': [
    ['Rub-ons, 1 sheet', '1 embellishment Rub-ons'],
    ['Photo corners', '1 embellishment Photo corners'],
    ['Word strips (12 pieces)', '12 embellishment Word strips'],
    ['Resin apples - 6', '6 embellishment Resin apples'],
    ['5 mini clothespins (rose gold)', '5 embellishment mini clothespins rose gold [rose gold]'],
    ['Acrylic word "gather"', '1 embellishment Acrylic word gather'],
    ['Library pocket & card, 2', '2 embellishment Library pocket card'],
    ['Vellum envelopes - 3', '3 embellishment Vellum envelopes'],
    ['glassine bags 4x6 (3)', '3 packaging glassine bags 4x6'],
    ['Sequin mix - 1 bag', '1 embellishment Sequin mix'],
    ['sequins, plenty', 'plenty embellishment sequins'],
    ['die cuts, half left', '0.5 ephemera die cuts'],
    ['Felt bows', '1 embellishment Felt bows'],
  ],
  'pads and cut-aparts': [
    ['6x8 paper pad, 24 sheets', '24 pad paper pad 6x8'],
    ['pad 6x8 field notes, 24 sheets of 12 designs', '24 pad field notes 6x8 d12'],
    ['6x6 paper stack (36 sheets)', '36 pad paper stack 6x6'],
    ['Cut-apart sheet 12x12', '1 cut-apart Cut-apart sheet 12x12'],
    ['3" x 4" pocket cards, 8 designs, 2 of each', '16 card pocket 3x4'],
  ],
  'what is not sure': [
    ['Kite mk2 12x12', '1 paper Kite mk2 12x12 ?'],
    ['wahsi 10 yd', '1 washi wahsi l360 ?'],
    ['Mist 30 ml - moss', '1 medium Mist moss [moss] ?'],
    ['about 20 sequins', '20 embellishment sequins ?'],
    ['2 x 12x12 moths, ink + ambr', '2 paper moths ink ambr 12x12 [ink] ?'],
    ['12x12 Kite 2', '2 paper Kite 12x12 ?'],
    ['Kite "mk 2" 12x12', '1 paper Kite mk 2 12x12'],
  ],
  'nothing to take in': [
    ["Here's what's inside your box!", 'words'],
    ['October 2026 Main Kit - "Orchard Hill"', 'words'],
    ['Thank you for subscribing! See you in November.', 'words'],
    ['Ships 15 May', 'words'],
    ['www.oddment.example', 'words'],
    ['# 2 x 12x12 Kite', 'nothing'],
    ['', 'nothing'],
    ['-----', 'words'],
  ],
};

describe.each(Object.entries(MANNERS))('%s', (_, told) => {
  test.each(told)('%s', (text, expected) => {
    // Each by itself, but for those under the heading of their manner.
    const [head] = told[0]!;
    const isUnder = told[0]![1] === 'heading' && text !== head;
    const read = lines(isUnder ? `${head}\n${text}\nx` : `${text}\nx`);
    expect(short(read[isUnder ? 1 : 0]!)).toBe(expected);
  });
});

test('a heading gives its kind to what has none, until the next', () => {
  const text =
    'ALPHAS\nTiny black\n\nCARDSTOCK\n8.5x11 white, 4 sheets\n6x8 paper pad, 24 sheets\nWashi & more:\nMoss Plaid, 5 yd';
  expect(lines(text).map(({ things, read }) => things[0]?.kind ?? read)).toEqual([
    'heading',
    'alpha',
    'nothing',
    'heading',
    'cardstock',
    'pad',
    'heading',
    'washi',
  ]);
});

test('bullets and numbers that only count the lines are no counts', () => {
  const read = lines('1. Kite 12x12\n2. Cloud 12x12\n3. Brads (6)\n• 2 x 12x12 Rain\n[ ] 12x12 Hail');
  expect(read.map(short)).toEqual([
    '1 paper Kite 12x12',
    '1 paper Cloud 12x12',
    '6 embellishment Brads',
    '2 paper Rain 12x12',
    '1 paper Hail 12x12',
  ]);
});

test('sizes are told in the unit of the job, and taken in it', () => {
  expect(lines('2 x 305x305 Kite\n12in x 12in Cloud', 'mm').map(short)).toEqual([
    '2 paper Kite 305x305',
    '1 paper Cloud 304.8x304.8',
  ]);
});

test('lines end in every manner, and an end at the very end begins none', () => {
  expect(lines('Brads\r\nBows\rFlair\n')).toHaveLength(3);
  expect(lines('')).toHaveLength(0);
});

test('too many lines, and lines too long, are refused', () => {
  expect(list({ text: 'a\n'.repeat(2000) }).ok).toBe(true);
  expect(list({ text: 'a\n'.repeat(2001) })).toMatchObject({ ok: false, error: { at: '/text' } });
  expect(list({ text: 'a'.repeat(2001) })).toMatchObject({ ok: false, error: { at: '/text' } });
});

/** Numbers of a line, those in quotes apart. */
const numbersOf = (text: string): string[] => text.replace(/"[^"]*"/g, ' ').match(/\d+/g) ?? [];

test('no number of a thing is lost in silence', () => {
  const word = fc.constantFrom(
    'Kite',
    'paper',
    'cardstock',
    'stickers',
    'brads',
    'twine',
    'white',
    'of',
    'and',
    '"mk 2"',
    '-',
    ',',
    '(',
    ')',
    '/',
    ':',
    'x',
    'pcs',
    'sheets',
    'yd',
    'in',
    'pack',
  );
  const number = fc.constantFrom('2', '7', '12x12', '(3)', 'x4', '5 pcs', '6 sheets', '9', '8.5x11', '#4', 'mk3');
  fc.assert(
    fc.property(fc.array(fc.oneof(word, number), { minLength: 1, maxLength: 8 }), (parts) => {
      const text = parts.join(' ');
      const [line] = lines(text);
      if (line?.read !== 'thing' || line.doubt.length > 0) return;
      // Without a doubt, every number is somewhere in what was told; packs are multiplied.
      const told = JSON.stringify(line.things.map(({ name: _, ...thing }) => thing));
      const counts = line.things.reduce((product, { count }) => product * Number(count ?? 1), 1);
      for (const number of numbersOf(text)) {
        const n = Number(number);
        const isThere =
          told.includes(number) ||
          (n > 0 && counts % n === 0) ||
          told.includes(String(n / 2)) ||
          told.includes(String(n * 36));
        expect({ text, number, isThere, told }).toMatchObject({ isThere: true });
      }
    }),
    { numRuns: 3000 },
  );
});
