import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { readBench } from '../benchReader';
import { actTables, type StockDb } from '../stockDb';
import { contentsOf, FILE_VERSION, type BenchFile, type Contents, type PictureEntry } from './contents';
import { manifestOf } from './manifest';
import { extensionOf, sha256 } from './pictureBytes';

/** How far long work is, 0 to 1, and whether it is to be given up. */
export interface Going {
  readonly onDone?: (done: number) => void;
  readonly isStopped?: () => boolean;
}

/** Pieces of the zip are gathered into blobs of about this size, so that no one string or array holds all of it. */
const PART = 8e6;

/** No times: equal benches give equal files. */
const NO_TIME = new Date(1980, 0, 1);

/**
 * Everything as a zip: `bench.json`, and each picture as a file beside it with its checksum in `bench.json`. Pictures
 * are read one by one.
 * @returns null when it was stopped
 */
export async function writeZip(db: StockDb, going: Going = {}): Promise<Blob | null> {
  const { bench } = await db.transaction('r', actTables(db), () => readBench(db));
  return zipOf(db, contentsOf(bench), going);
}

/** `bench.json` and the manifest that tells its checksum. */
async function addText(zip: Zip, json: BenchFile): Promise<void> {
  const text = new TextEncoder().encode(`${JSON.stringify(json, null, 1)}\n`);
  const manifest = new TextEncoder().encode(manifestOf(await sha256(text)));
  for (const [name, bytes] of [
    ['manifest.json', manifest],
    ['bench.json', text],
  ] as const) {
    const member = new ZipDeflate(name, { level: 6 });
    member.mtime = NO_TIME;
    zip.add(member);
    member.push(bytes, true);
  }
}

/** A zip of contents, with the pictures of the database. */
export async function zipOf(
  db: StockDb,
  contents: Contents,
  { onDone = () => undefined, isStopped = () => false }: Going,
): Promise<Blob | null> {
  const parts: Blob[] = [];
  let open: Uint8Array<ArrayBuffer>[] = [];
  let size = 0;
  const gather = (chunk: Uint8Array<ArrayBuffer> | null): void => {
    if (chunk) {
      open.push(chunk);
      size += chunk.length;
    }
    if (chunk && size < PART) return;
    parts.push(new Blob(open));
    open = [];
    size = 0;
  };
  let trouble: Error | null = null;
  const zip = new Zip((error, chunk) => {
    if (error) trouble = error;
    else gather(chunk as Uint8Array<ArrayBuffer>);
  });
  const ids = (await db.images.toCollection().primaryKeys()).sort();
  const pictures: PictureEntry[] = [];
  const steps = 2 * ids.length + 1;
  for (const [i, id] of ids.entries()) {
    if (isStopped()) return null;
    const image = await db.images.get(id);
    if (!image) continue;
    const bytes = new Uint8Array(image.bytes);
    const file = `pictures/${String(i + 1).padStart(5, '0')}.${extensionOf(image.type)}`;
    pictures.push({ id, type: image.type, file, size: bytes.length, sha256: await sha256(bytes) });
    onDone((i + 1) / steps);
  }
  // First what is said of them: a zip that is cut off then still says everything but its last pictures.
  const json: BenchFile = { format: 'nubbin-bench', version: FILE_VERSION, ...contents, pictures };
  await addText(zip, json);
  for (const [i, picture] of pictures.entries()) {
    if (isStopped()) return null;
    const image = await db.images.get(picture.id);
    if (!image || !('file' in picture)) continue;
    // Pictures are packed already; they are stored as they are.
    const entry = new ZipPassThrough(picture.file);
    entry.mtime = NO_TIME;
    zip.add(entry);
    entry.push(new Uint8Array(image.bytes), true);
    onDone((ids.length + i + 1) / steps);
  }
  zip.end();
  if (trouble) throw trouble as Error;
  gather(null);
  onDone(1);
  return new Blob(parts, { type: 'application/zip' });
}
