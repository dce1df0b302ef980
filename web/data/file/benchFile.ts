import validate from '../../../docs/formats/bench.schema.json?check';
import validateV1 from '../../../docs/formats/bench.v1.schema.json?check';
import { err, ok, type Result } from '../../../core/ground/result';
import { schemaCheck } from '../schemaCheck';
import { upgradeRows, type RowsV1 } from '../upgrades/fromVersion1';
import { EMPTY_FILE, FILE_VERSION, type BenchFile, type PictureEntry } from './contents';
import type { FileError } from './fileError';
import { STAGES } from './problems';

const check = schemaCheck<BenchFile>(validate);
const checkV1 = schemaCheck<
  Omit<BenchFile, 'version' | 'plans' | 'pictures' | 'pages'> & RowsV1 & { images: PictureEntry[] }
>(validateV1);

const wrong = (kind: FileError['kind'], at: string, message: string): Result<never, FileError> =>
  err({ kind, at, message });

/** Versions that lack only what came since. */
const EARLIER: readonly unknown[] = [2, 3, 4, 5];

/** A file of ours, of whatever version, in the form of today's; what stands in it is not checked but for version 1. */
export function broughtUp(json: unknown): Result<BenchFile, FileError> {
  const told = json as { format?: unknown; version?: unknown } | null;
  if (typeof told !== 'object' || told === null || told.format !== 'nubbin-bench')
    return wrong('not-ours', '/format', 'it was not written by Nubbin');
  if (typeof told.version === 'number' && told.version > FILE_VERSION)
    return wrong(
      'too-new',
      '/version',
      `it was written by a later Nubbin (version ${told.version} of the file; this one reads up to ${FILE_VERSION})`,
    );
  if (told.version === 1) {
    const old = checkV1(json);
    if (!old.ok) return wrong('wrong', old.error.at, old.error.message);
    const { images, pages, events, ...rest } = old.value;
    // Files from before there were designs of her own, share-outs and wishes have none.
    return ok({ ...EMPTY_FILE, ...rest, version: FILE_VERSION, ...upgradeRows({ pages, events }), pictures: images });
  }
  // Versions since 2 knew fewer kinds of things, and are else the same.
  return ok({
    ...EMPTY_FILE,
    ...(json as BenchFile),
    ...(EARLIER.includes(told.version) ? { version: FILE_VERSION } : {}),
  });
}

/** Whether a file in today's form says what it says as the published schema has it. */
export function checkForm(file: BenchFile): Result<BenchFile, FileError> {
  const checked = check(file);
  return checked.ok ? checked : wrong('wrong', checked.error.at, checked.error.message);
}

/** Checks a file whole, as JSON, before anything is written; files of earlier versions are brought up to this one. */
export function readBenchJson(json: unknown): Result<BenchFile, FileError> {
  const file = broughtUp(json);
  if (!file.ok) return file;
  const checked = checkForm(file.value);
  if (!checked.ok) return checked;
  for (const problemsOf of STAGES) for (const problem of problemsOf(checked.value)) return err(problem);
  return checked;
}

/** A file's text. */
export function readBenchFile(text: string): Result<BenchFile, FileError> {
  try {
    return readBenchJson(JSON.parse(text.replace(/^\ufeff/, '')));
  } catch (error) {
    return wrong('not-json', '', `it is not whole JSON: ${(error as Error).message}`);
  }
}
