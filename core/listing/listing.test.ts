import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { hexOfWord } from '../colour';
import { inches } from '../length';
import { closestWord, readLine, readList, writeLine, type ListItem } from '.';

const item = (text: string): ListItem => {
  const line = readLine(text);
  if (line.status !== 'read') throw new Error(`${text}: ${JSON.stringify(line)}`);
  return line.item;
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
    expect(readList('\n# papers\n  \n').every(({ status }) => status === 'blank')).toBe(true);
  });
});

describe('what is not understood is shown in its place', () => {
  test.each([
    ['wahsi 10 yd', 'nothing-known', 'wahsi', 'washi'],
    ['some nonsense', 'nothing-known', 'some nonsense', null],
    ['2 x 12x12 moths, ink + ambr', 'unknown-colour', 'ambr', 'amber'],
    ['alpha puffy: A3 E', 'bad-letters', 'A3 E', null],
    ['alpha puffy', 'bad-letters', 'alpha puffy', null],
    ['washi', 'no-length', 'washi', null],
    ['2 x 12x12', 'no-name', '2 x 12x12', null],
    ['0 x 12x12 moths', 'count-of-none', '0 x', null],
    ['0x12 moths', 'bad-size', '0x12', null],
  ])('%s: %s', (text, kind, shown, closest) => {
    const line = readLine(text);
    expect(line).toMatchObject({ status: 'not-read', problem: { kind, closest } });
    if (line.status === 'not-read') expect(text.slice(line.problem.from, line.problem.to)).toBe(shown);
  });
});

test('no text makes the reader stumble', () =>
  fc.assert(
    fc.property(fc.string(), (text) => {
      expect(['blank', 'read', 'not-read']).toContain(readLine(text).status);
    }),
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

test.each(['999999999 x 12x12 cardstock slate', 'enamel dots 10001', 'alpha puffy: A10001'])(
  'more of one line than anyone has is told in its place: %s',
  (text) => expect(readLine(text)).toMatchObject({ status: 'not-read', problem: { kind: 'too-many' } }),
);
test('as many of a line as may be are taken', () => expect(item('enamel dots 10000').count).toBe(10_000));
