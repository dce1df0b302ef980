import { PDFDocument } from 'pdf-lib';
import { expect, test } from 'vitest';
import { fold, type LedgerEvent } from '../../../core/stock/ledger';
import { inches } from '../../../core/ground/length';
import type { Kit, Lot } from '../../../core/stock/things';
import { labelOf, labelsOfPlaces } from './labels';
import { labelsPdf } from './labelsPdf';

const lot = (id: string, some: Partial<Lot> = {}): [string, Lot] => [
  id,
  {
    id,
    kit: 'k',
    kind: 'paper',
    name: id,
    measure: 'sheets',
    size: null,
    front: null,
    back: null,
    upright: false,
    note: '',
    line: 1,
    ...some,
  },
];
const events = [
  {
    type: 'received',
    lot: 'moths',
    pieces: [
      { id: 'a', w: inches(4), h: inches(4) },
      { id: 'b', w: inches(12), h: inches(12) },
    ],
  },
  { type: 'received', lot: 'dots', amounts: { '': 24 } },
  { type: 'moved', lot: 'moths', from: '', to: 'case B' },
  { type: 'moved', lot: 'dots', from: '', to: 'case B' },
].map((event, i) => ({ id: `e${i}`, day: '2026-11-05', ...event }) as LedgerEvent);
const kit: Kit = { id: 'k', club: '', name: 'Moth Lantern', month: '2026-11', theme: [], list: '' };
const bench = {
  ledger: fold(events).value!,
  lots: new Map([lot('moths'), lot('dots', { kind: 'dots', measure: 'count' })]),
  kits: new Map([['k', kit]]),
};

test('a place is labelled with what is in it, the largest piece first', () => {
  const [label, ...others] = labelsOfPlaces(bench, 'in');
  expect(others).toEqual([]);
  expect(label).toMatchObject({
    title: 'case B',
    lines: ['2 pieces of paper, 160 sq in', 'dots', 'Moth Lantern, November 2026'],
  });
  expect(label!.pieces.map(({ w }) => w)).toEqual([inches(12), inches(4)]);
});

test('a bag of chosen things', () => {
  expect(labelOf('blue scraps', { pieces: ['a'], lots: [] }, bench, 'cm')).toMatchObject({
    title: 'blue scraps',
    lines: ['1 piece of paper, 103.2 sq cm', 'Moth Lantern, November 2026'],
  });
});

test.each([
  ['in', [612, 792]],
  ['cm', [595.28, 841.89]],
] as const)('nine labels stand on two sheets, whatever their names (%s)', async (system, [w, h]) => {
  const nine = Array.from({ length: 9 }, (_, i) => ({
    ...labelOf(`bag ${i} – Röschen ☂ ${'very '.repeat(i * 4)}`, { pieces: ['b', 'a'], lots: ['dots'] }, bench, system),
  }));
  const pdf = await PDFDocument.load(await labelsPdf(nine, system));
  expect(pdf.getPageCount()).toBe(2);
  expect(pdf.getPage(0).getSize()).toEqual({ width: w, height: h });
});
