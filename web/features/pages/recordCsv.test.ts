import Papa from 'papaparse';
import { expect, test } from 'vitest';
import { inches } from '../../../core/ground/length';
import { recordCsv } from './recordCsv';

test('a page’s record as a table can be read back, kit by kit, and runs nothing', () => {
  const kit = { id: 'k', club: '', name: 'Moth Lantern', month: '2026-11', theme: [], list: '' };
  const text = recordCsv([
    {
      kit,
      things: [{ name: '=moths, "amber"', count: 3 }],
      papers: [{ name: 'lamplight', area: inches(3) * inches(4.25) }],
      rolls: [{ name: 'washi', length: inches(10.5) }],
      letters: 9,
    },
    { kit: { ...kit, name: 'Seed Drawer' }, things: [], papers: [], rolls: [], letters: 0 },
  ]);
  const { data } = Papa.parse<Record<string, string>>(text.slice(1), { header: true, skipEmptyLines: true });
  expect(data.map(({ kit: name, thing, amount, unit }) => [name, thing, amount, unit])).toEqual([
    ['Moth Lantern', `'=moths, "amber"`, '3', 'pieces'],
    ['Moth Lantern', 'lamplight', '12.75', 'sq in'],
    ['Moth Lantern', 'washi', '10.5', 'in'],
    ['Moth Lantern', 'letters', '9', 'pieces'],
  ]);
});
