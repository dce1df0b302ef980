import { describe, expect, test } from 'vitest';
import { entriesOf, linesOfTable, readItem, readList } from '.';

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
  test('what has no tabs is no table', () => {
    expect(linesOfTable('2 x 12x12 moths\n3 clips')).toBeNull();
    expect(linesOfTable('')).toBeNull();
  });
});
