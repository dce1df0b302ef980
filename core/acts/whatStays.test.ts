import { expect, test } from 'vitest';
import { leftOf } from '../kit/closing';
import { inches } from '../ground/length';
import type { Kit, Lot } from '../stock/things';
import { arrive, beginPage, decided, gatherKit, gluePage, moveTo, put, putScrapAway, takeSomeOut } from '.';
import { unpackedWorld, World } from './test/world';

const KIT: Kit = { id: 'k', club: 'The Oddment Post', name: 'Moth Lantern', month: '2026-11', theme: [], list: '' };
const LOT: Lot = {
  id: 'l',
  kit: 'k',
  kind: 'dots',
  name: 'dots',
  measure: 'count',
  size: null,
  front: null,
  back: null,
  upright: false,
  note: '',
  line: 1,
};

test('what comes later of things gathered into a kit of her own belongs to the kit it was owed to', () => {
  const world = unpackedWorld();
  world.do(() =>
    decided('took-parcel-in', '', { events: [{ type: 'owed' as const, lot: 'dots', amounts: { '': 5 } }] }),
  );
  const own = { id: 'own', club: '', name: 'Own', month: '', theme: [], list: '', gathered: 'dots' };
  expect(world.do(gatherKit(own, [{ lot: 'dots', parts: [''] }]))).toBe(true);
  expect(world.do(arrive('dots'))).toBe(true);
  const { bench } = world;
  const dots = [...bench.lots.values()].filter(({ kind }) => kind === 'dots');
  const left = (kit: string) =>
    leftOf(bench.kits.get(kit)!, bench).flatMap(({ lot, amounts }) => (lot.kind === 'dots' ? [amounts['']] : []));
  expect(left('own')).toEqual([24]);
  expect(left('k')).toEqual([5]);
  expect(dots.map(({ id }) => bench.ledger.lots.get(id)?.owed)).toEqual([{}, {}]);
  expect(world.undo()).toBe(true);
  expect(left('own')).toEqual([24]);
});

test('a scrap told without a place, or with another, leaves older ones like it where they lie', () => {
  const world = unpackedWorld();
  const scrap = (place: string) =>
    putScrapAway({
      kit: { month: '' },
      kind: 'paper',
      front: null,
      back: null,
      size: { w: inches(1), h: inches(1) },
      missing: [],
      count: 1,
      place,
    });
  for (const place of ['Case B', '', 'Case C', 'Case B', '']) expect(world.do(scrap(place))).toBe(true);
  const { ledger } = world.bench;
  const places = [...ledger.pieces.values()].map(({ lot }) => ledger.lots.get(lot)?.place ?? '');
  expect(places.slice(-5)).toEqual(['Case B', '', 'Case C', 'Case B', '']);
});

test('what is no longer there cannot be moved: an act begun before, or in another window', () => {
  const world = new World();
  expect(
    world.do(() =>
      decided('took-parcel-in', '', {
        events: [{ type: 'received' as const, lot: 'l', amounts: { '': 3 } }],
        records: [put('kits', KIT), put('lots', LOT)],
      }),
    ),
  ).toBe(true);
  const begun = moveTo({ pieces: [], lots: ['l'] }, 'Case B');
  expect(world.undo()).toBe(true);
  expect(world.do(begun)).toBe(false);
  expect(world.refused.at(-1)).toMatchObject({ kind: 'gone' });
  // Nor can what came of it be taken back while it lies elsewhere because of something done since.
  expect(world.redo()).toBe(true);
  expect(world.do(begun)).toBe(true);
  expect(world.undo(0)).toBe(false);
});

test('what is out and not laid goes back when a page is glued, but for what she says was used', () => {
  const world = unpackedWorld();
  const begin = beginPage('p', {
    format: { w: inches(12), h: inches(12), spread: false },
    design: 'grid',
    mat: 0,
    photos: [],
    papers: {},
    title: '',
  });
  for (const act of [begin, takeSomeOut('dots', { '': 6 }, 'p'), takeSomeOut('letters', { A: 1 }, 'p')])
    expect(world.do(act)).toBe(true);
  expect(world.do(gluePage('p', [{ lot: 'letters', amounts: { A: 1 } }]))).toBe(true);
  const { lots } = world.bench.ledger;
  expect(lots.get('dots')).toMatchObject({ here: { '': 24 }, claimed: {}, used: {} });
  expect(lots.get('letters')).toMatchObject({ claimed: {}, used: { p: { A: 1 } } });
});
