import { expect, test } from 'vitest';
import { beginPage, gluePage, takeSomeOut, tellPage } from '../../../core/acts';
import { smallPage, unpackedWorld } from '../../../core/acts/test/world';
import { inches } from '../../../core/ground/length';
import { recordParts } from './recordLines';
import { wentOn } from './wentOn';

const size = { w: inches(4), h: inches(12) };

test('parts of one lot go on a page together, pieces each by itself, and nothing of nothing', () => {
  expect(
    wentOn({
      a: { what: { lot: 'letters', amounts: { A: 1 } }, most: 2 },
      b: { what: { piece: 'inks-1', size }, most: size },
      c: { what: { lot: 'letters', amounts: { B: 1 } }, most: 1 },
      d: { what: { lot: 'dots', amounts: {} }, most: 0 },
    }),
  ).toEqual([
    { piece: 'inks-1', size },
    { lot: 'letters', amounts: { A: 1, B: 1 } },
  ]);
});

test('a page’s record says by kit what is on it, what was cut for it, what was borrowed and noted', () => {
  const world = unpackedWorld();
  const lots = new Map(world.bench.lots);
  const dots = lots.get('dots')!;
  world.bench = { ...world.bench, lots: lots.set('dots', { ...dots, name: 'enamel dots' }) };
  const told = { format: smallPage().format, title: 'Dusk', date: '', place: '' };
  world.do(
    tellPage('p', told, [
      { lot: 'dots', amounts: { '': 3 } },
      { piece: 'inks-1', size },
    ]),
  );
  const page = { ...world.bench.pages.get('p')!, notes: [{ id: 'n', day: '2026-11-05', words: 'less glue' }] };
  expect(recordParts(page, world.bench, 'in')).toEqual([
    { name: 'Moth Lantern', lines: ['3 × enamel dots', 'inks 48 sq in'] },
    { name: 'Cut for it', lines: ['1 × 4 × 12  inks'] },
    { name: 'Noted', lines: ['2026-11-05  less glue'] },
  ]);
});

test('what was borrowed is told once it went back, and no more when that was undone', () => {
  const world = unpackedWorld();
  const lots = new Map(world.bench.lots);
  world.bench = {
    ...world.bench,
    lots: lots.set('dots', { ...lots.get('dots')!, name: 'circle punch', kind: 'tool' }),
  };
  world.do(beginPage('p', smallPage({ papers: { frame: 'ink' } })));
  world.do(takeSomeOut('dots', { '': 1 }, 'p'));
  world.do(gluePage('p', []));
  const parts = () => recordParts(world.bench.pages.get('p')!, world.bench, 'in');
  expect(parts()).toEqual([{ name: 'Borrowed and given back', lines: ['circle punch'] }]);
  world.undo();
  world.undo();
  expect(parts()).toEqual([]);
});
