import { expect, test } from 'vitest';
import { cutListOf } from '../../page/cutlist';
import { circlesIn, pageLayout } from '../../page/design';
import { inches } from '../../ground/length';
import type { Lot } from '../../stock/things';
import {
  beginFurnished,
  beginPage,
  changePage,
  decided,
  furnishTogether,
  layInItsPlace,
  put,
  roundsFor,
  thingsForRounds,
} from '..';
import { unbalanced, unpackedWorld, type World } from '../test/world';

const buttons = (id: string, name: string, size: number): Lot => ({
  id,
  kit: 'k',
  kind: 'ephemera',
  name,
  measure: 'count',
  size: { w: inches(size), h: inches(size) },
  front: null,
  back: null,
  upright: false,
  note: '',
  line: 1,
});

function wreathWith(...lots: readonly (readonly [lot: Lot, count: number])[]): World {
  const world = unpackedWorld();
  world.do(() =>
    decided('took-parcel-in', 'buttons', {
      events: lots.map(([{ id }, n]) => ({ type: 'received' as const, lot: id, amounts: { '': n } })),
      records: lots.map(([lot]) => put('lots', lot)),
    }),
  );
  const format = { w: inches(12), h: inches(12), spread: false };
  world.do(beginPage('w', { format, design: 'wreath', mat: 0, photos: [], papers: {}, title: 'Round' }));
  return world;
}

const found = ({ bench }: World) => {
  const page = bench.pages.get('w')!;
  return thingsForRounds(page, pageLayout(page).value!, bench);
};
const roundsCut = ({ bench }: World): number => {
  const page = bench.pages.get('w')!;
  return cutListOf(pageLayout(page).value!, page)
    .filter(({ slot }) => slot.startsWith('round'))
    .reduce((sum, { count }) => sum + count, 0);
};

test('a wreath is of the round things that are there, of paper only where there is none', () => {
  const world = wreathWith([buttons('b', 'buttons', 1.5), 3], [buttons('f', 'flair badges', 1.75), 2]);
  const ring = found(world);
  expect(ring).toHaveLength(5);
  expect(ring.slice(0, 4).map(({ name }) => name)).toEqual(['flair badges', 'buttons', 'flair badges', 'buttons']);
  expect(roundsCut(world)).toBe(8);
  expect(world.do(layInItsPlace('w', ring))).toBe(true);
  expect(roundsCut(world)).toBe(3);
  expect(world.bench.pages.get('w')!.placed).toHaveLength(5);
  expect(world.bench.ledger.lots.get('b')!.claimed['w']).toEqual({ '': 3 });
  expect(found(world)).toEqual([]);
  expect(unbalanced(world.bench)).toEqual([]);
  expect(world.undo()).toBe(true);
  expect(roundsCut(world)).toBe(8);
  expect(world.bench.pages.get('w')!.placed ?? []).toEqual([]);
});

test('pressed twice, the things are laid once; a circle had again under one is not offered another', () => {
  const world = wreathWith([buttons('b', 'buttons', 1.5), 20]);
  const ring = found(world).slice(0, 3);
  expect(world.do(layInItsPlace('w', ring))).toBe(true);
  expect(world.do(layInItsPlace('w', ring))).toBe(false);
  expect(world.bench.pages.get('w')!.placed).toHaveLength(3);
  world.do(changePage('w', { without: [] }));
  expect(found(world)).toHaveLength(5);
});

test('what is square, far too small or far too large lies in no circle', () => {
  expect(found(wreathWith([buttons('t', 'tickets', 1.75), 9], [buttons('s', 'buttons', 0.4), 9]))).toEqual([]);
  expect(found(wreathWith([buttons('l', 'flair badges', 4), 9]))).toEqual([]);
});

test('a wreath that is proposed has its round things in their places, each once over all pages, and can be begun so', () => {
  const world = wreathWith([buttons('b', 'buttons', 1.5), 19]);
  expect(roundsFor(world.bench, () => true).filter((wide) => wide === inches(1.5))).toHaveLength(19);
  expect(roundsFor(world.bench, () => false)).toEqual([]);
  const format = { w: inches(12), h: inches(12), spread: false };
  const circles = circlesIn(pageLayout(world.bench.pages.get('w')!).value!).map(({ id }) => id);
  const bare = { format, design: 'wreath', photos: [], papers: {}, sizes: {}, without: circles };
  const two = furnishTogether([bare, bare], world.bench, { mat: 0, mayTake: () => true });
  expect(two.map(({ without }) => without.length)).toEqual([8, 8]);
  const none = furnishTogether([{ ...bare, without: [] }], world.bench, { mat: 0, mayTake: () => true });
  expect(none[0]).toMatchObject({ without: [] });
  const begun = two.map(({ without, things }, i) => ({ ...bare, mat: 0, without, things, id: `p${i}` }));
  expect(world.do(beginFurnished(begun, 'May'))).toBe(true);
  expect(world.bench.pages.get('p1')).toMatchObject({ without: two[1]!.without });
  expect(unbalanced(world.bench)).toEqual([]);
});
