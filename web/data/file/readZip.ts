import { err, ok, type Result } from '../../../core/ground/result';
import type { Image } from '../stockDb';
import { readBenchFile } from './benchFile';
import { type BenchFile, type PictureEntry } from './contents';
import type { FileError } from './fileError';
import { inlinePictures } from './inlinePictures';
import { readManifest } from './manifest';
import { isPicture, sha256 } from './pictureBytes';
import { salvage } from './salvage';
import type { Going } from './writeZip';
import { readZipDirectory, type ZipDirectory } from './zipDirectory';
import { eachMember, isZip } from './zipMembers';
import { heldIn } from '../../../core/ground/heldIn';

/** A file that was checked, and its pictures one by one. */
export interface CheckedFile {
  readonly file: BenchFile;
  /** Hands each picture over, checked against its checksum. */
  readonly eachPicture: (take: (picture: Image) => Promise<void>, going?: Going) => Promise<Result<null, FileError>>;
}

const wrong = (kind: FileError['kind'], at: string, message: string): Result<never, FileError> =>
  err({ kind, at, message });

/** The text of `bench.json`, or of a file that is it; null where there is none. `isAsWritten`: as the manifest has it. */
interface Told {
  readonly text: string | null;
  readonly isAsWritten: boolean;
}

async function readTextOf(blob: Blob, directory?: ZipDirectory): Promise<Told> {
  if (!(await isZip(blob))) return { text: await blob.text(), isAsWritten: true };
  const found: { text: string | null; sha: string; told: string | null } = { text: null, sha: '', told: null };
  await eachMember(
    blob,
    {
      wants: (name) => name === 'bench.json' || name === 'manifest.json',
      take: async (name, bytes) => {
        const text = new TextDecoder().decode(bytes);
        if (name === 'manifest.json') found.told = readManifest(text);
        else Object.assign(found, { text, sha: await sha256(bytes) });
      },
      ...(directory ? { directory } : {}),
    },
    { isStopped: () => found.text !== null },
  );
  return { text: found.text, isAsWritten: found.told === null || found.told === found.sha };
}

/** The text of a file that is whole: the zip's own checks and the manifest's hold. */
async function readWholeText(blob: Blob): Promise<Result<string, FileError>> {
  try {
    const directory = (await isZip(blob)) ? await readZipDirectory(blob) : null;
    if (directory && !directory.ok) return directory;
    const { text, isAsWritten } = await readTextOf(blob, directory?.value);
    if (text === null) return wrong('not-ours', '', 'there is no bench.json in it');
    if (!isAsWritten) return wrong('damaged', '', 'its bench.json is not as it was written');
    return ok(text);
  } catch (error) {
    return wrong('damaged', '', `the zip is damaged: ${(error as Error).message}`);
  }
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
  const end = await eachMember(
    blob,
    {
      wants: (name) => wanted.has(name),
      take: async (name, bytes) => {
        const { id, type, sha256: told, i } = heldIn(wanted, name);
        wanted.delete(name);
        if (!isPicture(bytes)) broken ??= wrong('damaged', `/pictures/${i}`, `${name} is no JPEG, PNG or WebP picture`);
        else if ((await sha256(bytes)) === told) await take({ id, type, bytes: bytes.buffer });
        else broken ??= wrong('damaged', `/pictures/${i}`, `the picture ${name} is damaged`);
      },
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
  const text = await readWholeText(blob);
  if (!text.ok) return text;
  const file = readBenchFile(text.value);
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
    await eachMember(blob, {
      wants: (name) => byFile.has(name),
      take: async (name, bytes) => {
        const one = heldIn(byFile, name);
        if (isPicture(bytes) && (await sha256(bytes)) === one.sha256) whole.add(one.id);
      },
    });
  } catch {
    // Cut off, or broken further on: what came before it is whole.
  }
  return whole;
}

/** Whether the zip's own table holds for its bench.json; a zip whose table is cut off says nothing against it. */
async function isTrueToItsTable(blob: Blob): Promise<boolean> {
  const directory = (await isZip(blob)) ? await readZipDirectory(blob) : null;
  if (!directory?.ok) return true;
  return readTextOf(blob, directory.value).then(
    () => true,
    () => false,
  );
}

const NOT_AS_WRITTEN: FileError = {
  kind: 'damaged',
  at: '',
  message: 'bench.json is damaged: a name, a size or a count in it may differ from what was written',
};

/** Saves what can be saved of a damaged file; null where that is nothing. */
export async function saveWhatCanBe(blob: Blob): Promise<Saved | null> {
  let json: { pictures?: PictureEntry[] };
  let isAsWritten: boolean;
  try {
    const told = await readTextOf(blob);
    json = JSON.parse(told.text ?? '') as typeof json;
    isAsWritten = told.isAsWritten && (await isTrueToItsTable(blob));
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
    lost: [
      ...(isAsWritten ? [] : [NOT_AS_WRITTEN]),
      ...lostPictures.map(({ id: _, ...error }) => error),
      ...saved.lost,
    ],
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
