import { expect, test } from 'vitest';
import type { Found } from '../../../core/kit/finding';
import { fold } from '../../../core/stock/ledger';
import { inches } from '../../../core/ground/length';
import type { Face, Kit, Lot } from '../../../core/stock/things';
import { familyOfLot, groupPieces, type Grouping } from './groups';

const lot = (id: string, kit: string): Lot => ({
  id,
  kit,
  kind: 'paper',
  name: id,
  measure: 'sheets',
  size: null,
  front: id,
  back: null,
  upright: false,
  note: '',
  line: 1,
});
const lots = [lot('ink', 'moth'), lot('rope', 'bell')];
const faces = new Map(
  [
    ['ink', '#22314f'],
    ['rope', '#b23a3f'],
  ].map(([id, hex]): [string, Face] => [
    id!,
    { id: id!, name: id!, pattern: 'plain', colours: [{ hex: hex!, share: 1 }] },
  ]),
);
const kits = new Map(
  [
    ['moth', '2026-11'],
    ['bell', '2025-10'],
  ].map(([id, month]): [string, Kit] => [
    id!,
    { id: id!, club: '', name: `Kit ${id}`, month: month!, theme: [], list: '' },
  ]),
);
const sizes: readonly [string, string, number, number][] = [
  ['i1', 'ink', 12, 12],
  ['i2', 'ink', 2, 3],
  ['r1', 'rope', 6, 7],
  ['r2', 'rope', 3, 4],
];
const ledger = fold(
  lots.map(({ id }) => ({
    id: `e-${id}`,
    day: '2026-11-05',
    type: 'received' as const,
    lot: id,
    pieces: sizes.filter(([, of]) => of === id).map(([piece, , w, h]) => ({ id: piece, w: inches(w), h: inches(h) })),
  })),
).value!;
const found = sizes.map(([id, of]): Found => ({
  id,
  lot: lots.find((one) => one.id === of)!,
  kits: [lots.find((one) => one.id === of)!.kit],
  isPiece: true,
  states: ['here'],
  words: '',
  colours: [],
  touched: null,
  place: '',
  difference: null,
}));
const grouped = (by: Grouping): [string, string[]][] =>
  groupPieces(found, by, ledger, faces, kits)
    .filter(({ items }) => items.length > 0)
    .map(({ name, items }) => [name, items.map(({ id }) => id)]);

test.each<[Grouping, [string, string[]][]]>([
  [
    'colour',
    [
      ['ink and night', ['i1', 'i2']],
      ['pink and red', ['r1', 'r2']],
    ],
  ],
  [
    'kit',
    [
      ['Kit moth', ['i1', 'i2']],
      ['Kit bell', ['r1', 'r2']],
    ],
  ],
  [
    'age',
    [
      ['since October 2025', ['r1', 'r2']],
      ['since November 2026', ['i1', 'i2']],
    ],
  ],
  ['near', [['the nearest first', ['i1', 'i2', 'r1', 'r2']]]],
])('laid out by %s, the largest of each first', (by, groups) => {
  expect(grouped(by)).toEqual(groups);
});

test('by size every piece is in one group, the large before the small', () => {
  const groups = grouped('size');
  expect(groups.flatMap(([, ids]) => ids)).toEqual(['i1', 'r1', 'r2', 'i2']);
  expect(groups[0]).toEqual(['whole sheets', ['i1']]);
});

test('a paper without a face told is among the neutrals', () => {
  expect(familyOfLot(null, faces)).toBe('neutrals');
});
