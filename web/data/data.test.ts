import 'fake-indexeddb/auto';
import { nanoid } from 'nanoid';
import { beforeEach, describe, expect, test } from 'vitest';
import { balanceOf } from '../../core/ledger';
import { EMPTY_FILE, readBenchFile, replaceBench, writeBenchFile, type BenchFile } from './benchFile';
import { commitAct, currentLedger, LedgerRefusal, redoAct, undoAct, undoable } from './ledgerStore';
import { StockDb } from './stockDb';

const DAY = '2026-11-05';
const kit = { id: 'k', club: 'The Oddment Post', name: 'Moth Lantern', month: '2026-11', theme: ['moth'], list: '' };
const face = { id: 'f', name: 'moths', pattern: 'moths' as const, colours: [{ hex: '#22314f', share: 1 }] };
const lot = {
  id: 'l',
  kit: 'k',
  kind: 'paper' as const,
  name: 'moths',
  measure: 'sheets' as const,
  size: { w: 9, h: 9 },
  front: 'f',
  back: null,
  upright: false,
  note: '',
  line: 1,
};
const file: BenchFile = {
  ...EMPTY_FILE,
  kits: [kit],
  faces: [face],
  lots: [lot],
  stories: [{ id: 's', name: 'A night', date: '2026-10', place: '' }],
  photos: [{ id: 'p', story: 's', name: 'moon', image: 'i', w: 6, h: 4, colours: [], added: DAY }],
  images: [{ id: 'i', type: 'image/png', data: 'AAEC/w==' }],
  events: [{ id: 'e1', day: DAY, type: 'received', lot: 'l', pieces: [{ id: 'm1', w: 9, h: 9 }] }],
};

let db: StockDb;
beforeEach(() => {
  db = new StockDb(`test-${nanoid()}`);
});

describe('acts', () => {
  const receive = {
    label: 'Put away',
    events: [{ type: 'received', lot: 'l', pieces: [{ id: 'm1', w: 9, h: 9 }] }] as const,
    changes: [{ table: 'lots', key: 'l', after: lot }] as const,
  };

  test('an act is written whole, undone whole and done again whole', async () => {
    await commitAct(db, receive, DAY);
    expect((await currentLedger(db)).ledger.pieces.get('m1')?.where).toBe('here');
    expect(await undoAct(db, DAY)).toBe('Put away');
    expect((await currentLedger(db)).ledger.pieces.size).toBe(0);
    expect(await db.lots.get('l')).toBeUndefined();
    expect(await undoable(db)).toEqual({ canUndo: null, canRedo: 'Put away' });
    await redoAct(db, DAY);
    expect((await currentLedger(db)).ledger.pieces.get('m1')?.where).toBe('here');
    expect(await db.lots.get('l')).toEqual(lot);
    await undoAct(db, DAY);
    expect((await currentLedger(db)).ledger.pieces.size).toBe(0);
  });

  test('a refused act leaves nothing behind', async () => {
    await commitAct(db, receive, DAY);
    await expect(
      commitAct(
        db,
        {
          label: 'Twice',
          events: [
            { type: 'recycled', piece: 'm1' },
            { type: 'given', piece: 'm1' },
          ],
          changes: [{ table: 'lots', key: 'l', after: null }],
        },
        DAY,
      ),
    ).rejects.toThrow(LedgerRefusal);
    expect(await db.events.count()).toBe(1);
    expect(await db.lots.get('l')).toEqual(lot);
    expect((await undoable(db)).canUndo).toBe('Put away');
  });

  test('a second window sees what the first wrote', async () => {
    const other = new StockDb(db.name);
    await commitAct(db, receive, DAY);
    await commitAct(other, { label: 'Recycle', events: [{ type: 'recycled', piece: 'm1' }] }, DAY);
    expect(balanceOf((await currentLedger(db)).ledger, 'l').area).toMatchObject({
      received: 81,
      recycled: 81,
      left: 0,
    });
    await expect(commitAct(db, { label: 'Give', events: [{ type: 'given', piece: 'm1' }] }, DAY)).rejects.toThrow(
      'piece-not-here',
    );
  });
});

describe('the file', () => {
  test('written, read on an empty bench and written again, it is identical', async () => {
    await replaceBench(db, file);
    const text = await writeBenchFile(db);
    const other = new StockDb(`test-${nanoid()}`);
    await replaceBench(other, readBenchFile(text).value!);
    expect(await writeBenchFile(other)).toBe(text);
    expect(JSON.parse(text)).toEqual(file);
  });

  const broken = (change: (copy: BenchFile) => unknown): string => {
    const copy = structuredClone(file);
    change(copy);
    return JSON.stringify(copy);
  };
  test.each<[string, string, string, string]>([
    ['cut short', JSON.stringify(file).slice(0, 80), 'not-json', ''],
    ['of another program', '{"hello":1}', 'not-ours', '/format'],
    ['no object', '[]', 'not-ours', '/format'],
    ['with an unknown key', broken((f) => Object.assign(f.kits[0]!, { price: 3 })), 'wrong', '/kits/0/price'],
    ['with a key missing', broken((f) => delete (f.lots[0] as { kind?: string }).kind), 'wrong', '/lots/0'],
    ['with a broken length', broken((f) => Object.assign(f.photos[0]!, { w: 0.5 })), 'wrong', '/photos/0/w'],
    ['with an id twice', broken((f) => f.kits.push(kit)), 'same-id', '/kits/1/id'],
    [
      'with a kit that is nowhere',
      broken((f) => Object.assign(f.lots[0]!, { kit: 'gone' })),
      'nothing-there',
      '/lots/0/kit',
    ],
    [
      'with an event of no known type',
      broken((f) => Object.assign(f.events[0]!, { type: 'lost' })),
      'wrong',
      '/events/0',
    ],
    [
      'with a ledger that breaks a rule',
      broken((f) => f.events.push({ id: 'e2', day: DAY, type: 'given', piece: 'm9' })),
      'ledger',
      '/events/1',
    ],
  ])('%s is refused with its place', (_, text, kind, at) => {
    expect(readBenchFile(text)).toMatchObject({ ok: false, error: { kind, at } });
  });
});

test('two changes of one record that cross each other both stand', async () => {
  await commitAct(db, { label: 'Kit', changes: [{ table: 'kits', key: 'k', after: kit }] }, DAY);
  await Promise.all([
    commitAct(
      db,
      { label: 'Month', changes: [{ table: 'kits', key: 'k', change: (now) => ({ ...now, month: '2026-12' }) }] },
      DAY,
    ),
    commitAct(
      db,
      { label: 'Club', changes: [{ table: 'kits', key: 'k', change: (now) => ({ ...now, club: 'Another' }) }] },
      DAY,
    ),
  ]);
  expect(await db.kits.get('k')).toEqual({ ...kit, month: '2026-12', club: 'Another' });
});
