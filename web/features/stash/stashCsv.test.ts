import fc from 'fast-check';
import Papa from 'papaparse';
import { expect, test } from 'vitest';
import type { Found } from '../../../core/kit/finding';
import { fold } from '../../../core/stock/ledger';
import { inches } from '../../../core/ground/length';
import type { Lot } from '../../../core/stock/things';
import { EMPTY_BENCH } from '../../../core/stock/bench';
import { stashCsv } from './stashCsv';

const lot = (name: string, note = ''): Lot => ({
  id: 'l',
  kit: 'k',
  kind: 'paper',
  name,
  measure: 'sheets',
  size: null,
  front: null,
  back: null,
  upright: false,
  note,
  line: 1,
});
const bench = {
  ...EMPTY_BENCH,
  ledger: fold([
    { id: 'e', day: '2026-11-05', type: 'received', lot: 'l', pieces: [{ id: 'p', w: inches(4.25), h: inches(6.25) }] },
  ]).value!,
};
const found = (name: string, note?: string): Found => ({
  id: 'p',
  lot: lot(name, note),
  kits: [lot(name, note).kit],
  isPiece: true,
  states: ['here'],
  words: '',
  colours: [],
  touched: '2026-11-05',
  place: 'case B',
  difference: null,
});
const read = (csv: string): Record<string, string>[] =>
  Papa.parse<Record<string, string>>(csv.replace(/^\ufeff/, ''), { header: true, skipEmptyLines: true }).data;

test('lines end as RFC 4180 has it, cells with commas, quotes and breaks are quoted, quotes doubled', () => {
  const csv = stashCsv([found('moths, "ink"', 'two\nlines')], bench);
  expect(csv.split('\r\n')[1]).toMatch(/^"moths, ""ink""",/);
  expect(csv.endsWith('\r\n')).toBe(true);
  expect(read(csv)[0]).toMatchObject({
    thing: 'moths, "ink"',
    note: 'two\nlines',
    'width in': '4.25',
    'height in': '6.25',
    'kept in': 'case B',
    'last touched': '2026-11-05',
  });
});

test('whatever a thing is called is read again as it was; what would run as a formula has an apostrophe before it', () =>
  fc.assert(
    fc.property(fc.string({ minLength: 1 }), (name) => {
      const thing = read(stashCsv([found(name)], bench))[0]?.['thing'];
      expect(thing).toBe(/^[=+\-@\t\r]/.test(name) ? `'${name}` : name);
    }),
  ));
