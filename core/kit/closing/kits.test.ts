import { describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import {
  beginPage,
  changeLot,
  changePage,
  closeKit,
  cutInStash,
  decided,
  decideOn,
  finishPage,
  gatherKit,
  gluePage,
  joinLetters,
  nameItems,
  openKit,
  partWith,
  put,
  putBack,
  putInto,
  putOnPage,
  takeKitApart,
  takeOut,
  takeSomeOut,
} from '../../acts';
import { BARE_PAGE, unpackedWorld, type World } from '../../acts/test/world';
import type { Punch } from '../../stock/things';
import {
  accountOf,
  borrowingsOf,
  couldBecome,
  gaveTo,
  keptFor,
  layoutsOf,
  leftOf,
  neverUsed,
  placeAmong,
  sheetsOf,
} from '.';

const kitOf = ({ bench }: World) => bench.kits.get('k')!;
const names = (world: World) =>
  leftOf(kitOf(world), world.bench).map(({ lot, keys, fate }) => [lot.name, keys.length, fate?.for ?? null]);

describe('what is left of a kit', () => {
  test('pieces alike are one thing, and part where something else is decided of one of them', () => {
    const world = unpackedWorld();
    expect(names(world)).toEqual([
      ['inks', 2, null],
      ['lamps', 2, null],
      ['blushes', 2, null],
      ['dots', 1, null],
      ['letters', 1, null],
    ]);
    world.do(decideOn('k', { keys: ['inks-2'], fate: { for: 'kit' } }));
    expect(names(world).slice(0, 2)).toEqual([
      ['inks', 1, null],
      ['inks', 1, 'kit'],
    ]);
  });

  test('a kit closes when everything is decided, opens again, and undo takes each back', () => {
    const world = unpackedWorld();
    expect(world.do(closeKit('k'))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'undecided', name: 'inks' });
    const keys = leftOf(kitOf(world), world.bench).flatMap((thing) => thing.keys);
    expect(world.do(decideOn('k', { keys, fate: { for: 'stash' }, place: 'case B' }))).toBe(true);
    expect(world.bench.ledger.lots.get('dots')!.place).toBe('case B');
    expect(world.do(closeKit('k'))).toBe(true);
    expect(kitOf(world).closed).toBe('2026-11-05');
    expect([world.do(closeKit('k')), world.do(openKit('k')), kitOf(world).closed]).toEqual([false, true, undefined]);
    world.undo();
    world.undo();
    world.undo();
    expect([kitOf(world).fates, world.bench.ledger.lots.get('dots')!.place]).toEqual([undefined, '']);
  });

  test('what comes back after it was closed is undecided', () => {
    const world = unpackedWorld();
    world.do(beginPage('p', BARE_PAGE));
    world.do(takeSomeOut('dots', { '': 24 }, 'p'));
    world.do(
      decideOn('k', { keys: leftOf(kitOf(world), world.bench).flatMap(({ keys }) => keys), fate: { for: 'kit' } }),
    );
    world.do(closeKit('k'));
    world.undo(2);
    expect(names(world).filter(([, , fate]) => fate === null)).toEqual([['dots', 1, null]]);
  });

  test('what is gone is refused, and a decision on it is forgotten with the next', () => {
    const world = unpackedWorld();
    expect(world.do(decideOn('nowhere', { keys: ['dots'], fate: null }))).toBe(false);
    expect(world.do(decideOn('k', { keys: ['nowhere'], fate: null }))).toBe(false);
    world.do(decideOn('k', { keys: ['dots', 'letters'], fate: { for: 'kit' } }));
    world.do(decideOn('k', { keys: ['dots'], fate: null }));
    expect(kitOf(world).fates).toEqual({ letters: { for: 'kit' } });
  });
});

test('what was kept for a month comes back in that month, with for whom', () => {
  const world = unpackedWorld();
  world.do(decideOn('k', { keys: ['dots'], fate: { for: 'month', month: '2027-03', whom: 'Wren' } }));
  expect(keptFor('2027-02', world.bench)).toEqual([]);
  expect(keptFor('2027-03', world.bench)).toMatchObject([{ whom: 'Wren', thing: { key: 'dots' } }]);
  expect(keptFor('2028-01', world.bench)).toHaveLength(1);
});

test('a thing belongs where the nearest in colour of its kind lies, of another kit', () => {
  const world = unpackedWorld();
  const { bench } = world;
  const other = (id: string, front: string) => ({ ...bench.lots.get('inks')!, id, kit: 'older', front });
  const lots = new Map([...bench.lots, ['a', other('a', 'ink')], ['b', other('b', 'blush')]]);
  const state = bench.ledger.lots.get('inks')!;
  const ledger = {
    ...bench.ledger,
    lots: new Map([
      ...bench.ledger.lots,
      ['a', { ...state, lot: 'a', place: 'blue drawer' }],
      ['b', { ...state, lot: 'b', place: 'pink drawer' }],
    ]),
  };
  const stash = { ...bench, lots, ledger };
  expect(['inks', 'blushes', 'dots'].map((id) => placeAmong(lots.get(id)!, stash))).toEqual([
    'blue drawer',
    'pink drawer',
    null,
  ]);
});

test('a kit gave to the pages on which something of it lies, between the day it came and the last that was done', () => {
  const world = unpackedWorld();
  expect(gaveTo(kitOf(world), world.bench)).toEqual({ pages: [], came: '2026-11-05', lastDone: null });
  world.do(beginPage('p', BARE_PAGE));
  world.do(takeSomeOut('dots', { '': 3 }, 'p'));
  world.do(putOnPage('p', [{ lot: 'dots', amounts: { '': 3 } }]));
  expect(gaveTo(kitOf(world), world.bench)).toMatchObject({ pages: [{ title: 'Moths' }], lastDone: null });
  world.do(gluePage('p', []));
  world.do(finishPage('p'));
  expect(gaveTo(kitOf(world), world.bench).lastDone).toBe(world.bench.pages.get('p')!.finished);
});

describe('what a piece could still become', () => {
  const piece = (w: number, h: number, missing: { x: number; y: number; w: number; h: number }[] = []) => ({
    w: inches(w),
    h: inches(h),
    missing,
  });
  const circle = (d: number): Punch => ({ shape: 'circle', size: inches(d), reach: null });

  // A 4x4 photo's mat with 1/8 in to show is 4 1/4 x 4 1/4: two in a row of 12 x 5 3/4. Common practice, no source.
  test('mats for the largest photo that waits, cards, strips and the largest shape', () => {
    const four = { w: inches(4), h: inches(4) };
    const found = couldBecome(piece(12, 5.75), [four, { w: inches(2), h: inches(2) }], [circle(1), circle(2)]);
    expect(found).toMatchObject([
      { kind: 'mats', count: 2, photo: four },
      { kind: 'cards', count: 2, size: { w: inches(4), h: inches(6) } },
      { kind: 'strips', count: 5, length: inches(12) },
      { kind: 'shapes', punch: { size: inches(2) } },
    ]);
    // Two rows of six would be there in squares alone.
    expect(found[3]!.count).toBeGreaterThanOrEqual(12);
  });
  // Two upright mats of 4 1/4 x 6 1/4 and one lying beneath: no more can be had by straight cuts.
  test('rows either way round on one sheet', () => {
    const [mats] = couldBecome(piece(12, 12), [{ w: inches(6), h: inches(4) }], []);
    expect(mats).toMatchObject({ kind: 'mats', count: 3 });
  });
  test('of a small piece only what it holds; of one with a gap what its largest whole part holds', () => {
    expect(couldBecome(piece(1, 1.5), [], [circle(2)])).toEqual([]);
    expect(couldBecome(piece(1, 1.5), [], [circle(1)])).toMatchObject([{ kind: 'shapes', count: 1 }]);
    const holed = piece(12, 12, [{ x: 0, y: 0, w: inches(12), h: inches(9) }]);
    expect(couldBecome(holed, [], [])).toMatchObject([
      { kind: 'cards', count: 3, size: { w: inches(3), h: inches(4) } },
      { kind: 'strips', count: 3, length: inches(12) },
    ]);
  });
});

test('what was never used lies there as it came: nothing of it cut, out, given or in another kit', () => {
  const world = unpackedWorld();
  const never = (id = 'k') => neverUsed({ id }, world.bench).map(({ name }) => name);
  expect(never()).toEqual(['inks', 'lamps', 'blushes']);
  world.do(partWith({ pieces: ['inks-1'], lots: [] }, { how: 'given' }));
  expect(never()).toEqual(['lamps', 'blushes']);
  const own = { id: 'own', club: '', name: 'Sloe', month: '2026-12', theme: [], list: '', gathered: '' };
  world.do(gatherKit(own, [{ piece: 'lamps-1' }, { piece: 'lamps-2' }]));
  expect([never(), never('own')]).toEqual([['blushes'], ['lamps']]);
});

describe('a kit of her own', () => {
  const own = { id: 'own', club: '', name: 'Sloe', month: '2026-12', theme: [], list: '', gathered: 'moths' };
  const gathered = () => {
    const world = unpackedWorld();
    world.do(beginPage('p', BARE_PAGE));
    world.do(takeSomeOut('dots', { '': 4 }, 'p'));
    world.do(putOnPage('p', [{ lot: 'dots', amounts: { '': 4 } }]));
    world.do(gatherKit(own, [{ piece: 'inks-1' }, { lot: 'dots', parts: [''] }]));
    return world;
  };
  test('has what was put into it, and its account is of that alone', () => {
    const world = gathered();
    expect(leftOf(own, world.bench).map(({ lot, amounts }) => [lot.name, amounts])).toEqual([
      ['inks', {}],
      ['dots', { '': 20 }],
    ]);
    expect(names(world).map(([name, n]) => [name, n])).toEqual([
      ['inks', 1],
      ['lamps', 2],
      ['blushes', 2],
      ['letters', 1],
    ]);
    // What was used before it was gathered is none of its.
    expect(gaveTo(own, world.bench).pages).toEqual([]);
    world.do(takeSomeOut('dots', { '': 3 }, 'p'));
    world.do(putOnPage('p', [{ lot: 'dots', amounts: { '': 3 } }]));
    expect(gaveTo(own, world.bench).pages.map(({ id }) => id)).toEqual(['p']);
    const [dots] = accountOf('own', world.bench).counted;
    expect(dots?.balance).toMatchObject({ received: 20, onPages: 3, left: 17 });
  });
  test('taken apart, all that is left goes back; its record stays where something was made of it', () => {
    const world = gathered();
    world.do(takeKitApart('own'));
    expect(world.bench.kits.has('own')).toBe(false);
    expect(leftOf(kitOf(world), world.bench)).toHaveLength(5);
    world.undo();
    world.do(takeSomeOut('dots', { '': 20 }, 'p'));
    world.do(takeKitApart('own'));
    expect(world.bench.kits.get('own')?.closed).toBe('2026-11-05');
  });
  test('taken apart after it was shared out from, its record stays for the share-out', () => {
    const world = gathered();
    const sharing = { id: 's', day: '2026-11-05', kits: ['k', 'own'], pages: [], wanted: 0 };
    world.do(() => decided('shared-out', '', { records: [put('sharings', sharing)] }));
    expect(world.do(takeKitApart('own'))).toBe(true);
    expect([world.bench.kits.has('own'), leftOf(own, world.bench)]).toEqual([true, []]);
  });
  test('what was decided of a thing is forgotten when it goes back', () => {
    const world = gathered();
    world.do(decideOn('own', { keys: ['inks-1', 'dots'], fate: { for: 'kit' } }));
    expect(world.do(putBack('own', [{ piece: 'inks-1' }]))).toBe(true);
    expect(world.bench.kits.get('own')?.fates).toEqual({ dots: { for: 'kit' } });
    // Gone back, it cannot go back again; nor into a kit that a club sent.
    expect(world.do(putBack('own', [{ piece: 'inks-1' }]))).toBe(false);
    expect(world.do(putInto('k', [{ piece: 'inks-1' }]))).toBe(false);
  });
  test('what is told apart of a pack in it is in it, too', () => {
    const world = gathered();
    world.do(nameItems('dots', [{ name: 'moth', count: 5 }]));
    const [dots] = leftOf(own, world.bench).filter(({ lot }) => lot.id === 'dots');
    expect(Object.values(dots?.amounts ?? {}).sort()).toEqual([15, 5]);
  });
});

test('letters put with another set are there, and told in both', () => {
  const world = unpackedWorld();
  world.do((bench) =>
    decided('changed-lot', '', {
      records: [put('lots', { ...bench.lots.get('letters')!, id: 'older', name: 'older' })],
    }),
  );
  expect(world.do(joinLetters('letters', { A: 2, B: 1 }, 'older'))).toBe(true);
  expect(world.bench.ledger.lots.get('older')!.here).toEqual({ A: 2, B: 1 });
  expect(world.bench.ledger.lots.get('letters')!.here).toEqual({ C: 3 });
  expect(world.do(joinLetters('letters', { C: 1 }, 'dots'))).toBe(false);
});

test('what a page borrows of the parts for another layout, and what is paid back', () => {
  const world = unpackedWorld();
  world.do(changeLot('dots', { forLayout: 1 }));
  world.do(changeLot('inks', { forLayout: 2 }));
  world.do(beginPage('first', BARE_PAGE));
  world.do(beginPage('second', BARE_PAGE));
  world.do(changePage('first', { kitLayout: { kit: 'k', nth: 1 } }));
  world.do(changePage('second', { kitLayout: { kit: 'k', nth: 2 } }));
  const told = (id: string) =>
    borrowingsOf(world.bench.pages.get(id)!, world.bench).map(({ from, borrowed, paidBack, owes }) => [
      from,
      borrowed.map(({ lot, count }) => [lot.name, count]),
      paidBack.map(({ lot, count }) => [lot.name, count]),
      owes,
    ]);
  expect(layoutsOf({ id: 'k' }, world.bench)).toEqual([1, 2]);
  expect(told('first')).toEqual([]);
  world.do(takeOut({ pieces: ['inks-1', 'inks-2'], lots: [] }, 'first'));
  expect(told('first')).toEqual([[2, [['inks', 2]], [], 2]]);
  world.do(takeSomeOut('dots', { '': 1 }, 'second'));
  expect(told('first')).toEqual([[2, [['inks', 2]], [['dots', 1]], 1]]);
  expect(told('second')).toEqual([[1, [['dots', 1]], [['inks', 2]], -1]]);
  // A page that follows no layout borrows from none.
  world.do(changePage('first', { kitLayout: undefined }));
  expect([told('first'), told('second')]).toEqual([[], [[1, [['dots', 1]], [], 1]]]);
});

test('every sheet is told with its parts where they lay, and they are all of it, however often it is cut', () => {
  const world = unpackedWorld();
  const part = (id: string, x: number, y: number, w: number, h: number, role: 'nubbin' | 'waste' = 'nubbin') => ({
    id,
    x: inches(x),
    y: inches(y),
    w: inches(w),
    h: inches(h),
    role,
  });
  const cut = (piece: string, into: ReturnType<typeof part>[]) =>
    world.do(cutInStash('cut-in-stash', [{ type: 'cut', piece, page: null, into }]));
  cut('inks-1', [part('a', 0, 0, 5, 12), part('b', 5, 0, 7, 12)]);
  cut('b', [part('c', 0, 0, 7, 4), part('d', 0, 4, 7, 8, 'waste')]);
  const sheet = sheetsOf(kitOf(world), world.bench).find(({ id }) => id === 'inks-1')!;
  expect(sheet.parts.map(({ id, x, y, where }) => [id, x / inches(1), y / inches(1), where])).toEqual([
    ['a', 0, 0, 'here'],
    ['c', 5, 0, 'here'],
    ['d', 5, 4, 'waste'],
  ]);
  expect(sheet.parts.reduce((sum, { w, h }) => sum + w * h, 0)).toBe(sheet.w * sheet.h);
  expect(sheetsOf(kitOf(world), world.bench)).toHaveLength(6);
});
