import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { pageState, plansFor } from '../../../core/page/cutlist';
import { makeCut, outFor } from '../../../core/acts';
import { type Bench } from '../../../core/stock/bench';
import { cutsNow, unbalanced } from '../../../core/acts/test/world';
import { commitAct } from '../actStore';
import { readBench } from '../benchReader';
import { readBenchFile } from '../file/benchFile';
import { EMPTY_FILE, FILE_VERSION } from '../file/contents';
import { putInPlace } from '../file/replaceBench';
import { actTables, StockDb } from '../stockDb';
import { ok } from '../../../core/ground/result';

const fixture = (name: string): string => readFileSync(new URL(`./fixtures/${name}`, import.meta.url), 'utf8');

async function seen(db: StockDb): Promise<Bench> {
  return (await db.transaction('r', actTables(db), () => readBench(db))).bench;
}

/** Cuts everything that waits for a page. */
async function cutUp(db: StockDb, page: string): Promise<void> {
  for (let [step] = cutsNow(await seen(db), page); step; [step] = cutsNow(await seen(db), page))
    expect((await commitAct(db, makeCut(step), '2026-11-30')).error).toBeNull();
}

/** What must hold of the bench that the code of before left in the middle of its cuts. */
async function goesOn(db: StockDb, ids: { alone: string; b: string; c: string; d: string }): Promise<void> {
  const bench = await seen(db);
  const state = (id: string) => pageState(bench.pages.get(id)!, bench);
  expect([state(ids.alone), state(ids.b), state(ids.c), state(ids.d)]).toEqual([
    'planned',
    'planned',
    'planned',
    'cut',
  ]);
  expect(plansFor(bench.plans, ids.b, bench.ledger)).toEqual(plansFor(bench.plans, ids.c, bench.ledger));
  expect(unbalanced(bench)).toEqual([]);
  expect(outFor(bench, ids.c).amounts).toEqual([{ lot: 'dots', amounts: { '': 5 } }]);
  expect(outFor(bench, ids.b).toCut.length).toBeGreaterThan(0);
  for (const id of [ids.alone, ids.b, ids.c]) await cutUp(db, id);
  const after = await seen(db);
  for (const id of [ids.alone, ids.b, ids.c]) expect(pageState(after.pages.get(id)!, after)).toBe('cut');
  expect(unbalanced(after)).toEqual([]);
}

test('a database of version 3, in the middle of its cuts, opens and is cut to its end', async () => {
  const { pages, rows } = JSON.parse(fixture('database-v3.json')) as {
    pages: { alone: string; b: string; c: string; d: string };
    rows: Record<string, object[]>;
  };
  const old = new Dexie('from-v3');
  old
    .version(1)
    .stores({
      kits: 'id',
      faces: 'id',
      lots: 'id, kit',
      stories: 'id',
      photos: 'id, story',
      images: 'id',
      pages: 'id',
      drafts: 'id',
      events: '++seq, id',
      acts: '++seq',
      meta: 'key',
    });
  old.version(2).stores({ designs: 'id', sharings: 'id' });
  old.version(3).stores({ wishes: 'id', thumbs: 'id' });
  for (const [name, list] of Object.entries(rows)) await old.table(name).bulkAdd(list);
  old.close();
  const db = new StockDb('from-v3');
  await goesOn(db, pages);
  expect(await db.acts.filter(({ did }) => did === undefined).count()).toBe(0);
  expect(await db.meta.get('setUp')).toBeDefined();
});

test('a file of version 1 in the middle of its cuts is read and cut to its end', async () => {
  const { pages } = JSON.parse(fixture('database-v3.json')) as {
    pages: { alone: string; b: string; c: string; d: string };
  };
  const read = readBenchFile(fixture('cutting-v1.json'));
  expect(read.error).toBeNull();
  const db = new StockDb('from-file-v1');
  await putInPlace(db, { file: read.value!, eachPicture: () => Promise.resolve(ok(null)) });
  await goesOn(db, pages);
});

test('a file of version 1 with finished pages is read: pages are done, accounts as they were', () => {
  const read = readBenchFile(fixture('bench-v1.json'));
  expect(read.error).toBeNull();
  const { pages, plans, lots, events } = read.value!;
  expect(pages.every(({ finished, glued }) => finished !== null && glued !== null)).toBe(true);
  expect(plans).toEqual([]);
  expect(lots.length).toBeGreaterThan(20);
  expect(events.length).toBe((JSON.parse(fixture('bench-v1.json')) as { events: unknown[] }).events.length);
});

test('a file of a later version is refused with a sentence that says so', () => {
  expect(readBenchFile(JSON.stringify({ ...EMPTY_FILE, version: FILE_VERSION + 1 }))).toMatchObject({
    ok: false,
    error: { kind: 'too-new', at: '/version' },
  });
});
