import { err, type Result } from '../../../core/ground/result';
import { broughtUp, checkForm } from './benchFile';
import { blankOf, type BlankTable } from './blanks';
import { EMPTY_FILE, type BenchFile } from './contents';
import type { FileError } from './fileError';
import { STAGES, type Problem } from './problems';

/** What could be saved of a damaged file, and what was left out: where each was, and why. */
export interface Salvaged {
  readonly file: BenchFile;
  readonly lost: readonly FileError[];
}

type Row = Record<string, unknown>;
const isRow = (value: unknown): value is Row => typeof value === 'object' && value !== null && !Array.isArray(value);

/** A file whose rows are looked at one by one. */
type Rows = BenchFile & Record<string, unknown[]>;

const LISTS = (Object.keys(EMPTY_FILE) as (keyof BenchFile)[]).filter((key) => Array.isArray(EMPTY_FILE[key]));

const partsOf = (at: string): string[] =>
  at
    .split('/')
    .slice(1)
    .map((part) => part.replaceAll('~1', '/').replaceAll('~0', '~'));

/** Takes what a pointer names out of the value it starts from. */
function takeOut(from: unknown, path: readonly string[]): void {
  const [first, ...rest] = path;
  if (first === undefined || typeof from !== 'object' || from === null) return;
  if (rest.length > 0) takeOut((from as Row)[first], rest);
  else if (Array.isArray(from)) from.splice(Number(first), 1);
  else delete (from as Row)[first];
}

/** Records that are whole or are none: a plan or an entry of which a part is left out would say something else. */
const UNDIVIDED: readonly string[] = ['events', 'plans', 'pictures'];

/** So many faults of one record are mended; one worse than that is left out. */
const MOST_FAULTS = 40;

/**
 * One record with as little left out of it as makes its form right: the field that is wrong, then what that field is
 * in; what must be there comes from a blank.
 * @returns null where nothing is left of it
 */
function mendedRow(table: string, row: unknown, tell: (at: string, message: string) => void): unknown {
  let now = structuredClone(row);
  for (let faults = 0; faults < MOST_FAULTS; faults++) {
    const checked = checkForm({ ...EMPTY_FILE, [table]: [now] });
    if (checked.ok) return now;
    const [, , ...path] = partsOf(checked.error.at);
    if (UNDIVIDED.includes(table) || !isRow(now)) break;
    if (path.length > 0) {
      tell(`/${path.join('/')}`, checked.error.message);
      takeOut(now, path);
      continue;
    }
    const filled: Row = { ...blankOf(table), ...now };
    if (Object.keys(filled).length === Object.keys(now).length) break;
    now = filled;
  }
  tell('', 'it cannot be read');
  return null;
}

/** Every record with a form that is right, or left out. */
function mendForm(file: Rows, lost: FileError[]): void {
  for (const table of LISTS) {
    const rows: unknown[] = Array.isArray(file[table]) ? file[table] : [];
    if (file[table] !== rows) lost.push({ kind: 'wrong', at: `/${table}`, message: 'it is no list' });
    const isWhole = checkForm({ ...EMPTY_FILE, [table]: rows }).ok;
    const kept = isWhole
      ? rows
      : rows.flatMap((row, i) => {
          const mended = mendedRow(table, row, (at, message) =>
            lost.push({ kind: 'wrong', at: `/${table}/${i}${at}`, message }),
          );
          return mended === null ? [] : [mended];
        });
    (file as Record<string, unknown>)[table] = kept;
  }
}

/** A blank record in place of one that is lost, so that what rests on it stays. */
function standIn(file: Rows, table: BlankTable, key: string): void {
  if (!file[table].some(({ id }) => id === key)) (file[table] as unknown[]).push({ ...blankOf(table), id: key });
}

const ITEM_PICTURE = /^\/(?:faces|lots|pages)\/\d+(?:\/items\/\d+)?\/picture$/;
const PLACE_OF_PHOTO = /^\/pages\/(\d+)\/photos\/(\d+)\/photo$/;
const FACE_OF_LOT = /^\/lots\/(\d+)\/(front|back)$/;
const PLACED = /^(\/pages\/\d+\/placed\/\d+)/;

/** Mends one fault with the least harm: what names nothing that is bad stays. */
function mend(file: Rows, { at, missing }: Problem): void {
  const table = missing?.table;
  if (missing && (table === 'kits' || table === 'stories')) return standIn(file, table, missing.key);
  // Papers cut or things out for it stay so.
  if (missing && (table === 'pages' || table === 'claimants')) return standIn(file, 'pages', missing.key);
  const [, page, place] = PLACE_OF_PHOTO.exec(at) ?? [];
  const photo = file.pages[Number(page)]?.photos[Number(place)];
  if (photo) return void Object.assign(photo, { photo: null });
  const [, lot, side] = FACE_OF_LOT.exec(at) ?? [];
  const two = file.lots[Number(lot)];
  if (two && side !== undefined) return void Object.assign(two, { [side]: null });
  const [, laid] = PLACED.exec(at) ?? [];
  const path = partsOf(laid ?? at);
  takeOut(file, laid !== undefined || ITEM_PICTURE.test(at) ? path : path.slice(0, 2));
}

/** So often a stage is gone through again: what is left out may be what something else rested on. */
const MOST_ROUNDS = 50;

function mendStage(file: Rows, problemsOf: (file: BenchFile) => Iterable<Problem>, lost: FileError[]): boolean {
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const problems = [...problemsOf(file)];
    if (problems.length === 0) return true;
    lost.push(...problems.map(({ kind, at, message }) => ({ kind, at, message })));
    // From the end, so that the places of those before stay right; what stands at one place goes once.
    const byPlace = new Map(problems.map((one) => [one.at, one]));
    for (const one of [...byPlace.values()].toReversed()) mend(file, one);
  }
  return false;
}

/** Files of version 1 are read whole, or without the rows that are wrong. */
function upgraded(json: Row): Result<BenchFile, FileError> {
  const file = structuredClone(json);
  for (let tries = 0; tries < MOST_FAULTS; tries++) {
    const read = broughtUp(file);
    const path = read.ok ? [] : partsOf(read.error.at).slice(0, 2);
    if (read.ok || path.length < 2) return read;
    takeOut(file, path);
  }
  return err({ kind: 'wrong', at: '', message: 'too much of it is wrong' });
}

/**
 * Saves what can be saved of a file, with the least harm: a picture that is gone takes its photo with it, but the
 * photo's place on its page stays; an entry that breaks a rule is passed over, and with it only those that rest on it;
 * a record keeps all of its fields but those that are wrong.
 * @returns null where nothing of it can be used
 */
export function salvage(json: unknown): Salvaged | null {
  if (!isRow(json)) return null;
  const raised = json['version'] === 1 ? upgraded(json) : broughtUp(structuredClone(json));
  if (!raised.ok) return null;
  const lost: FileError[] = [];
  const file = Object.fromEntries(Object.entries(raised.value).filter(([key]) => key in EMPTY_FILE)) as unknown as Rows;
  if (file.version !== EMPTY_FILE.version) return null;
  mendForm(file, lost);
  for (const stage of STAGES) if (!mendStage(file, stage, lost)) return null;
  // What was mended last may be what an earlier stage rests on.
  const isWhole = STAGES.every((stage) => mendStage(file, stage, lost)) && checkForm(file).ok;
  return isWhole ? { file, lost } : null;
}
