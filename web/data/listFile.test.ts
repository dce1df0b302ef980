import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { entriesOf, LIST_COLUMNS, readList, rowOf, type ListRow } from '../../core/stock/listing';
import { linesOf, listCsv, listJson, readListFile } from './listFile';

const LINES = [
  '2 x 12x12 moths / lamplight, ink + amber, upright',
  'pad 6x8 field notes, 24 sheets of 12 designs',
  'alpha puffy 3/4 in: A3 E4',
  'washi 10 yd, amber',
  'ephemera 32, "moths", jars',
  'sticker sheet, half left',
  'circle punch 1 1/2 in, reach 1 3/4',
];
const itemsOf = (text: string) => entriesOf(readList(text)).map(({ item }) => item);
const rows = (): ListRow[] => itemsOf(LINES.join('\n')).map(rowOf);

test.each([
  ['list.csv', listCsv],
  ['list.json', (things: readonly ListRow[]) => listJson({ name: 'Moth Lantern', month: '2026-11', things })],
] as const)('a list written to %s reads back as the same things', (name, write) => {
  const read = readListFile(name, write(rows()));
  expect(itemsOf(linesOf(read.value!))).toEqual(itemsOf(LINES.join('\n')));
});

test('the published example is understood, every line', () => {
  const read = readListFile(
    'list.json',
    readFileSync(new URL('../../docs/formats/packing-list.example.json', import.meta.url), 'utf8'),
  );
  expect(readList(linesOf(read.value!)).map(({ read: as }) => as)).toEqual(read.value!.things.map(() => 'thing'));
});

/** A second reading of RFC 4180, section 2, by its rules alone: quoted fields, doubled quotes, CRLF. */
function byTheRules(text: string): string[][] {
  const table: string[][] = [[]];
  let field = '';
  let isQuoted = false;
  for (let i = 0; i < text.length; i++) {
    if (isQuoted) {
      if (text[i] !== '"') field += text[i];
      else if (text[i + 1] === '"') {
        field += '"';
        i++;
      } else isQuoted = false;
    } else if (text[i] === '"') isQuoted = true;
    else if (text[i] === ',') {
      table.at(-1)!.push(field);
      field = '';
    } else if (text.startsWith('\r\n', i)) {
      table.at(-1)!.push(field);
      field = '';
      table.push([]);
      i++;
    } else field += text[i];
  }
  table.pop();
  return table;
}

test('what is written keeps to RFC 4180, whatever stands in the cells', () =>
  fc.assert(
    fc.property(
      fc.array(fc.record({ name: fc.string({ minLength: 1 }), note: fc.string() }), { minLength: 1, maxLength: 5 }),
      (things) => {
        const table = byTheRules(listCsv(things).slice(1));
        expect(table[0]).toEqual([...LIST_COLUMNS]);
        for (const [i, { name, note }] of things.entries()) {
          expect(table[i + 1]).toHaveLength(LIST_COLUMNS.length);
          const bare = (text: string): string => text.replace(/^'(?=[=+\-@\t\r])/, '');
          expect([table[i + 1]![2], table[i + 1]!.at(-1)].map((cell) => bare(cell!))).toEqual([name, note].map(bare));
          expect(table[i + 1]!.every((cell) => !/^[=+\-@\t\r]/.test(cell))).toBe(true);
        }
      },
    ),
  ));

describe('what is wrong is told with its place, and nothing is taken', () => {
  test.each([
    ['list.csv', 'name,colour\nmoths,ink', /“colour” is no column of a list/],
    ['list.csv', 'count,name\n2,moths\ntwo,rows', /^Row 3, count: expected a whole number/],
    ['list.csv', 'count,name\n2,"moths', /^Row 2: .*quot/i],
    ['list.csv', 'count,name\n,\n2,', /^Row 3: the key name is missing/],
    ['list.csv', 'name,upright\nmoths,perhaps', /^Row 2, upright: expected true or false/],
    ['list.json', '{', /not whole JSON/],
    ['list.json', '{"format":"nubbin-list","version":1,"things":[{"name":"a"},{"nam":"b"}]}', /\/things\/1/],
    ['list.json', '{"format":"another","version":1,"things":[]}', /\/format/],
  ])('%s %s', (name, text, expected) => {
    expect(readListFile(name, text)).toMatchObject({ ok: false, error: { message: expect.stringMatching(expected) } });
  });
});
