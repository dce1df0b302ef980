import fc from 'fast-check';
import { expect, test } from 'vitest';
import { packRows } from './packRows';

const sizes = fc.array(
  fc.record({ width: fc.integer({ min: 1, max: 300 }), height: fc.integer({ min: 1, max: 300 }) }),
  { maxLength: 40 },
);

test('everything is laid once, in order, no line wider than the table unless a single thing is', () =>
  fc.assert(
    fc.property(sizes, sizes, fc.integer({ min: 50, max: 400 }), (a, b, width) => {
      const rows = packRows(
        [
          { name: 'a', items: a },
          { name: 'b', items: b },
        ],
        (one) => one,
        width,
        10,
        30,
      );
      expect(rows.flatMap((row) => (row.kind === 'things' ? row.items : []))).toEqual([...a, ...b]);
      for (const row of rows) {
        if (row.kind === 'heading') continue;
        const used = row.items.reduce((sum, item) => sum + item.width, 0) + 10 * (row.items.length - 1);
        expect(used <= width || row.items.length === 1).toBe(true);
        expect(row.height).toBe(Math.max(...row.items.map(({ height }) => height)) + 10);
      }
      expect(
        rows.filter(({ kind }) => kind === 'heading').map((row) => (row.kind === 'heading' ? row.name : '')),
      ).toEqual([...(a.length > 0 ? ['a'] : []), ...(b.length > 0 ? ['b'] : [])]);
    }),
  ));
