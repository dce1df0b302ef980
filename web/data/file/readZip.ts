import { Unzip, UnzipInflate, UnzipPassThrough } from 'fflate';
import { err, ok, type Result } from '../../../core/result';
import type { Image } from '../stockDb';
import { readBenchFile, type FileError } from './benchFile';
import { type BenchFile, type PictureEntry } from './contents';
import { inlinePictures } from './inlinePictures';
import { sha256 } from './pictureBytes';
import { salvage } from './salvage';
import type { Going } from './writeZip';
import { heldIn } from '../../../core/heldIn';
import { nth } from '../../../core/nth';

/** A file that was checked, and its pictures one by one. */
export interface CheckedFile {
  readonly file: BenchFile;
  /** Hands each picture over, checked against its checksum. */
  readonly eachPicture: (take: (picture: Image) => Promise<void>, going?: Going) => Promise<Result<null, FileError>>;
}

const isZip = async (blob: Blob): Promise<boolean> => {
  const head = new Uint8Array(await blob.slice(0, 4).arrayBuffer());
  return head[0] === 0x50 && head[1] === 0x4b && nth(head, 2) <= 5 && nth(head, 3) <= 6;
};

/** Reads a zip in pieces and hands over each file that is asked for, whole. */
async function eachEntry(
  blob: Blob,
  wants: (name: string) => boolean,
  take: (name: string, bytes: Uint8Array<ArrayBuffer>) => Promise<void>,
  { onDone = () => undefined, isStopped = () => false }: Going = {},
): Promise<'whole' | 'stopped'> {
  const ready: { name: string; bytes: Uint8Array<ArrayBuffer> }[] = [];
  let trouble: Error | null = null;
  const unzip = new Unzip((entry) => {
    if (!wants(entry.name)) return;
    const parts: Uint8Array[] = [];
    entry.ondata = (error, chunk, isLast) => {
      if (error) trouble = error;
      parts.push(chunk);
      if (!isLast) return;
      const bytes = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
      parts.reduce((at, part) => {
        bytes.set(part, at);
        return at + part.length;
      }, 0);
      ready.push({ name: entry.name, bytes });
    };
    entry.start();
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);
  const reader = blob.stream().getReader();
  let read = 0;
  for (;;) {
    if (isStopped()) return 'stopped';
    const { value, done } = await reader.read();
    unzip.push(value ?? new Uint8Array(0), done);
    if (trouble) throw trouble as Error;
    for (const { name, bytes } of ready.splice(0)) await take(name, bytes);
    read += value?.length ?? 0;
    onDone(Math.min(1, read / Math.max(1, blob.size)));
    if (done) return 'whole';
  }
}

const wrong = (kind: FileError['kind'], at: string, message: string): Result<never, FileError> =>
  err({ kind, at, message });

async function readTextOf(blob: Blob): Promise<string | null> {
  if (!(await isZip(blob))) return blob.text();
  const found: { text: string | null } = { text: null };
  await eachEntry(
    blob,
    (name) => name === 'bench.json',
    async (_, bytes) => {
      found.text = new TextDecoder().decode(bytes);
    },
    { isStopped: () => found.text !== null },
  );
  return found.text;
}

/** The pictures of a file that lie beside its JSON in the zip, each checked. */
async function eachInZip(
  blob: Blob,
  pictures: readonly PictureEntry[],
  take: (picture: Image) => Promise<void>,
  going: Going,
): Promise<Result<null, FileError>> {
  const wanted = new Map(pictures.flatMap((one, i) => ('file' in one ? [[one.file, { ...one, i }] as const] : [])));
  if (wanted.size === 0) return ok(null);
  let broken: Result<never, FileError> | null = null;
  const end = await eachEntry(
    blob,
    (name) => wanted.has(name),
    async (name, bytes) => {
      const { id, type, sha256: told, i } = heldIn(wanted, name);
      wanted.delete(name);
      if ((await sha256(bytes)) === told) await take({ id, type, bytes: bytes.buffer });
      else broken ??= wrong('damaged', `/pictures/${i}`, `the picture ${name} is damaged`);
    },
    { ...going, isStopped: () => broken !== null || (going.isStopped?.() ?? false) },
  );
  if (broken) return broken;
  if (end === 'stopped') return wrong('stopped', '', 'it was stopped');
  const [missing] = wanted.values();
  return missing
    ? wrong('damaged', `/pictures/${missing.i}`, `the picture ${missing.file} is not in the zip`)
    : ok(null);
}

/** Reads what a file says, all but its pictures, and checks it whole. */
export async function readFile(blob: Blob): Promise<Result<CheckedFile, FileError>> {
  let text: string | null;
  try {
    text = await readTextOf(blob);
  } catch (error) {
    return wrong('damaged', '', `the zip is damaged: ${(error as Error).message}`);
  }
  if (text === null) return wrong('not-ours', '', 'there is no bench.json in it, or the zip is cut off before it');
  const file = readBenchFile(text);
  if (!file.ok) return file;
  const { pictures } = file.value;
  return ok({
    file: file.value,
    eachPicture: async (take, going = {}) => {
      for (const picture of inlinePictures(pictures)) await take(picture);
      try {
        return await eachInZip(blob, pictures, take, going);
      } catch (error) {
        return wrong('damaged', '/pictures', `the zip is damaged: ${(error as Error).message}`);
      }
    },
  });
}

/** What can be saved of a file that is damaged, and what of it is lost. */
export interface Saved extends CheckedFile {
  readonly lost: readonly FileError[];
}

/** The pictures of a zip that are whole, as far as it can be read. */
async function wholePictures(blob: Blob, pictures: readonly PictureEntry[]): Promise<Set<string>> {
  const whole = new Set(pictures.flatMap((one) => ('data' in one ? [one.id] : [])));
  const byFile = new Map(pictures.flatMap((one) => ('file' in one ? [[one.file, one] as const] : [])));
  try {
    await eachEntry(
      blob,
      (name) => byFile.has(name),
      async (name, bytes) => {
        const one = heldIn(byFile, name);
        if ((await sha256(bytes)) === one.sha256) whole.add(one.id);
      },
    );
  } catch {
    // Cut off, or broken further on: what came before it is whole.
  }
  return whole;
}

/** Saves what can be saved of a damaged file; null where that is nothing. */
export async function saveWhatCanBe(blob: Blob): Promise<Saved | null> {
  let json: { pictures?: PictureEntry[] };
  try {
    json = JSON.parse((await readTextOf(blob)) ?? '') as typeof json;
  } catch {
    return null;
  }
  const listed = Array.isArray(json?.pictures) ? json.pictures : [];
  const whole = await wholePictures(blob, listed);
  const saved = salvage({ ...json, pictures: listed.filter(({ id }) => whole.has(id)) });
  if (!saved) return null;
  const { file } = saved;
  const lostPictures = listed
    .map(({ id }, i): FileError & { id: string } => ({
      kind: 'damaged',
      at: `/pictures/${i}`,
      message: `the picture ${id} is damaged or missing`,
      id,
    }))
    .filter(({ id }) => !whole.has(id));
  return {
    file,
    lost: [...lostPictures.map(({ id: _, ...error }) => error), ...saved.lost],
    eachPicture: async (take, going = {}) => {
      for (const picture of inlinePictures(file.pictures)) await take(picture);
      try {
        return await eachInZip(blob, file.pictures, take, going);
      } catch {
        return ok(null);
      }
    },
  };
}
