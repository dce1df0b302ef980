import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { differenceCiede2000, harmonyOf, hexToLab, labToHex } from '../../ground/colour';
import { fold, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Face, Kit, Lot } from '../../stock/things';
import { alreadyOwn, findThings, indexStash, type FindQuery } from '.';

const lot = (id: string, some: Partial<Lot> = {}): Lot => ({
  id,
  kit: 'moth',
  kind: 'paper',
  name: id,
  measure: 'sheets',
  size: { w: inches(12), h: inches(12) },
  front: id,
  back: null,
  upright: false,
  note: '',
  line: 1,
  ...some,
});
const face = (id: string, hex: string, pattern: Face['pattern'] = 'dots'): Face => ({
  id,
  name: id,
  pattern,
  colours: [{ hex, share: 1 }],
});
const kit = (id: string, month: string, theme: string[]): Kit => ({
  id,
  club: 'The Oddment Post',
  name: id,
  month,
  theme,
  list: '',
});
const lots = new Map(
  [
    lot('moths'),
    lot('rope stripe', { kit: 'bell' }),
    lot('arrow', { upright: true }),
    lot('dots', { kind: 'dots', measure: 'count', size: null, note: 'amber' }),
  ].map((one) => [one.id, one]),
);
const faces = new Map(
  [
    face('moths', '#22314f', 'moths'),
    face('rope stripe', '#b23a3f', 'stripes'),
    face('arrow', '#f6d27a'),
    face('dots', '#eda437'),
  ].map((one) => [one.id, one]),
);
const kits = new Map(
  [kit('moth', '2026-11', ['garden', 'night']), kit('bell', '2025-10', ['tower'])].map((one) => [one.id, one]),
);
const sheet = (id: string, w = 12, h = 12) => ({ id, w: inches(w), h: inches(h) });
const events: LedgerEvent[] = [
  { id: '1', day: '2025-10-09', type: 'received', lot: 'rope stripe', pieces: [sheet('r1'), sheet('r2')] },
  { id: '2', day: '2026-11-03', type: 'received', lot: 'moths', pieces: [sheet('m1'), sheet('m2', 4, 7)] },
  { id: '3', day: '2026-11-03', type: 'received', lot: 'arrow', pieces: [sheet('a1', 7, 4)] },
  { id: '4', day: '2026-11-03', type: 'received', lot: 'dots', amounts: { '': 11 } },
  { id: '5', day: '2026-11-05', type: 'moved', lot: 'moths', from: '', to: 'case B' },
  { id: '6', day: '2026-11-10', type: 'claimed', piece: 'm1', page: 'p' },
  { id: '7', day: '2026-11-12', type: 'given', piece: 'r2' },
];
const shelf = { ledger: fold(events).value!, lots, kits };
const plans = new Map([['p', { id: 'p', sheets: [] }]]);
const index = indexStash(
  shelf,
  faces,
  plans,
  events,
  (kind) => ({ paper: 'patterned paper', dots: 'enamel dots' })[kind as 'paper' | 'dots'],
);
const ANY: FindQuery = {
  text: '',
  kit: null,
  kind: null,
  states: ['here', 'bench', 'promised'],
  place: null,
  size: null,
  colour: null,
  untouchedSince: null,
};
const ids = (some: Partial<FindQuery> = {}): string[] =>
  findThings(index, { ...ANY, ...some }, shelf).map(({ id }) => id);

describe('finding', () => {
  test.each<[Partial<FindQuery>, string[]]>([
    [{}, ['r1', 'm1', 'm2', 'a1', 'dots']],
    [{ text: 'moths' }, ['m1', 'm2']],
    [{ text: 'garden' }, ['m1', 'm2', 'a1', 'dots']],
    [{ text: 'stripes 2025-10' }, ['r1']],
    [{ text: 'oddment patterned' }, ['r1', 'm1', 'm2', 'a1']],
    [{ text: 'amber dots' }, ['dots']],
    [{ text: 'case b' }, ['m1', 'm2']],
    [{ text: 'whale' }, []],
    [{ kit: 'bell' }, ['r1']],
    [{ kind: 'dots' }, ['dots']],
    [{ place: 'case B' }, ['m1', 'm2']],
    [{ states: ['promised'] }, ['m1']],
    [{ states: ['gone'] }, ['r2']],
    [{ states: ['on-page'] }, []],
    [{ untouchedSince: '2026-11-01' }, ['r1']],
    [{ untouchedSince: '2026-11-11' }, ['r1', 'm1', 'm2', 'a1', 'dots']],
    // Either way round, but for the design with a right way up.
    [{ size: { w: inches(4.25), h: inches(6.25) } }, ['r1', 'm1']],
    [{ size: { w: inches(4), h: inches(6) } }, ['r1', 'm1', 'm2']],
    [{ size: { w: inches(6), h: inches(4) } }, ['r1', 'm1', 'm2', 'a1']],
  ])('%j finds %j', (query, found) => {
    expect(ids(query)).toEqual(found);
  });

  test('by colour, the nearest first; what is far off is not found', () => {
    expect(ids({ colour: { hex: '#f0a030', harmony: 'near' } })).toEqual(['dots', 'a1']);
    expect(ids({ colour: { hex: '#22314f', harmony: 'near' } })).toEqual(['m1', 'm2']);
  });
  test('what is asked for twice is found by both', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('moths', 'rope', 'a', ''),
        fc.constantFrom<string | null>('moth', 'bell', null),
        (text, of) => {
          const both = ids({ text, kit: of });
          expect(both).toEqual(ids({ text }).filter((id) => ids({ kit: of }).includes(id)));
        },
      ),
    ));
});

describe('colours that go together', () => {
  const anyHex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
  test('to CIELAB and back is the same colour', () =>
    fc.assert(
      fc.property(anyHex, (hex) => {
        expect(labToHex(hexToLab(hex))).toBe(hex);
      }),
    ));
  test('the opposite of the opposite is near where it began, where sRGB can show both', () => {
    const [there] = harmonyOf('#6a7f95', 'opposite');
    const [back] = harmonyOf(there!, 'opposite');
    expect(differenceCiede2000(hexToLab(back!), hexToLab('#6a7f95'))).toBeLessThan(1.5);
  });
  test('blue and amber stand opposite; grey has no opposite', () => {
    const { a, b } = hexToLab(harmonyOf('#3a5f95', 'opposite')[0]!);
    expect(b).toBeGreaterThan(20);
    expect(Math.abs(a)).toBeLessThan(25);
    expect(harmonyOf('#808080', 'opposite')).toEqual(['#808080']);
    expect([
      harmonyOf('#3a5f95', 'neighbours').length,
      harmonyOf('#3a5f95', 'thirds').length,
      harmonyOf('#3a5f95', 'near'),
    ]).toEqual([2, 2, ['#3a5f95']]);
  });
});

describe('already owned', () => {
  const own = (some: Partial<Parameters<typeof alreadyOwn>[0]>) =>
    alreadyOwn(
      { kind: 'paper', size: { w: inches(12), h: inches(12) }, colours: [{ hex: '#b33b40', share: 1 }], ...some },
      shelf,
      faces,
    );
  test('things of the same kind, size and colour are told, with how many and since when', () => {
    expect(own({})).toMatchObject({ count: 1, oldest: '2025-10', lots: [{ id: 'rope stripe' }] });
    expect(own({ kind: 'dots', size: null, colours: [{ hex: '#eea437', share: 1 }] })).toMatchObject({
      count: 11,
      oldest: '2026-11',
    });
  });
  test('another kind, size or colour is not', () => {
    expect(own({ kind: 'cardstock' })).toBeNull();
    expect(own({ size: { w: inches(6), h: inches(6) } })).toBeNull();
    expect(own({ colours: [{ hex: '#3a5f95', share: 1 }] })).toBeNull();
    expect(own({ colours: [] })).toBeNull();
  });
});
