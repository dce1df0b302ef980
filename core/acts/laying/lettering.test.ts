import { beforeEach, describe, expect, test } from 'vitest';
import { looksOf } from '../../page/placing';
import type { Lot } from '../../stock/things';
import { beginPage, decided, gluePage, layTitle, markWorn, moveLaid, nextOf, put, takeOff, takeSomeOut } from '..';
import { unbalanced, smallPage, unpackedWorld, type World } from '../test/world';

const PAGE = 'p';
let world: World;
const puffy = () => world.bench.ledger.lots.get('puffy')!;
const placed = () => world.bench.pages.get(PAGE)!.placed ?? [];
const laying = (word: string) =>
  [...word].map((part, i) => ({ what: { lot: 'puffy', part }, x: i * 8128, y: 8128, turn: 0 }));
const lay = (title: string) => world.do(layTitle(PAGE, title, laying(title)));

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

test('a title takes its letters out, each in its place, and is written; another one puts back what it does not need', () => {
  expect(lay('MOTH')).toBe(true);
  expect(world.bench.pages.get(PAGE)!.title).toBe('MOTH');
  expect(placed().map(({ what }) => looksOf(what, world.bench)?.kind)).toEqual([
    'letter',
    'letter',
    'letter',
    'letter',
  ]);
  expect(puffy().here).toEqual({ M: 1, O: 1 });
  expect(lay('MOO')).toBe(true);
  expect(puffy()).toMatchObject({ here: { M: 1, T: 1, H: 1 }, claimed: { [PAGE]: { M: 1, O: 2 } } });
  expect(placed()).toHaveLength(3);
  expect(unbalanced(world.bench)).toEqual([]);
  world.undo();
  expect(world.bench.pages.get(PAGE)!.title).toBe('MOTH');
  expect([puffy().here, placed().length]).toEqual([{ M: 1, O: 1 }, 4]);
});

test('more letters than there are, or of what is not there, is refused and changes nothing', () => {
  expect(lay('MMM')).toBe(false);
  expect(world.bench.pages.get(PAGE)!.title).toBe('');
  const gone = [{ what: { lot: 'nowhere', part: 'M' }, x: 0, y: 0, turn: 0 }];
  expect(world.do(layTitle(PAGE, 'M', gone))).toBe(false);
  expect(world.do(layTitle(PAGE, 'M', []))).toBe(false);
});

test('a thing that has the title printed on it is the title, and goes back for letters', () => {
  world.do(layTitle(PAGE, 'night shift', [{ what: { lot: 'dots', part: '' }, x: 0, y: 0, turn: 0 }]));
  expect([placed()[0]!.isTitle, world.bench.ledger.lots.get('dots')!.claimed]).toEqual([true, { [PAGE]: { '': 1 } }]);
  lay('MOTH');
  expect(world.bench.ledger.lots.get('dots')!.claimed).toEqual({});
});

test('written letters take nothing of the stash, and lie beside those of a set', () => {
  const what = { drawn: 'letter' as const, glyph: 'R', height: 6096, colour: '#2b1d33' };
  expect(world.do(layTitle(PAGE, 'RO', [{ what, x: 0, y: 0, turn: 0 }, ...laying('O')]))).toBe(true);
  expect(puffy().claimed).toEqual({ [PAGE]: { O: 1 } });
  expect(world.do(gluePage(PAGE, []))).toBe(true);
  expect(placed()).toHaveLength(2);
});

describe('glued', () => {
  test('what lies there is used; what else of the set is out goes back', () => {
    lay('MOTH');
    world.do(takeSomeOut('puffy', { M: 1 }, PAGE));
    world.do(gluePage(PAGE, []));
    expect(puffy()).toMatchObject({ used: { [PAGE]: { M: 1, O: 1, T: 1, H: 1 } }, claimed: {}, here: { M: 1, O: 1 } });
  });
  test('a title laid afterwards is used at once, and another one peels off what it does not need', () => {
    world.do(gluePage(PAGE, []));
    lay('MOTH');
    expect(puffy().used).toEqual({ [PAGE]: { M: 1, O: 1, T: 1, H: 1 } });
    expect(lay('MOO')).toBe(true);
    expect(puffy()).toMatchObject({ used: { [PAGE]: { M: 1, O: 2 } }, claimed: {}, here: { M: 1, T: 1, H: 1 } });
    expect(unbalanced(world.bench)).toEqual([]);
    world.undo();
    world.undo();
    expect(puffy()).toMatchObject({ used: {}, claimed: {}, here: { M: 2, O: 2, T: 1, H: 1 } });
  });
});

test('a letter moved takes the others of its title along, or goes by itself', () => {
  lay('MOTH');
  const [first] = placed();
  world.do(moveLaid(PAGE, first!.id, (now) => ({ ...now, x: now.x + 100, y: now.y + 50 })));
  expect(placed().map(({ x, y }) => [x, y])).toEqual([0, 1, 2, 3].map((i) => [i * 8128 + 100, 8128 + 50]));
  world.do(moveLaid(PAGE, first!.id, (now) => ({ ...now, x: now.x + 100, turn: 8 }), { isAlone: true }));
  expect(placed().map(({ x, turn }) => [x, turn])).toEqual([
    [200, 8],
    [8228, 0],
    [16356, 0],
    [24484, 0],
  ]);
});

test('a letter taken off is out for the page, and can be laid again by itself', () => {
  lay('MOTH');
  world.do(takeOff(PAGE, [placed()[3]!.id]));
  const page = world.bench.pages.get(PAGE)!;
  expect(nextOf({ lot: 'puffy', amounts: puffy().claimed[PAGE]! }, page, 'letters')).toEqual({
    lot: 'puffy',
    part: 'H',
  });
});

test('worn letters are marked on their set, and no more', () => {
  expect(world.do(markWorn('puffy', 'O', 2))).toBe(true);
  expect(world.bench.lots.get('puffy')!.worn).toEqual({ O: 2 });
  world.do(markWorn('puffy', 'O', 0));
  expect(world.bench.lots.get('puffy')!.worn).toEqual({});
  expect(world.do(markWorn('dots', 'O', 1))).toBe(false);
});
