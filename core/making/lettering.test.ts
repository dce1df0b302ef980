import { beforeEach, expect, test } from 'vitest';
import type { Amounts } from '../ledger';
import type { Lot } from '../things';
import { beginPage, decided, gluePage, put, takeLetters } from '.';
import { unbalanced, smallPage, unpackedWorld, type World } from './test/world';

const PAGE = 'p';
let world: World;
const puffy = () => world.bench.ledger.lots.get('puffy')!;
const take = (title: string, letters: Record<string, Amounts>) =>
  world.do(takeLetters(PAGE, title, new Map(Object.entries(letters))));

beforeEach(() => {
  world = unpackedWorld();
  const lot: Lot = { ...world.bench.lots.get('dots')!, id: 'puffy', kind: 'alpha', name: 'puffy', measure: 'letters' };
  world.do(() =>
    decided('took-parcel-in', '', {
      events: [{ type: 'received', lot: 'puffy', amounts: { M: 2, O: 2, T: 1, H: 1 } }],
      records: [put('lots', lot)],
    }),
  );
  world.do(beginPage(PAGE, smallPage()));
});

test('a title takes its letters out and is written; another one puts back what it does not need', () => {
  expect(take('MOTH', { puffy: { M: 1, O: 1, T: 1, H: 1 } })).toBe(true);
  expect(world.bench.pages.get(PAGE)!.title).toBe('MOTH');
  expect(puffy().here).toEqual({ M: 1, O: 1 });
  expect(take('MOO', { puffy: { M: 1, O: 2 } })).toBe(true);
  expect(puffy()).toMatchObject({ here: { M: 1, T: 1, H: 1 }, claimed: { [PAGE]: { M: 1, O: 2 } } });
  expect(unbalanced(world.bench)).toEqual([]);
  world.undo();
  expect(world.bench.pages.get(PAGE)!.title).toBe('MOTH');
  expect(puffy().here).toEqual({ M: 1, O: 1 });
});

test('more letters than there are, or the same again, is refused and changes nothing', () => {
  expect(take('MMM', { puffy: { M: 3 } })).toBe(false);
  expect(world.bench.pages.get(PAGE)!.title).toBe('');
  take('MOTH', { puffy: { M: 1, O: 1, T: 1, H: 1 } });
  expect(take('MOTH', { puffy: { M: 1, O: 1, T: 1, H: 1 } })).toBe(false);
  expect(take('MOTH', { dots: { M: 1 } })).toBe(false);
});

test('what was taken out is used when the page is glued', () => {
  take('MOTH', { puffy: { M: 1, O: 1, T: 1, H: 1 } });
  world.do(gluePage(PAGE, [{ lot: 'puffy', amounts: { M: 1, O: 1, T: 1, H: 1 } }]));
  expect(puffy().used).toEqual({ [PAGE]: { M: 1, O: 1, T: 1, H: 1 } });
});
