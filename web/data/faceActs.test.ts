import 'fake-indexeddb/auto';
import type { Subscription } from 'dexie';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test, vi } from 'vitest';
import { inches } from '../../core/length';
import { db, undo } from './acts';
import { EMPTY_FILE, readBenchFile, replaceBench, writeBenchFile } from './benchFile';
import { benchStore, followBench } from './benchStore';
import { clubList, clubMonths } from './club';
import { changeFace, picturePaper } from './faceActs';
import { pictureOf } from './images';

const face = { id: 'f', name: 'moths', pattern: 'moths' as const, colours: [{ hex: '#22314f', share: 1 }] };
const bench = () => benchStore.getState().bench;

let following: Subscription;
beforeAll(() => {
  following = followBench(db);
});
afterAll(() => following.unsubscribe());
beforeEach(async () => {
  await replaceBench(db, { ...EMPTY_FILE, faces: [face] });
  await expect.poll(() => bench().faces.get('f')).toEqual(face);
});

describe('a face', () => {
  test("takes the picture of its paper and that picture's colours in one act, through a file, and gives them back", async () => {
    const colours = [
      { hex: '#1f2f55', share: 0.8 },
      { hex: '#f6d27a', share: 0.2 },
    ];
    await picturePaper(
      face,
      { bytes: new Uint8Array([1, 2, 3]).buffer, type: 'image/jpeg', colours },
      { w: inches(12), h: inches(9) },
    );
    expect(bench().faces.get('f')).toMatchObject({ colours, picture: { w: inches(12), h: inches(9) } });
    const read = readBenchFile(await writeBenchFile(db));
    expect(read.error).toBeNull();
    expect(read.value!.images).toHaveLength(1);
    await undo();
    expect(bench().faces.get('f')).toEqual(face);
  });
  test('a picture that is nowhere is refused at its place', async () => {
    await changeFace(
      face,
      (now) => ({ ...now, words: ['good night'], picture: { image: 'gone', w: 5, h: 5 } }),
      'Words',
    );
    expect(readBenchFile(await writeBenchFile(db))).toMatchObject({
      ok: false,
      error: { kind: 'nothing-there', at: '/faces/0/picture/image' },
    });
  });
});

test("a photo's picture is what of it is printed, once it is loaded", () => {
  const photo = {
    id: 'p',
    story: 's',
    name: '',
    image: 'i',
    w: 1,
    h: 1,
    colours: [],
    added: '2026-11-05',
    crop: { x: 0, y: 0, w: 0.5, h: 1 },
    isGrey: true,
  };
  expect(pictureOf(photo, new Map([['i', 'blob:x']]))).toEqual({ url: 'blob:x', crop: photo.crop, isGrey: true });
  expect(pictureOf(photo, new Map())).toBeUndefined();
  expect(pictureOf(undefined, new Map())).toBeUndefined();
});

describe('the club', () => {
  afterEach(() => {
    vi.unstubAllGlobals();
  });
  test('that does not answer, or refuses, gives nothing', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
    expect([await clubMonths(), await clubList('2026-12')]).toEqual([null, null]);
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('{}', { status: 404 })));
    expect(await clubList('1999-01')).toBeNull();
  });
  test('tells its months', async () => {
    vi.stubGlobal('fetch', () =>
      Promise.resolve(
        new Response(JSON.stringify({ lists: [{ club: 'The Oddment Post', name: 'Heron Lock', month: '2026-12' }] })),
      ),
    );
    expect(await clubMonths()).toMatchObject([{ month: '2026-12' }]);
  });
});
