import { describe, expect, test } from 'vitest';
import { findThings, indexStash } from '../../../core/kit/finding';
import { fold, type LedgerEvent } from '../../../core/stock/ledger';
import { hexOfWord } from '../../../core/ground/colour';
import { inches, mm } from '../../../core/ground/length';
import type { Kit, Lot } from '../../../core/stock/things';
import { readStashCsv } from './readStashCsv';
import { stashCsv } from './stashCsv';

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
const kits = new Map<string, Kit>([
  ['k', { id: 'k', club: '', name: 'Moth Lantern', month: '2026-11', theme: [], list: '' }],
]);
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
  { type: 'received', lot: 'lamp', amounts: { '': inches(360) } },
].map((event, i) => ({ id: `e${i}`, day: '2026-11-05', ...event }) as LedgerEvent);
const bench = {
  ledger: fold(events).value!,
  lots: new Map([
    lot('moths'),
    lot('dots', { kind: 'dots', measure: 'count', name: '=dots' }),
    lot('lamp', { kind: 'washi', measure: 'length' }),
  ]),
  kits,
  faces: new Map(),
};
const effects = (text: string) =>
  readStashCsv(text, bench).value!.rows.map(({ row, effect }) => [row, effect] as const);

test("the stash's own table changes nothing", () => {
  const index = indexStash(bench, new Map(), new Map(), events, (kind) => kind);
  const all = findThings(
    index,
    { text: '', kit: null, kind: null, states: ['here'], place: null, untouchedSince: null, size: null, colour: null },
    bench,
  );
  const read = readStashCsv(stashCsv(all, bench), bench).value!;
  expect(read.rows.map(({ effect }) => effect.kind)).toEqual(['same', 'same', 'same', 'same']);
});

describe('each row is told by what it would do', () => {
  test('changes: a name, a place, a count, a piece that is not there', () => {
    expect(effects('id,thing,kept in,amount\na,moths,case B,1\nb,moths,case B,0\ndots,=dots,,20')).toMatchObject([
      [2, { kind: 'changed', place: 'case B', name: null, missed: null }],
      [3, { kind: 'changed', missed: 'b' }],
      [4, { kind: 'changed', change: { '': -4 } }],
    ]);
  });
  test('additions, to a kit that is there or to a new one', () => {
    expect(
      effects(
        'thing,width in,height in,amount,kit,kept in\ncardstock slate,12,12,3,Moth Lantern,tray\nenamel dots,,,24,Old tins,',
      ),
    ).toMatchObject([
      [2, { kind: 'added', item: { kind: 'cardstock', count: 3 }, kit: { id: 'k' }, place: 'tray' }],
      [3, { kind: 'added', item: { kind: 'dots', count: 24 }, kit: { id: null, name: 'Old tins' } }],
    ]);
  });
  test.each([
    ['id,thing\nzz,moths', /nothing here has the id zz/],
    ['thing,amount\nenamel dots,many', /“many” is no whole number/],
    ['id,thing,amount\na,moths,3', /there once/],
    ['thing,width in\nrows,12', /wants a height/],
    ['thing,month\nenamel dots,11\/2026', /no month/],
    ['id,thing\ndots,', /no name/],
    ['id,thing,amount\ndots,=dots,10001', /at most 10,000/],
    ['thing,amount\nenamel dots,1000000', /at most 10,000/],
    ['thing,kind\nlamplight,lantern', /“lantern” is no kind. Those are: patterned paper;/],
    ['thing,amount\n"cardstock (white, kraft, blue)",3', /several things/],
    ['id,thing,width in\na,moths,5', /its width in is 4: change it in its slip/],
    ['id,thing,kind\na,moths,cardstock', /its kind is patterned paper/],
    ['id,thing,amount\nlamp,lamp,4 yd', /there is 10 yd of it/],
    ['id,thing,colour\na,moths,red', /its colours cannot be told by a table/],
  ])('refused: %s', (text, why) => {
    expect(effects(text)).toMatchObject([[2, { kind: 'refused', why: expect.stringMatching(why) }]]);
  });
  test('heads as people call them, kinds, sizes and colours as they are told', () => {
    expect(
      effects('Item,Qty,Type,Size,Colour\nlamplight,2,washi tape,,amber\nfern,3,,30.5 x 30.5 cm,green'),
    ).toMatchObject([
      [2, { kind: 'added', item: { kind: 'washi', count: 2, front: { colours: [hexOfWord('amber')] } }, doubts: [] }],
      [3, { kind: 'added', item: { kind: 'paper', count: 3, size: { w: mm(305), h: mm(305) } }, doubts: [] }],
    ]);
  });
  test('what is in doubt of an addition is told', () => {
    expect(effects('thing,size,amount\ncardstock slate,30x30,3')).toMatchObject([
      [2, { kind: 'added', doubts: ['So large, in inches? Or in cm?'] }],
    ]);
  });
  test('numbers as office programs rewrite them are the same', () => {
    expect(effects('id,thing,width in,month\na,moths,4.0,Nov-26')).toMatchObject([[2, { kind: 'same' }]]);
  });
  test('a row that says the same again counts once', () => {
    expect(effects('id,thing,amount\ndots,=dots,22\ndots,=dots,22')).toMatchObject([
      [2, { kind: 'changed', change: { '': -2 } }],
      [3, { kind: 'changed', change: null }],
    ]);
  });
  test('a row that quarrels with an earlier one is refused, with its number', () => {
    expect(effects('id,thing,kept in\na,moths,case B\nb,moths,case C')).toMatchObject([
      [2, { kind: 'changed' }],
      [3, { kind: 'refused', why: 'row 2 says otherwise of moths' }],
    ]);
  });
});

test.each([
  ['', /no column/],
  ['shop\nmoths', /no column/],
  ['thing,note\nmoths,"a', /^Row 2/],
])('what is no table is refused whole: %s', (text, why) => {
  expect(readStashCsv(text, bench)).toMatchObject({ ok: false, error: { message: expect.stringMatching(why) } });
});

test('columns of which nothing is taken are told by their names', () => {
  expect(readStashCsv('thing,price,Shop\nmoths,2,here', bench).value).toMatchObject({ unread: ['price', 'shop'] });
});
