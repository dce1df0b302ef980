import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { inches } from '../../ground/length';
import { entriesOf, LIST_COLUMNS, lineOf, linesOfTable, readItem, readList } from '.';

const read = (table: string) =>
  linesOfTable(table)!
    .split('\n')
    .map((line) => readItem(line));

describe('a table pasted from a spreadsheet', () => {
  test('with heads, in any order and under other names', () => {
    const items = read(
      'Item\tQty\tColor\tSize\tType\nmoths / lamplight\t2\tink, amber\t12x12\tpatterned paper\nclips\t6\tbrass\t\tmetal clips\n',
    );
    expect(items).toMatchObject([
      { kind: 'paper', count: 2, size: { w: 97_536, h: 97_536 } },
      { count: 6, kind: 'embellishment' },
    ]);
    expect(items[0]!.front!.colours).toHaveLength(2);
    expect(items[0]!.name).toContain('moths / lamplight');
  });
  test('without heads: counts, sizes and words by what they are', () => {
    expect(read('2\t12x12\tmoths / lamplight\n6\t\twood buttons\toak')).toMatchObject([
      { count: 2, size: { w: 97_536 }, kind: 'paper' },
      { count: 6, name: 'wood buttons', note: expect.stringContaining('oak') as string },
    ]);
  });
  test('columns that nobody knows are kept as notes, empty cells say nothing', () => {
    expect(read('name\tshelf\tqty\nenamel dots\tB3\t24\nsequins\t\t')).toMatchObject([
      { kind: 'dots', count: 24, note: expect.stringContaining('B3') as string },
      { name: 'sequins', note: '' },
    ]);
  });
  test('a row that holds nothing but a kind is over those under it', () => {
    const text = 'item\tqty\nCardstock\t\nplum\t2\noat\t3\nWashi tape\t\nstripes\t1\nsequins\t';
    expect(entriesOf(readList(linesOfTable(text) ?? '')).map(({ item }) => item)).toMatchObject([
      { kind: 'cardstock', count: 2 },
      { kind: 'cardstock', count: 3 },
      { kind: 'washi' },
      { name: 'sequins' },
    ]);
  });
  const told = (table: string) =>
    entriesOf(readList(linesOfTable(table) ?? '')).map(({ item: { count, name }, doubts }) => ({
      told: `${count} ${name}`,
      isInDoubt: doubts.length > 0,
    }));
  const sure = (...all: string[]) => all.map((one) => ({ told: one, isInDoubt: false }));

  test('sizes and counts in the cell of the name are what they are in a line', () => {
    expect(told('SKU\tDescription\tQty\nA12-4\t8.5x11 Slate cardstock\t2\nA13\tBrads (gold)\t24')).toEqual(
      sure('2 Slate cardstock', '24 Brads'),
    );
    expect(told('2 packs of 12\tbrads\n3 sheets\t12x12 Moss paper')).toEqual(sure('24 brads', '3 Moss'));
  });
  test('a tab in a list of lines changes nothing in the others', () => {
    expect(told('Packed by\tRow 4\n12x12 Moss paper (3)\n24 brads').slice(1)).toEqual(sure('3 Moss', '24 brads'));
  });
  test('packs, and what is in each, in columns', () => {
    expect(told('Name\tQuantity\tUnit\nMoss 12x12 paper\t3\tsheets\nBrads\t2\tpacks of 12')).toEqual(
      sure('3 Moss', '24 Brads'),
    );
  });
  test('two counts that differ, none, or one that nobody knows by its head are in doubt', () => {
    for (const table of [
      'Item\tOrdered\tShipped\n12x12 Moss paper\t3\t2',
      'Item\tQty\n12x12 Moss paper\t0',
      'Item\tBox 4\n12x12 Moss paper\t3',
      'Item\tQty\n12x12 Moss paper\t2-3',
      'Item\tQty\tWidth\tHeight\ntags\t8\t2\t',
      `${LIST_COLUMNS.join('\t')}\ntwo\t12x12\tMoss paper`,
    ])
      expect(told(table)[0]?.isInDoubt, table).toBe(true);
    expect(told('Item\tOrdered\tShipped\n12x12 Moss paper\t3\t3')).toEqual(sure('3 Moss'));
  });
  test('what numbers the rows counts nothing', () => {
    expect(told('#\tItem\tQty\n1\t12x12 Moss paper\t3\n2\tBrads\t24')).toEqual(sure('3 Moss', '24 Brads'));
    expect(told('1\t3\t12x12 Moss paper\n2\t24\tBrads')).toEqual(sure('3 Moss', '24 Brads'));
    expect(told('#\tItem\n3\t12x12 Moss paper\n24\tBrads')).toEqual(sure('3 Moss', '24 Brads'));
  });
  test('sums are no things', () => {
    expect(told('Item\tQty\nBrads\t24\nTotal\t24\nShipping\t1')).toEqual(sure('24 Brads'));
    expect(told('Item\tQty\tNote\nBrads\t24\tDiscount\n\t24\tTotal')).toEqual(sure('24 Brads'));
  });
  test('sides in columns of their own', () => {
    const table = 'Category\tItem\tWidth\tHeight\tCount\npaper\tMoss\t12\t12\t2\ntag\tMoon\t2\t3\t8';
    expect(entriesOf(readList(linesOfTable(table) ?? '')).map(({ item }) => item)).toMatchObject([
      { kind: 'paper', count: 2, size: { w: inches(12), h: inches(12) } },
      { kind: 'ephemera', count: 8, size: { w: inches(2), h: inches(3) } },
    ]);
  });
  test('a table of Nubbin’s own columns says the same as it did', () => {
    const rows = [
      { name: 'jute cord', length: '90 in', note: 'box 3' },
      { name: 'puffy alpha', letters: 'A3 B2', height: '1 in' },
      { name: 'moss 14', count: 3, size: '12x12', upright: true },
    ];
    const cells = [
      LIST_COLUMNS.join('\t'),
      ...rows.map((row) =>
        LIST_COLUMNS.map((column) => String((row as Record<string, unknown>)[column] ?? '')).join('\t'),
      ),
    ];
    expect(linesOfTable(cells.join('\n'))?.split('\n')).toEqual(rows.map(lineOf));
  });
  test('in whatever order columns stand, what they count is counted, or in doubt', () => {
    const heads = ['Item', 'Qty', 'Size', 'SKU', 'Colour'];
    const names = fc.constantFrom(
      'Moss paper',
      'brads',
      'Rows & Rain paper',
      'tags (2 sizes)',
      'washi 15mm',
      '6x8 pad',
    );
    const row = fc.record({
      name: names,
      count: fc.integer({ min: 0, max: 60 }),
      sku: fc.constantFrom('A4', '', '900'),
    });
    let inDoubt = 0;
    fc.assert(
      fc.property(
        fc.shuffledSubarray(heads, { minLength: 5 }),
        fc.array(row, { minLength: 1, maxLength: 5 }),
        (order, rows) => {
          const cells = rows.map(({ name, count, sku }) => ({
            Item: name,
            Qty: count,
            Size: '',
            SKU: sku,
            Colour: 'rust',
          }));
          const text = [order, ...cells.map((one) => order.map((head) => one[head as keyof typeof one]))];
          const read = readList(linesOfTable(text.map((one) => one.join('\t')).join('\n')) ?? '');
          read.forEach(({ things }, i) => {
            if (things.some(({ doubts }) => doubts.length > 0)) inDoubt++;
            else expect(things.map(({ count }) => count)).toEqual([rows[i]?.count]);
          });
        },
      ),
      { numRuns: 200 },
    );
    expect(inDoubt).toBeLessThan(300);
  });
  test('what has no tabs is no table', () => {
    expect(linesOfTable('2 x 12x12 moths\n3 clips')).toBeNull();
    expect(linesOfTable('')).toBeNull();
  });
});
