import validate from '../../../docs/formats/bench.schema.json?check';
import validateV1 from '../../../docs/formats/bench.v1.schema.json?check';
import { fold, stands } from '../../../core/ledger';
import { imagesOf, PICTURED, referencesOf, TABLES } from '../../../core/making';
import { founded } from '../../../core/placing';
import { err, ok, type Result } from '../../../core/result';
import { schemaCheck } from '../schemaCheck';
import { upgradeRows, type RowsV1 } from '../upgrades/fromVersion1';
import { EMPTY_FILE, FILE_VERSION, type BenchFile, type PictureEntry } from './contents';
import { heldIn } from '../../../core/heldIn';

/** Where a file is wrong, and how. */
export interface FileError {
  readonly kind:
    | 'not-json'
    | 'not-ours'
    | 'too-new'
    | 'wrong'
    | 'same-id'
    | 'nothing-there'
    | 'ledger'
    | 'damaged'
    | 'no-room'
    | 'stopped';
  readonly at: string;
  readonly message: string;
}

const check = schemaCheck<BenchFile>(validate);
const checkV1 = schemaCheck<
  Omit<BenchFile, 'version' | 'plans' | 'pictures' | 'pages'> & RowsV1 & { images: PictureEntry[] }
>(validateV1);

const wrong = (kind: FileError['kind'], at: string, message: string): Result<never, FileError> =>
  err({ kind, at, message });

function checkIds(file: BenchFile): Result<null, FileError> {
  for (const name of [...TABLES, 'pictures', 'events'] as const) {
    const seen = new Set<string>();
    for (const [i, { id }] of file[name].entries()) {
      if (seen.has(id)) return wrong('same-id', `/${name}/${i}/id`, `the id ${id} stands here for the second time`);
      seen.add(id);
    }
  }
  return ok(null);
}

/** Whatever one record says of another must be there; pictures too. */
function checkReferences(file: BenchFile): Result<null, FileError> {
  const ids = new Map<string, Set<string>>(
    [...TABLES, 'pictures' as const].map((name) => [name, new Set(file[name].map(({ id }) => id))]),
  );
  const missing = (at: string, id: string): Result<never, FileError> =>
    wrong('nothing-there', at, `${id} is nowhere in this file`);
  for (const name of TABLES)
    for (const [i, record] of file[name].entries()) {
      const broken = referencesOf(name, record as never).find((one) => !heldIn(ids, one.table).has(one.key));
      if (broken) return missing(`/${name}/${i}${broken.at}`, broken.key);
    }
  const pictures = heldIn(ids, 'pictures');
  for (const name of PICTURED)
    for (const [i, record] of file[name].entries()) {
      const broken = imagesOf(record).find(({ image }) => !pictures.has(image));
      if (broken) return missing(`/${name}/${i}${broken.at}`, broken.image);
    }
  return ok(null);
}

/**
 * The ledger keeps all its rules, and speaks of what is there: what was wholly taken back may be of things that are
 * not.
 */
function checkLedger(file: BenchFile): Result<null, FileError> {
  const folded = fold(file.events);
  if (!folded.ok) {
    const { kind, event, subject } = folded.error;
    const at = file.events.findIndex(({ id }) => id === event);
    return wrong('ledger', `/events/${at}`, `${kind.replaceAll('-', ' ')}: ${subject}`);
  }
  const ledger = folded.value;
  const lots = new Set(file.lots.map(({ id }) => id));
  const claimants = new Set([...file.pages, ...file.plans].map(({ id }) => id));
  for (const [i, event] of file.events.entries())
    if ('lot' in event && stands(ledger, event) && !lots.has(event.lot))
      return wrong('nothing-there', `/events/${i}/lot`, `${event.lot} is nowhere in this file`);
  const lost = [...ledger.pieces.values()].find(({ page }) => page !== null && !claimants.has(page));
  const lostLot = [...ledger.lots.values()].find(({ claimed, used }) =>
    [...Object.keys(claimed), ...Object.keys(used)].some((page) => !claimants.has(page)),
  );
  const of = lost?.id ?? lostLot?.lot;
  if (of !== undefined) {
    const at = file.events.findLastIndex(
      (event) => 'page' in event && event.page !== null && !claimants.has(event.page),
    );
    return wrong('nothing-there', `/events/${at}/page`, `${of} is out for a page that is nowhere in this file`);
  }
  const kits = new Set(file.kits.map(({ id }) => id));
  const inKits = [...ledger.pieces.values()].flatMap(({ kit }) => kit ?? []);
  const nowhere = [...inKits, ...[...ledger.lots.values()].flatMap((lot) => Object.values(lot.kits))].find(
    (kit) => !kits.has(kit),
  );
  if (nowhere !== undefined) {
    const at = file.events.findLastIndex((event) => event.type === 'gathered' && event.to === nowhere);
    return wrong('nothing-there', `/events/${at}/to`, `the kit ${nowhere} is nowhere in this file`);
  }
  for (const [i, { sheets }] of file.plans.entries())
    for (const [j, { stock }] of sheets.entries())
      if (!ledger.pieces.has(stock))
        return wrong('nothing-there', `/plans/${i}/sheets/${j}/stock`, `${stock} is no sheet of this file`);
  return ok(null);
}

/** What lies on a page is out for it, or used on it, each thing once. */
function checkPlaced({ pages, events }: BenchFile): Result<null, FileError> {
  const ledger = fold(events).value;
  if (!ledger) return ok(null);
  for (const [i, page] of pages.entries()) {
    const held = new Set(founded(page, ledger));
    const at = (page.placed ?? []).findIndex((one) => !held.has(one));
    if (at >= 0)
      return wrong(
        'nothing-there',
        `/pages/${i}/placed/${at}`,
        'what lies there is neither out for the page nor used on it',
      );
  }
  return ok(null);
}

const FURTHER = [checkIds, checkReferences, checkLedger, checkPlaced];

/** Versions that lack only what came since. */
const EARLIER: readonly unknown[] = [2, 3, 4, 5];

/** Checks a file whole, as JSON, before anything is written; files of earlier versions are brought up to this one. */
export function readBenchJson(json: unknown): Result<BenchFile, FileError> {
  const told = json as { format?: unknown; version?: unknown } | null;
  if (typeof told !== 'object' || told === null || told.format !== 'nubbin-bench')
    return wrong('not-ours', '/format', 'it was not written by Nubbin');
  if (typeof told.version === 'number' && told.version > FILE_VERSION)
    return wrong(
      'too-new',
      '/version',
      `it was written by a later Nubbin (version ${told.version} of the file; this one reads up to ${FILE_VERSION})`,
    );
  let file: BenchFile;
  if (told.version === 1) {
    const old = checkV1(json);
    if (!old.ok) return wrong('wrong', old.error.at, old.error.message);
    const { images, pages, events, ...rest } = old.value;
    // Files from before there were designs of her own, share-outs and wishes have none.
    file = { ...EMPTY_FILE, ...rest, version: FILE_VERSION, ...upgradeRows({ pages, events }), pictures: images };
  } else {
    // Versions since 2 knew fewer kinds of things, and are else the same.
    file = {
      ...EMPTY_FILE,
      ...(json as BenchFile),
      ...(EARLIER.includes(told.version) ? { version: FILE_VERSION } : {}),
    };
  }
  const checked = check(file);
  if (!checked.ok) return wrong('wrong', checked.error.at, checked.error.message);
  for (const further of FURTHER) {
    const held = further(checked.value);
    if (!held.ok) return held;
  }
  return ok(checked.value);
}

/** A file's text. */
export function readBenchFile(text: string): Result<BenchFile, FileError> {
  try {
    return readBenchJson(JSON.parse(text.replace(/^\ufeff/, '')));
  } catch (error) {
    return wrong('not-json', '', `it is not whole JSON: ${(error as Error).message}`);
  }
}
