import 'fake-indexeddb/auto';
import Dexie, { type Subscription } from 'dexie';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { inches } from '../../core/length';
import { pagesOfStory } from '../../core/photos';
import type { MeasuredDesign, Photo } from '../../core/things';
import { db, undo } from './acts';
import { EMPTY_FILE, readBenchFile, replaceBench, writeBenchFile, type BenchFile } from './benchFile';
import { benchStore, followBench } from './benchStore';
import { dropDesign, keepDesign, readDesignText } from './designActs';
import { changePage, chooseDesign, startPage } from './pageActs';
import { changePhoto, changeStory, removePhoto, startStoryPages } from './photoActs';
import { StockDb } from './stockDb';

const photo = (id: string): Photo => ({
  id,
  story: 's',
  name: id,
  image: 'i',
  w: inches(6),
  h: inches(4),
  colours: [],
  added: '2026-11-05',
});
const file: BenchFile = {
  ...EMPTY_FILE,
  stories: [{ id: 's', name: 'A night', date: '2026-09-12', place: 'the wall' }],
  photos: [photo('p'), photo('q')],
  images: [{ id: 'i', type: 'image/png', data: 'AAEC/w==' }],
};
const bench = () => benchStore.getState().bench;
const own: MeasuredDesign = {
  id: 'mine',
  name: 'Low strip',
  page: { w: inches(12), h: inches(12), spread: false },
  layers: [{ name: 'ground', x: 0, y: 0, w: inches(12), h: inches(12), turn: 0 }],
  title: null,
  journaling: null,
};

let following: Subscription;
beforeAll(() => {
  following = followBench(db);
});
afterAll(() => following.unsubscribe());
beforeEach(async () => {
  await replaceBench(db, file);
  await expect
    .poll(() => bench().photos.size === 2 && bench().pages.size === 0 && bench().designs.size === 0)
    .toBe(true);
});

describe('a photo', () => {
  test('of another print size changes the pages that are still ideas, in one act', async () => {
    const id = (await startPage({
      format: { w: inches(12), h: inches(12), spread: false },
      design: 'l-shape',
      mat: 0,
      photos: [{ photo: 'p', w: inches(6), h: inches(4) }],
      papers: {},
    }))!;
    await changePhoto(
      bench().photos.get('p')!,
      (now) => ({ ...now, w: inches(4), h: inches(4) }),
      'Another size',
      bench().pages,
    );
    expect(bench().pages.get(id)!.photos[0]).toMatchObject({ w: inches(4), h: inches(4) });
    await undo();
    expect(bench().pages.get(id)!.photos[0]).toMatchObject({ w: inches(6) });
    expect(bench().photos.get('p')!.w).toBe(inches(6));
  });
  test('keeps all that is said of it through a file', async () => {
    const said: Partial<Photo> = {
      taken: '2026-09-12 23:10',
      dots: { w: 3000, h: 2000 },
      crop: { x: 0.1, y: 0, w: 0.6, h: 0.9 },
      isPrinted: true,
      isGrey: true,
      looks: 'left',
      keep: [{ x: 0.2, y: 0.2, w: 0.3, h: 0.3 }],
    };
    await changePhoto(bench().photos.get('p')!, (now) => ({ ...now, ...said }), 'Said much', bench().pages);
    await changeStory(bench().stories.get('s')!, (now) => ({ ...now, pages: 3, people: 'the band' }), 'Three pages');
    const text = await writeBenchFile(db);
    const read = readBenchFile(text);
    expect(read.error).toBeNull();
    expect(read.value!.photos.find(({ id }) => id === 'p')).toMatchObject(said);
    expect(read.value!.stories[0]).toMatchObject({ pages: 3, people: 'the band' });
  });
  test('is taken away, and brought back', async () => {
    await removePhoto(bench().photos.get('q')!);
    expect(bench().photos.has('q')).toBe(false);
    await undo();
    expect(bench().photos.has('q')).toBe(true);
  });
});

test("a story's pages begin in one act, each with its photos", async () => {
  const { pages } = pagesOfStory(
    [...bench().photos.values()],
    { w: inches(12), h: inches(12), spread: false },
    inches(1 / 8),
    2,
  );
  await startStoryPages(bench().stories.get('s')!, pages, inches(1 / 8));
  expect(
    [...bench().pages.values()].map(({ title, date, place, photos }) => [title, date, place, photos.length]).sort(),
  ).toEqual([
    ['A night, 1', '2026-09-12', 'the wall', 1],
    ['A night, 2', '2026-09-12', 'the wall', 1],
  ]);
  await undo();
  expect(bench().pages.size).toBe(0);
});

describe('a design of her own', () => {
  test('is kept, chosen and dropped; the page keeps it, also through a file', async () => {
    await keepDesign(own);
    const id = (await startPage({
      format: own.page,
      design: 'l-shape',
      mat: 0,
      photos: [],
      papers: { upright: 'x' },
    }))!;
    await changePage(bench().pages.get(id)!, { moves: { 'upright-1': { dx: 1, dy: 0, turn: 0, lift: 0 } } }, 'Moved');
    await chooseDesign(bench().pages.get(id)!, { design: own.id, own: bench().designs.get('mine') });
    expect(bench().pages.get(id)).toMatchObject({ design: 'mine', own, papers: {}, moves: {} });
    await dropDesign(own);
    expect(bench().designs.size).toBe(0);
    const read = readBenchFile(await writeBenchFile(db));
    expect(read.error).toBeNull();
    expect(read.value!.pages[0]!.own).toEqual(own);
  });
  test.each([
    ['{', ''],
    [
      '{"format":"other","version":1,"name":"x","page":{"w":12,"h":12},"layers":[{"name":"a","x":0,"y":0,"w":1,"h":1}]}',
      '/format',
    ],
    ['{"format":"nubbin-design","version":1,"name":"x","page":{"w":12,"h":12},"layers":[]}', '/layers'],
    [
      '{"format":"nubbin-design","version":1,"name":"x","page":{"w":12,"h":12},"layers":[{"name":"a","x":0,"y":0,"w":0,"h":1}]}',
      '/layers/0/w',
    ],
  ])('%s is refused at %j', (text, at) => {
    expect(readDesignText(text)).toMatchObject({ ok: false, error: { at } });
  });
});

test('a database from before there were designs opens, with all that was in it', async () => {
  const old = new Dexie('from-before');
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
  await old.table('stories').add(file.stories[0]);
  old.close();
  const now = new StockDb('from-before');
  expect(await now.stories.toArray()).toEqual(file.stories);
  expect(await now.designs.toArray()).toEqual([]);
  now.close();
});
