import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { nanoid } from 'nanoid';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, test } from 'vitest';
import { opposite, type LedgerEvent } from '../../../core/stock/ledger';
import { readBench } from '../benchReader';
import { setUpOnce } from '../setUp';
import { actTables, StockDb } from '../stockDb';
import { readBenchFile, readBenchJson } from './benchFile';
import { benchSchemaText } from './benchSchema';
import { contentsOf, EMPTY_FILE, type BenchFile } from './contents';
import { readFile, saveWhatCanBe } from './readZip';
import { putInPlace } from './replaceBench';
import { salvage } from './salvage';
import { writeZip } from './writeZip';

const DAY = '2026-11-05';
/** How a PNG begins, and a little more: as much as is looked at of a picture. */
const PNG_BYTES = [0x89, 0x50, 0x4e, 0x47, 0, 1, 2, 255];
const PNG = btoa(String.fromCharCode(...PNG_BYTES));
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
const received: LedgerEvent = {
  id: 'e1',
  day: DAY,
  type: 'received',
  lot: 'l',
  pieces: [
    { id: 'm1', w: 9, h: 9 },
    { id: 'm2', w: 9, h: 9 },
  ],
};
const photo = (n: number) => ({
  id: `p${n}`,
  story: 's',
  name: 'moon',
  image: `i${n}`,
  w: 6,
  h: 4,
  colours: [],
  added: DAY,
});
const file: BenchFile = {
  ...EMPTY_FILE,
  kits: [{ id: 'k', club: 'The Oddment Post', name: 'Moth Lantern', month: '2026-11', theme: ['moth'], list: '' }],
  faces: [{ id: 'f', name: 'moths', pattern: 'moths', colours: [{ hex: '#22314f', share: 1 }] }],
  lots: [lot],
  stories: [{ id: 's', name: 'A night', date: '2026-10', place: '' }],
  photos: [1, 2].map(photo),
  pictures: [1, 2].map((n) => ({ id: `i${n}`, type: 'image/png', data: PNG })),
  events: [received],
};
const PICTURE = {
  image: 'nowhere',
  outline: [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 0.5, y: 1 },
  ],
};
const page = {
  id: 'p',
  format: { w: 9, h: 9, spread: false },
  design: 'grid',
  mat: 0,
  photos: [],
  papers: {},
  title: '',
  date: '',
  place: '',
  journaling: '',
  started: DAY,
  glued: null,
  finished: null,
};
const asBlob = (of: object): Blob => new Blob([JSON.stringify(of)]);

let db: StockDb;
beforeEach(() => {
  db = new StockDb(`test-${nanoid()}`);
});
async function put(blob: Blob): Promise<void> {
  const read = await readFile(blob);
  expect(read.error).toBeNull();
  expect((await putInPlace(db, read.value!)).error).toBeNull();
}
const known = async (of = db) => (await of.transaction('r', actTables(of), () => readBench(of))).bench;

test('the published schema is what the tables make it', () => {
  expect(readFileSync(new URL('../../../docs/formats/bench.schema.json', import.meta.url), 'utf8')).toBe(
    benchSchemaText(),
  );
});

describe('a zip of everything', () => {
  test('written, read on an empty bench and written again, it says the same, pictures and all', async () => {
    await put(asBlob(file));
    const zip = (await writeZip(db))!;
    const other = new StockDb(`test-${nanoid()}`);
    const read = (await readFile(zip)).value!;
    expect((await putInPlace(other, read)).error).toBeNull();
    expect(contentsOf(await known(other))).toEqual(contentsOf(await known()));
    expect(new Uint8Array((await other.images.get('i2'))!.bytes)).toEqual(new Uint8Array(PNG_BYTES));
    const again = (await writeZip(other))!;
    expect(new Uint8Array(await again.arrayBuffer())).toEqual(new Uint8Array(await zip.arrayBuffer()));
  });

  test('stopped while it is written, there is none; stopped while it is read, nothing of hers is touched', async () => {
    await put(asBlob(file));
    expect(await writeZip(db, { isStopped: () => true })).toBeNull();
    const zip = (await writeZip(db))!;
    const before = contentsOf(await known());
    const read = (await readFile(zip)).value!;
    expect(await putInPlace(db, read, { isStopped: () => true })).toMatchObject({ error: { kind: 'stopped' } });
    expect(contentsOf(await known())).toEqual(before);
    expect(await db.incoming.count()).toBe(0);
  });

  test('with a damaged picture it is refused at its place, and everything else can be saved', async () => {
    await put(asBlob(file));
    const zip = new Uint8Array(await (await writeZip(db))!.arrayBuffer());
    // The second picture's own bytes: they stand in the zip as they are.
    const at = zip.findLastIndex((_, i) => PNG_BYTES.every((byte, k) => zip[i + k] === byte));
    zip[at + 7] = 254;
    const damaged = new Blob([zip]);
    const read = (await readFile(damaged)).value!;
    const before = contentsOf(await known());
    expect(await putInPlace(db, read)).toMatchObject({ error: { kind: 'damaged', at: '/pictures/1' } });
    expect(contentsOf(await known())).toEqual(before);
    const saved = (await saveWhatCanBe(damaged))!;
    expect(saved.file.photos.map(({ id }) => id)).toEqual(['p1']);
    expect(saved.lost.map(({ at: place }) => place)).toContain('/pictures/1');
    expect((await putInPlace(db, saved)).error).toBeNull();
    expect(await db.images.count()).toBe(1);
  });

  test('cut off, it is refused, and what came before can be saved', async () => {
    await put(asBlob(file));
    const zip = (await writeZip(db))!;
    const cut = zip.slice(0, zip.size - 330);
    const read = await readFile(cut);
    const end = read.ok ? await putInPlace(db, read.value) : read;
    expect(end.ok).toBe(false);
    const saved = await saveWhatCanBe(cut);
    expect(saved?.file.lots).toHaveLength(1);
  });

  test.each([
    ['no file of ours', new Blob(['{"format":"other"}']), 'not-ours'],
    ['no JSON', new Blob(['PK is not at the beginning']), 'not-json'],
    ['nothing', new Blob([]), 'not-json'],
  ])('%s is refused', async (_, blob, kind) => {
    expect(await readFile(blob)).toMatchObject({ ok: false, error: { kind } });
    expect(await saveWhatCanBe(blob)).toBeNull();
  });
});

describe('a file is held to every law', () => {
  const half = (id: string, x: number, w: number) => ({ id, x, y: 0, w, h: 9, role: 'nubbin' as const });
  const cut: LedgerEvent = {
    id: 'c',
    day: DAY,
    type: 'cut',
    piece: 'm1',
    page: null,
    into: [half('a', 0, 4), half('b', 4, 5)],
  };
  const claim = { id: 'x', day: DAY, type: 'claimed', piece: 'm1', page: 'nowhere' };
  const withEvents = (...events: object[]) => ({ ...file, events: [received, ...events] });
  test.each<[string, object, string]>([
    ['an undo of other content', withEvents(cut, { ...opposite(cut, 'u', DAY), into: [half('a', 0, 4)] }), '/events/2'],
    ['parents in a ring', withEvents({ ...cut, into: [half('m1', 0, 4), half('b', 4, 5)] }), '/events/1'],
    [
      'one sheet twice in a receipt',
      { ...file, events: [{ ...received, pieces: [...received.pieces!, { id: 'm1', w: 9, h: 9 }] }] },
      '/events/0',
    ],
    [
      'a number past what is exact',
      { ...file, events: [{ ...received, pieces: [{ id: 'm1', w: 2 ** 53, h: 9 }] }] },
      '/events/0/pieces/0/w',
    ],
    ['a boolean for a number', { ...file, lots: [{ ...lot, line: true }] }, '/lots/0/line'],
    ['a claim for no page', withEvents(claim), '/events/1/page'],
    [
      'a piece in a kit of her own that is nowhere',
      withEvents({ id: 'g', day: DAY, type: 'gathered', piece: 'm1', from: null, to: 'own' }),
      '/events/1/to',
    ],
    ['a lot of no kit', { ...file, lots: [{ ...lot, kit: 'z' }] }, '/lots/0/kit'],
    [
      'an entry of no lot',
      withEvents({ id: 'x', day: DAY, type: 'received', lot: 'z', amounts: { '': 1 } }),
      '/events/1/lot',
    ],
    ['a picture that is nowhere', { ...file, pictures: [file.pictures[0]] }, '/photos/1/image'],
    [
      'a picture of a thing that is nowhere',
      { ...file, lots: [{ ...lot, items: [{ id: 'a', name: 'jar', picture: PICTURE }] }] },
      '/lots/0/items/0/picture',
    ],
    ['a month that is none', { ...file, kits: [{ ...file.kits[0], month: '2026-13' }] }, '/kits/0/month'],
    ['a day that is none', withEvents({ ...cut, day: '2026-11-32' }), '/events/1/day'],
    ['a year that is none', { ...file, photos: [{ ...photo(1), taken: '0000-01-01' }, photo(2)] }, '/photos/0/taken'],
    ['two of one id', { ...file, kits: [...file.kits, ...file.kits] }, '/kits/1/id'],
    [
      'a plan of unknown sheets',
      {
        ...file,
        pages: [page],
        plans: [
          {
            id: 'q',
            sheets: [
              {
                stock: 'z',
                copy: 1,
                cuts: [],
                nubbins: [],
                waste: [],
                pieces: [
                  {
                    id: 'w',
                    copy: 1,
                    part: 'A',
                    x: 0,
                    y: 0,
                    w: 9,
                    h: 9,
                    turned: false,
                    face: 'front',
                    page: 'p',
                    slot: 's',
                  },
                ],
              },
            ],
          },
        ],
      },
      '/plans/0/sheets/0/stock',
    ],
    ['amounts of nothing', withEvents({ id: 'x', day: DAY, type: 'given', lot: 'l', amounts: { '': 0 } }), '/events/1'],
  ])('%s is refused at its place', (_, json, at) => {
    expect(readBenchJson(JSON.parse(JSON.stringify(json)))).toMatchObject({ ok: false, error: { at } });
  });

  test('what a page keeps of its own order is read as it was written', async () => {
    const note = { id: 'n', day: DAY, words: 'less glue', isForNext: true as const };
    const own = {
      ...page,
      photos: [{ photo: 'p1', w: 6, h: 4, mats: [1, 2], rounded: 'outer' as const, border: 1 }],
      mayOverlap: true,
      apart: ['mat-1'],
      without: ['panel-1'],
      papers: { 'own mat-1': 'f' },
      picture: { image: 'i2', covered: [{ x: 0.1, y: 0.1, w: 0.2, h: 0.2 }] },
      notes: [note],
      versionOf: 'another',
      isTold: true as const,
    };
    const kits = file.kits.map((kit) => ({ ...kit, notes: [note] }));
    await put(asBlob({ ...file, kits, lots: [{ ...lot, notes: [note] }], pages: [own] }));
    const bench = await known();
    expect([...bench.pages.values()]).toEqual([own]);
    expect(bench.kits.get('k')?.notes).toEqual([note]);
    expect(bench.lots.get('l')?.notes).toEqual([note]);
  });

  test('a kit of her own keeps what was put into it', async () => {
    const own = { id: 'own', club: '', name: 'Sloe', month: '2026-12', theme: [], list: '', gathered: 'moths' };
    const events = [received, { id: 'g', day: DAY, type: 'gathered', piece: 'm1', from: null, to: 'own' }];
    await put(asBlob({ ...file, kits: [...file.kits, own], events }));
    const bench = await known();
    expect(bench.kits.get('own')).toEqual(own);
    expect(['m1', 'm2'].map((id) => bench.ledger.pieces.get(id)?.kit)).toEqual(['own', undefined]);
  });

  test('parts may be called anything at all', () => {
    const json = `{"constructor": 2, "__proto__": 3}`;
    const text = JSON.stringify(withEvents()).replace(
      '"events":[',
      `"events":[{"id":"z","day":"${DAY}","type":"received","lot":"l","amounts":${json}},`,
    );
    expect(readBenchFile(text).error).toBeNull();
  });

  test('what lies on a page and is neither out for it nor used on it is refused, and only that is left out', () => {
    const on = (id: string, piece: string) => ({ id, what: { piece }, x: 1, y: 1, turn: 0 });
    const laidOn = { ...page, placed: [on('a', 'm1'), on('b', 'm2')] };
    const json = { ...withEvents({ ...claim, page: 'p' }), pages: [laidOn] };
    expect(readBenchJson(json).error).toMatchObject({ kind: 'nothing-there', at: '/pages/0/placed/1' });
    expect(salvage(json)?.file.pages).toEqual([{ ...page, placed: [on('a', 'm1')] }]);
  });

  test('of papers, things and pages whose picture is gone only the picture is left out', () => {
    const items = [{ id: 'a', name: 'jar', picture: PICTURE }];
    const faces = file.faces.map((face) => ({ ...face, picture: { image: 'nowhere', w: 9, h: 9 } }));
    const pages = [{ ...page, picture: { image: 'nowhere' } }];
    const json = { ...file, faces, lots: [{ ...lot, items }], pages };
    expect(readBenchJson({ ...file, pages }).error).toMatchObject({ kind: 'nothing-there', at: '/pages/0/picture' });
    const saved = salvage(json);
    expect(saved?.file.pages).toEqual([page]);
    expect(saved?.file.faces).toEqual(file.faces);
    expect(saved?.file.lots).toEqual([{ ...lot, items: [{ id: 'a', name: 'jar' }] }]);
    expect(saved?.lost).toHaveLength(3);
  });

  test('whatever is broken in it, it is refused at a place, and what is saved of it is whole', () =>
    fc.assert(
      fc.property(fc.nat(), fc.constantFrom<unknown>(null, true, -1, 'x', [], {}, 1e30), (n, junk) => {
        const json = JSON.parse(JSON.stringify(withEvents(cut))) as Record<string, unknown>;
        const places: [Record<string, unknown>, string][] = [];
        const walk = (value: unknown): void => {
          if (typeof value !== 'object' || value === null) return;
          for (const key of Object.keys(value)) {
            places.push([value as Record<string, unknown>, key]);
            walk((value as Record<string, unknown>)[key]);
          }
        };
        walk(json);
        const [holder, key] = places[n % places.length]!;
        holder[key] = junk;
        const read = readBenchJson(json);
        if (!read.ok) expect(typeof read.error.at).toBe('string');
        const saved = salvage(json);
        if (saved) expect(readBenchJson(saved.file).error).toBeNull();
      }),
      { numRuns: 200 },
    ));
});

describe('the demo', () => {
  test('never replaces anything of hers', async () => {
    await db.table('drafts').put({ id: 'd', club: '', name: '', month: '2026-11', list: 'my own', here: {} });
    await setUpOnce(db);
    expect(await db.table('kits').count()).toBe(0);
    expect(await db.table('drafts').count()).toBe(1);
  });
  test('does not come again to a bench that was emptied', async () => {
    await put(asBlob(EMPTY_FILE));
    await setUpOnce(db);
    expect(await db.table('kits').count()).toBe(0);
  });
});
