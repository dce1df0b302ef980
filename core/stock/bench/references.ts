import { piecesFor, stands, type LedgerEvent } from '../ledger';
import type { Bench, Records, TableName } from './bench';

/** Where a record names another, and which: by JSON pointer from the record. */
export interface Reference {
  readonly at: string;
  readonly table: TableName;
  readonly key: string;
}

const to = (at: string, table: TableName, key: string | null): Reference[] =>
  key === null ? [] : [{ at, table, key }];

/**
 * What the records of each table name of other tables. Pages of a share-out may be dropped since, and are no reference.
 */
export const REFERENCES: { readonly [K in TableName]: (record: Records[K]) => readonly Reference[] } = {
  kits: () => [],
  faces: () => [],
  lots: ({ kit, front, back }) => [
    ...to('/kit', 'kits', kit),
    ...to('/front', 'faces', front),
    ...to('/back', 'faces', back),
  ],
  stories: () => [],
  photos: ({ story }) => to('/story', 'stories', story),
  pages: ({ photos, placed = [], kitLayout }) => [
    ...to('/kitLayout/kit', 'kits', kitLayout?.kit ?? null),
    ...photos.flatMap(({ photo }, i) => to(`/photos/${i}/photo`, 'photos', photo)),
    ...placed.flatMap(({ what }, i) => ('lot' in what ? to(`/placed/${i}/what/lot`, 'lots', what.lot) : [])),
  ],
  plans: ({ sheets }) =>
    sheets.flatMap(({ pieces }, i) =>
      pieces.flatMap(({ page }, j) => to(`/sheets/${i}/pieces/${j}/page`, 'pages', page)),
    ),
  drafts: () => [],
  designs: () => [],
  sharings: ({ kits }) => kits.flatMap((kit, i) => to(`/kits/${i}`, 'kits', kit)),
  wishes: () => [],
  rules: () => [],
  // Pages may be dropped since: an album passes over them.
  albums: () => [],
  monthAims: () => [],
};

/** All references of one table's record. */
export const referencesOf = <K extends TableName>(table: K, record: Records[K]): readonly Reference[] =>
  REFERENCES[table](record);

/** Lots that something which was not taken back happened to. */
const lotsThatHappened = ({ ledger }: Bench): ReadonlySet<string> =>
  new Set([...ledger.events.values()].flatMap((event) => ('lot' in event && stands(ledger, event) ? [event.lot] : [])));

const holdsParts = ({ ledger }: Bench, kit: string): boolean =>
  [...ledger.pieces.values()].some((piece) => piece.kit === kit) ||
  [...ledger.lots.values()].some(({ kits }) => Object.values(kits).includes(kit));

const isClaimant = ({ ledger }: Bench, id: string): boolean =>
  piecesFor(ledger, id).length > 0 ||
  [...ledger.lots.values()].some(({ claimed, used }) => Object.hasOwn(claimed, id) || Object.hasOwn(used, id));

/** Whether something on the bench rests on a record that is not there. */
export function isMissed(bench: Bench, table: TableName, key: string): boolean {
  if (table === 'lots' && lotsThatHappened(bench).has(key)) return true;
  if (table === 'kits' && holdsParts(bench, key)) return true;
  if ((table === 'pages' || table === 'plans') && isClaimant(bench, key)) return true;
  return (Object.keys(REFERENCES) as TableName[]).some((other) =>
    [...bench[other].values()].some((record) =>
      referencesOf(other, record as never).some((one) => one.table === table && one.key === key),
    ),
  );
}

/** Whether what entries speak of is there: nothing that stands is of a lot, and nothing out for a page or plan, that is not known. */
export function entriesAreFounded(bench: Bench, entries: readonly LedgerEvent[]): boolean {
  const strangers = entries.flatMap((event) => ('lot' in event && !bench.lots.has(event.lot) ? [event.lot] : []));
  const happened = strangers.length > 0 ? lotsThatHappened(bench) : new Set();
  const pages = new Set(
    entries.flatMap((event) => [
      ...('page' in event && event.page !== null ? [event.page] : []),
      ...(event.type === 'cut' ? event.into.flatMap(({ page }) => page ?? []) : []),
    ]),
  );
  const kits = new Set(
    entries.flatMap((event) => (event.type === 'gathered' ? [event.from, event.to].flatMap((kit) => kit ?? []) : [])),
  );
  return (
    [...kits].every((kit) => bench.kits.has(kit) || !holdsParts(bench, kit)) &&
    strangers.every((lot) => !happened.has(lot)) &&
    [...pages].every((page) => bench.pages.has(page) || bench.plans.has(page) || !isClaimant(bench, page))
  );
}

/** Whether all that a record names is there. */
export const isFounded = (bench: Bench, table: TableName, key: string): boolean => {
  const record = bench[table].get(key);
  return !record || referencesOf(table, record as never).every((one) => bench[one.table].has(one.key));
};
