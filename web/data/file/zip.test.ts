import 'fake-indexeddb/auto';
import { strToU8, zipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { StockDb } from '../stockDb';
import type { BenchFile } from './contents';
import { readBenchFile } from './benchFile';
import { inlinePictures } from './inlinePictures';
import { readFile, saveWhatCanBe } from './readZip';
import { putInPlace } from './replaceBench';
import { sweepHalfRead } from './whileReading';
import { writeZip } from './writeZip';
import { ok } from '../../../core/ground/result';

const demo = readBenchFile(readFileSync(new URL('../../../demo/bench.json', import.meta.url), 'utf8')).value!;
const ofDemo = {
  file: demo,
  eachPicture: async (take: (picture: ReturnType<typeof inlinePictures>[number]) => Promise<void>) => {
    for (const picture of inlinePictures(demo.pictures)) await take(picture);
    return ok(null);
  },
};

async function demoZip(): Promise<{ db: StockDb; zip: Uint8Array<ArrayBuffer> }> {
  const db = new StockDb(`zip-${Math.random()}`);
  await putInPlace(db, ofDemo);
  return { db, zip: new Uint8Array(await (await writeZip(db))!.arrayBuffer()) };
}

/** Whether a file is read whole, pictures and all. */
async function isRead(zip: Uint8Array<ArrayBuffer>): Promise<boolean> {
  const read = await readFile(new Blob([zip]));
  return read.ok && (await read.value.eachPicture(() => Promise.resolve())).ok;
}

test('no bit of it can turn over and the file still be read as whole with something else in it', async () => {
  const { zip } = await demoZip();
  expect(await isRead(zip)).toBe(true);
  const said = (await readFile(new Blob([zip]))).value!.file;
  // Bits all over it: most of them in bench.json, which stands at the front.
  const text = zip.findIndex((_, i) => [0x50, 0x4b, 3, 4].every((byte, k) => zip[i + k] === byte) && i > 0);
  for (let n = 0; n < 120; n++) {
    const at = n < 90 ? text + 40 + n * 61 : Math.floor((zip.length * (n - 90)) / 30);
    const bent = zip.slice();
    bent[at]! ^= 1 << (n % 8);
    const read = await readFile(new Blob([bent]));
    // What is not noticed changes nothing that is read: an attribute of the zip itself.
    if (read.ok && (await read.value.eachPicture(() => Promise.resolve())).ok) expect(read.value.file).toEqual(said);
  }
});

test('a zip cut off anywhere behind its bench.json gives back every entry and page', async () => {
  const { zip } = await demoZip();
  for (const share of [0.5, 0.9, 0.99]) {
    const cut = zip.slice(0, zip.length * share);
    expect(await isRead(cut)).toBe(false);
    const saved = (await saveWhatCanBe(new Blob([cut])))!;
    expect(saved.file.events).toHaveLength(demo.events.length);
    expect(saved.file.pages).toHaveLength(demo.pages.length);
  }
});

/** A zip of a bench as another program may make it. */
const madeOf = (bench: BenchFile, more: Record<string, Uint8Array> = {}) =>
  new Blob([zipSync({ 'bench.json': strToU8(JSON.stringify(bench)), ...more }) as Uint8Array<ArrayBuffer>]);

test.each<[string, BenchFile['pictures'], string]>([
  ['is no base64', [{ id: 'a', type: 'image/png', data: '§§' }], '/pictures/0/data'],
  ['is a drawing in SVG', [{ id: 'a', type: 'image/png', data: btoa('<svg xmlns="x"/>') }], '/pictures/0/data'],
  [
    'is in a file that is another’s too',
    ['a', 'b'].map((id) => ({ id, type: 'image/png', file: 'pictures/1.png', size: 1, sha256: '0'.repeat(64) })),
    '/pictures/1/file',
  ],
])('a picture that %s is refused at its place', async (_, pictures, at) => {
  const read = await readFile(madeOf({ ...demo, pictures: [...pictures, ...demo.pictures] }));
  expect(read.error).toMatchObject({ at });
});

test('a member that stands twice is refused in words', async () => {
  const once = new Uint8Array(await madeOf(demo, { 'bench.jsom': strToU8('{}') }).arrayBuffer());
  // Both names in the zip: at the member itself, and in the table at its end.
  const name = strToU8('bench.jsom');
  const twice = once.slice();
  once.forEach((_, i) => {
    if (name.every((byte, k) => once[i + k] === byte)) twice[i + name.length - 1] = 'n'.charCodeAt(0);
  });
  expect((await readFile(new Blob([twice]))).error).toMatchObject({ kind: 'damaged' });
});

test('pictures of a file whose reading was killed are swept at the next start', async () => {
  const { db } = await demoZip();
  await db.incoming.put({ id: 'half', type: 'image/png', bytes: new ArrayBuffer(8) });
  await sweepHalfRead(db);
  expect(await db.incoming.count()).toBe(0);
  expect(await db.images.count()).toBe(demo.pictures.length);
});
