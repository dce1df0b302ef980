import Papa from 'papaparse';
import { PDFDocument } from 'pdf-lib';
import { expect, test } from 'vitest';
import { gaveTo, sharesOfPaper } from '../../../core/kit/closing';
import { inches } from '../../../core/ground/length';
import { decideOn, partWith } from '../../../core/acts';
import { unpackedWorld } from '../../../core/acts/test/world';
import { accountCsv } from './accountCsv';
import { accountPdf } from './accountPdf';
import { inRows } from './allPages';

const partly = () => {
  const world = unpackedWorld();
  world.do(partWith({ pieces: ['inks-1'], lots: [] }, { how: 'given' }));
  world.do(decideOn('k', { keys: ['lamps-1', 'lamps-2'], fate: { for: 'kit' } }));
  return { ...world, kit: world.bench.kits.get('k')! };
};

test('the account as a table adds up line by line', () => {
  const { kit, bench } = partly();
  const { data } = Papa.parse<Record<string, string>>(accountCsv(kit, bench).slice(1), {
    header: true,
    skipEmptyLines: true,
  });
  expect(data.map(({ thing, unit, came, left, 'given away': given }) => [thing, unit, came, left, given])).toEqual([
    ['inks', 'sq in', '288', '144', '144'],
    ['lamps', 'sq in', '288', '288', '0'],
    ['blushes', 'sq in', '288', '288', '0'],
    ['dots', 'pieces', '24', '24', '0'],
    ['letters', 'pieces', '6', '6', '0'],
  ]);
  for (const { kit: _, month: __, thing: ___, unit: ____, came, 'counted anew': anew, ...became } of data)
    expect(Number(came) + Number(anew)).toBe(Object.values(became).reduce((sum, n) => sum + Number(n), 0));
});

test('the shares of its paper are all of it', () => {
  const { kit, bench } = partly();
  const shares = sharesOfPaper(kit, bench);
  const sheet = inches(12) ** 2;
  expect(shares.received).toBe(6 * sheet);
  expect(shares.parts.map(({ part, area }) => [part, area / sheet])).toEqual([
    ['undecided', 3],
    ['kept', 2],
    ['given', 1],
  ]);
});

test('the account prints, on as many sheets as it takes', async () => {
  const { kit, bench } = partly();
  const many = {
    ...kit,
    notes: Array.from({ length: 80 }, (_, n) => ({ id: `${n}`, day: '2026-11-05', words: 'less' })),
  };
  const bytes = await accountPdf(many, gaveTo(kit, bench), bench, null, 'in');
  expect((await PDFDocument.load(bytes)).getPageCount()).toBeGreaterThan(1);
});

test('pages in one picture lie in rows of four, on the foot of their row', () => {
  const picture = (width: number, height: number) => ({ width, height });
  const { spots, w, h } = inRows([
    picture(100, 100),
    picture(50, 80),
    picture(100, 100),
    picture(100, 100),
    picture(9, 9),
  ]);
  expect(spots.map(({ x, y }) => [x, y])).toEqual([
    [24, 24],
    [148, 44],
    [222, 24],
    [346, 24],
    [24, 148],
  ]);
  expect([w, h]).toEqual([470, 181]);
});
