import { foldWhatHolds, stands, type Ledger, type LedgerEvent } from '../../../core/stock/ledger';
import { imagesOf, PICTURED, referencesOf, TABLES, type TableName } from '../../../core/stock/bench';
import { founded } from '../../../core/page/placing';
import { heldIn } from '../../../core/ground/heldIn';
import { looksLikePicture } from './pictureBytes';
import type { BenchFile } from './contents';
import type { FileError } from './fileError';

/** What is wrong in a file whose form is right; `missing` is the record or picture that is named and nowhere. */
export interface Problem extends FileError {
  readonly missing: { readonly table: TableName | 'pictures' | 'claimants'; readonly key: string } | null;
}

const problem = (
  kind: FileError['kind'],
  at: string,
  message: string,
  missing: Problem['missing'] = null,
): Problem => ({ kind, at, message, missing });
const nowhere = (at: string, table: TableName | 'pictures' | 'claimants', key: string): Problem =>
  problem('nothing-there', at, `${key} is nowhere in this file`, { table, key });

/** Every id once; every picture in a file of its own. */
export function* idProblems(file: BenchFile): Generator<Problem> {
  for (const name of [...TABLES, 'pictures', 'events'] as const) {
    const seen = new Set<string>();
    for (const [i, { id }] of file[name].entries()) {
      if (seen.has(id)) yield problem('same-id', `/${name}/${i}/id`, `the id ${id} stands here for the second time`);
      seen.add(id);
    }
  }
  const files = new Set<string>();
  for (const [i, picture] of file.pictures.entries()) {
    if (!('file' in picture)) continue;
    if (files.has(picture.file))
      yield problem('same-id', `/pictures/${i}/file`, `${picture.file} is another picture’s`);
    files.add(picture.file);
  }
}

/** Pictures that stand in the JSON itself are pictures. */
export function* inlineProblems({ pictures }: BenchFile): Generator<Problem> {
  for (const [i, picture] of pictures.entries())
    if ('data' in picture && !looksLikePicture(picture.data))
      yield problem('damaged', `/pictures/${i}/data`, 'it is no JPEG, PNG or WebP picture as base64');
}

/** Whatever one record says of another is there; pictures too. */
export function* referenceProblems(file: BenchFile): Generator<Problem> {
  const ids = new Map<string, Set<string>>(
    [...TABLES, 'pictures' as const].map((name) => [name, new Set(file[name].map(({ id }) => id))]),
  );
  for (const name of TABLES)
    for (const [i, record] of file[name].entries())
      for (const { at, table, key } of referencesOf(name, record as never))
        if (!heldIn(ids, table).has(key)) yield nowhere(`/${name}/${i}${at}`, table, key);
  const pictures = heldIn(ids, 'pictures');
  for (const name of PICTURED)
    for (const [i, record] of file[name].entries())
      for (const { at, image } of imagesOf(record))
        if (!pictures.has(image)) yield nowhere(`/${name}/${i}${at}`, 'pictures', image);
}

const isFor = (event: LedgerEvent, page: string): boolean =>
  ('page' in event && event.page === page) || (event.type === 'cut' && event.into.some((part) => part.page === page));

/** What the ledger of a file says of pages, plans and kits that are nowhere in it. */
function* strangersIn(ledger: Ledger, file: BenchFile): Generator<Problem> {
  const claimants = new Set([...file.pages, ...file.plans].map(({ id }) => id));
  const kits = new Set(file.kits.map(({ id }) => id));
  const told = new Set<string>();
  const pieces = [...ledger.pieces.values()];
  const lots = [...ledger.lots.values()];
  const pages = [
    ...pieces.flatMap(({ page }) => page ?? []),
    ...lots.flatMap(({ claimed, used }) => [...Object.keys(claimed), ...Object.keys(used)]),
  ];
  for (const page of pages) {
    if (claimants.has(page) || told.has(page)) continue;
    told.add(page);
    const at = file.events.findLastIndex((event) => isFor(event, page));
    yield nowhere(`/events/${at}/page`, 'claimants', page);
  }
  for (const kit of [
    ...pieces.flatMap((piece) => piece.kit ?? []),
    ...lots.flatMap((lot) => Object.values(lot.kits)),
  ]) {
    if (kits.has(kit) || told.has(kit)) continue;
    told.add(kit);
    const at = file.events.findLastIndex((event) => event.type === 'gathered' && event.to === kit);
    yield nowhere(`/events/${at}/to`, 'kits', kit);
  }
}

/**
 * The ledger keeps all its rules, and speaks of what is there: what was wholly taken back may be of things that are
 * not.
 */
export function* ledgerProblems(file: BenchFile): Generator<Problem> {
  const { ledger, refused } = foldWhatHolds(file.events);
  for (const { kind, at, subject } of refused)
    yield problem('ledger', `/events/${at}`, `${kind.replaceAll('-', ' ')}: ${subject}`);
  const lots = new Set(file.lots.map(({ id }) => id));
  for (const [i, event] of file.events.entries())
    if ('lot' in event && !lots.has(event.lot) && ledger.events.has(event.id) && stands(ledger, event))
      yield nowhere(`/events/${i}/lot`, 'lots', event.lot);
  yield* strangersIn(ledger, file);
  for (const [i, { sheets }] of file.plans.entries())
    for (const [j, { stock }] of sheets.entries())
      if (!ledger.pieces.has(stock))
        yield problem('nothing-there', `/plans/${i}/sheets/${j}/stock`, `${stock} is no sheet of this file`);
}

/** What lies on a page is out for it, or used on it, each thing once. */
export function* placedProblems({ pages, events }: BenchFile): Generator<Problem> {
  const { ledger } = foldWhatHolds(events);
  for (const [i, page] of pages.entries()) {
    const held = new Set(founded(page, ledger));
    for (const [j, one] of (page.placed ?? []).entries())
      if (!held.has(one))
        yield problem(
          'nothing-there',
          `/pages/${i}/placed/${j}`,
          'what lies there is neither out for the page nor used on it',
        );
  }
}

/** All that is checked of a file whose form is right, each on the ground of the one before. */
export const STAGES = [idProblems, inlineProblems, referenceProblems, ledgerProblems, placedProblems] as const;
