import 'fake-indexeddb/auto';
import type { Subscription } from 'dexie';
import { afterAll, beforeAll, beforeEach, expect, test } from 'vitest';
import { balanceOf } from '../../core/ledger';
import { inches } from '../../core/length';
import { stripOffEvent } from '../../core/making';
import { act, db, redo, undo } from './acts';
import { EMPTY_FILE, readBenchFile, replaceBench, writeBenchFile, type BenchFile } from './benchFile';
import { benchStore, followBench } from './benchStore';
import { bringBack, correctCount, cutStripsOff, moveTo, partWith, putRight, takeOut } from './stashActs';
import { noteWish } from './wishActs';

const DAY = '2026-11-05';
const lot = (id: string, some = {}) => ({
  id,
  kit: 'k',
  kind: 'paper' as const,
  name: id,
  measure: 'sheets' as const,
  size: null,
  front: null,
  back: null,
  upright: false,
  note: '',
  line: 1,
  ...some,
});
const file: BenchFile = {
  ...EMPTY_FILE,
  kits: [{ id: 'k', club: '', name: 'Moth Lantern', month: '2026-11', theme: [], list: '' }],
  lots: [lot('moths'), lot('dots', { kind: 'dots', measure: 'count' })],
  events: [
    {
      id: 'e1',
      day: DAY,
      type: 'received',
      lot: 'moths',
      pieces: ['a', 'b', 'c'].map((id) => ({ id, w: inches(4), h: inches(4) })),
    },
    { id: 'e2', day: DAY, type: 'received', lot: 'dots', amounts: { '': 24 } },
  ],
};
const bench = () => benchStore.getState().bench;
const whereIs = (id: string): string => bench().ledger.pieces.get(id)!.where;

let following: Subscription;
beforeAll(() => {
  following = followBench(db);
});
afterAll(() => following.unsubscribe());
beforeEach(async () => {
  await replaceBench(db, file);
  await expect.poll(() => bench().ledger.events.size).toBe(2);
});

test('several things are given away in one act, what is out for a page stays; undo and redo take it back and forth', async () => {
  await act({ label: 'Out', events: [{ type: 'claimed', piece: 'a', page: 'p' }] });
  expect(await partWith({ pieces: ['a', 'b'], lots: ['dots'] }, { how: 'given' }, bench().ledger)).toBe(true);
  expect([whereIs('a'), whereIs('b'), bench().ledger.lots.get('dots')!.given]).toEqual([
    'claimed',
    'given',
    { '': 24 },
  ]);
  await undo();
  expect([whereIs('b'), bench().ledger.lots.get('dots')!.here]).toEqual(['here', { '': 24 }]);
  await redo();
  expect(whereIs('b')).toBe('given');
});

test('recycled, areas and counts still add up', async () => {
  await partWith({ pieces: ['a', 'c'], lots: ['dots'] }, { how: 'recycled' }, bench().ledger);
  const { area } = balanceOf(bench().ledger, 'moths');
  expect(area.recycled).toBe(2 * inches(4) ** 2);
  expect(area.received).toBe(area.left + area.recycled);
  expect(balanceOf(bench().ledger, 'dots').count).toMatchObject({ received: 24, recycled: 24, left: 0 });
});

test("a place is a paper's: all its pieces are kept there, and only what lies elsewhere is moved", async () => {
  await moveTo({ pieces: ['a', 'b'], lots: ['dots'] }, 'case B', bench().ledger);
  expect(['moths', 'dots'].map((id) => bench().ledger.lots.get(id)!.place)).toEqual(['case B', 'case B']);
  const before = bench().events.length;
  await moveTo({ pieces: ['c'], lots: [] }, 'case B', bench().ledger);
  expect(bench().events.length).toBe(before);
  await moveTo({ pieces: ['c'], lots: [] }, '', bench().ledger);
  expect(bench().ledger.lots.get('moths')!.place).toBe('');
});

test('several things go to the bench for the page in hand', async () => {
  await takeOut({ pieces: ['a', 'b'], lots: ['dots'] }, 'p', bench().ledger);
  expect([whereIs('a'), whereIs('b'), bench().ledger.lots.get('dots')!.claimed['p']]).toEqual([
    'claimed',
    'claimed',
    { '': 24 },
  ]);
});

test('a count is put right with its reason, and never below nothing', async () => {
  expect(await correctCount('dots', 'dots', { '': -2 }, 'two rolled off')).toBe(true);
  expect(bench().ledger.lots.get('dots')!.here).toEqual({ '': 22 });
  expect(bench().events.at(-1)).toMatchObject({ type: 'counted', reason: 'two rolled off' });
  expect(await correctCount('dots', 'dots', { '': -30 }, 'too many')).toBe(false);
  expect(bench().ledger.lots.get('dots')!.here).toEqual({ '': 22 });
});

test('what was sold, lent, brought back and missed balances, is undone act by act, and goes out in the file and in again', async () => {
  await partWith({ pieces: ['a'], lots: [] }, { how: 'sold' }, bench().ledger);
  await partWith({ pieces: ['b'], lots: ['dots'] }, { how: 'lent', to: 'a neighbour' }, bench().ledger);
  await putRight({ missed: ['c'], found: [], lots: {} }, 'stock take');
  expect(balanceOf(bench().ledger, 'moths').area).toMatchObject({
    sold: inches(4) ** 2,
    lent: inches(4) ** 2,
    corrected: -(inches(4) ** 2),
    left: 0,
  });
  await noteWish('1 x 12x12 cardstock slate');
  const text = await writeBenchFile(db);
  const read = readBenchFile(text);
  expect(read.error).toBeNull();
  await replaceBench(db, read.value!);
  await expect.poll(() => bench().wishes.size).toBe(1);
  expect(await writeBenchFile(db)).toBe(text);
  await bringBack({ pieces: ['b', 'c'], lots: ['dots'] }, bench().ledger);
  expect([whereIs('b'), whereIs('c'), bench().ledger.lots.get('dots')!.here]).toEqual(['here', 'missed', { '': 24 }]);
  await putRight({ missed: [], found: ['c'], lots: { dots: { '': -1 } } }, 'behind the tray');
  expect([whereIs('c'), bench().ledger.lots.get('dots')!.here]).toEqual(['here', { '': 23 }]);
  for (const expected of ['missed', 'missed'] as const) {
    await undo();
    expect(whereIs('c')).toBe(expected);
  }
  expect(whereIs('b')).toBe('lent');
});

test("makers' strips are cut off several sheets in one act", async () => {
  const pieces = ['a', 'b'].map((id) => bench().ledger.pieces.get(id)!);
  expect(await cutStripsOff(pieces.map((piece) => stripOffEvent(piece, 'foot', inches(1 / 2), '', '')))).toBe(true);
  expect(['a', 'a-rest', 'a-strip', 'b-strip'].map(whereIs)).toEqual(['cut', 'here', 'here', 'here']);
  await undo();
  expect(['a', 'b'].map(whereIs)).toEqual(['here', 'here']);
});
