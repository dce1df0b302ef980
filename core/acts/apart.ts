import { pagesOf } from '../page/cutlist';
import type { LedgerEvent } from '../stock/ledger';
import type { Page, Plan } from '../stock/things';
import type { Bench, TableName } from '../stock/bench';
import type { Change } from '../stock/bench';
import type { DoneAct } from './doAct';
import { referencesOf } from '../stock/bench';

/**
 * What an act touches: stock by piece or lot, records it makes or takes away, fields it changes, and records it rests
 * on; pages of which other pieces are wanted after it, and pages that it plans, cuts or loses pieces for.
 */
interface Touched {
  readonly stock: ReadonlySet<string>;
  readonly whole: ReadonlySet<string>;
  readonly fields: ReadonlySet<string>;
  readonly named: ReadonlySet<string>;
  readonly reshaped: ReadonlySet<string>;
  readonly cutFor: ReadonlySet<string>;
}

/** What of a page decides which pieces are cut for it. */
const SHAPES: ReadonlySet<string> = new Set<keyof Page>([
  'design',
  'own',
  'format',
  'photos',
  'mat',
  'mayOverlap',
  'options',
  'sizes',
  'apart',
  'without',
  'papers',
  'more',
]);

/** Pages of which other pieces are wanted, once they are changed so. */
const reshapedBy = ({ table, key, before, after }: Change): string[] =>
  table === 'pages' && before !== null && after !== null && Object.keys(after).some((field) => SHAPES.has(field))
    ? [key]
    : [];

/** Pages for which a plan had or has pieces. */
const plannedBy = ({ table, before, after }: Change): string[] =>
  table === 'plans'
    ? [before, after].flatMap((plan) =>
        plan && 'sheets' in plan ? pagesOf({ sheets: plan['sheets'] as Plan['sheets'] }) : [],
      )
    : [];

function stockOf(event: LedgerEvent): string[] {
  const parts = event.type === 'cut' ? event.into.map(({ id }) => id) : 'pieces' in event ? (event.pieces ?? []) : [];
  return [
    ...('piece' in event ? [event.piece] : []),
    ...('lot' in event ? [event.lot] : []),
    ...parts.map((part) => (typeof part === 'string' ? part : part.id)),
  ];
}

/** Pages and plans that an entry is for. */
const claimantsOf = (event: LedgerEvent): string[] => [
  ...('page' in event && event.page !== null ? [event.page] : []),
  ...(event.type === 'cut' ? event.into.flatMap(({ page }) => page ?? []) : []),
];

/** Pages for which an entry cuts a piece, or takes a sheet as one: not those that small things are out for. */
function cutInto(event: LedgerEvent): string[] {
  if (event.type === 'cut') return event.into.flatMap(({ page }) => page ?? []);
  return event.type === 'claimed' && 'piece' in event && event.slot !== undefined ? [event.page] : [];
}

/** Kits of her own that an entry puts something into, or takes it out of. */
const kitsOf = (event: LedgerEvent): string[] =>
  event.type === 'gathered' ? [event.from, event.to].flatMap((kit) => kit ?? []) : [];

const recordKey = (table: TableName, key: string): string => `${table}/${key}`;

function namedBy({ table, before, after }: Change): string[] {
  return [before, after].flatMap((record) =>
    record !== null && 'id' in record
      ? referencesOf(table, record as never).map((one) => recordKey(one.table, one.key))
      : [],
  );
}

function touchedBy({ events, changes }: DoneAct, { ledger }: Bench): Touched {
  const entries = events.flatMap((id) => ledger.events.get(id) ?? []);
  const isWhole = ({ before, after }: Change): boolean => before === null || after === null;
  return {
    stock: new Set(entries.flatMap(stockOf)),
    whole: new Set(changes.filter(isWhole).map(({ table, key }) => recordKey(table, key))),
    fields: new Set(
      changes
        .filter((change) => !isWhole(change))
        .flatMap(({ table, key, after }) => Object.keys(after!).map((field) => `${recordKey(table, key)}.${field}`)),
    ),
    named: new Set([
      ...entries.flatMap(claimantsOf).flatMap((id) => [recordKey('pages', id), recordKey('plans', id)]),
      ...entries.flatMap(kitsOf).map((id) => recordKey('kits', id)),
      ...entries.flatMap((event) => ('lot' in event ? [recordKey('lots', event.lot)] : [])),
      ...changes.filter((change) => !isWhole(change)).map(({ table, key }) => recordKey(table, key)),
      ...changes.flatMap(namedBy),
    ]),
    reshaped: new Set(changes.flatMap(reshapedBy)),
    cutFor: new Set([...changes.flatMap(plannedBy), ...entries.flatMap(cutInto)]),
  };
}

const meets = (a: ReadonlySet<string>, b: ReadonlySet<string>): boolean => [...a].some((key) => b.has(key));

/** Whether an act and one done after it touch nothing in common, so that either can be taken back without the other. */
export function isApart(act: DoneAct, later: DoneAct, bench: Bench): boolean {
  const [a, b] = [touchedBy(act, bench), touchedBy(later, bench)];
  return !(
    meets(a.stock, b.stock) ||
    meets(a.whole, b.whole) ||
    meets(a.whole, b.named) ||
    meets(a.named, b.whole) ||
    meets(a.fields, b.fields) ||
    // What was planned or cut since is for the page as it became: with that taken back it might fit no longer.
    meets(a.reshaped, b.cutFor)
  );
}
