import type { Bench, Records, TableName } from './bench';
import { heldIn } from '../../ground/heldIn';

type Fields = Readonly<Record<string, unknown>>;

/**
 * One record changed: both null where there was or is none; otherwise only the fields that differ, undefined where a
 * field was or is absent.
 */
export interface Change {
  readonly table: TableName;
  readonly key: string;
  readonly before: Fields | null;
  readonly after: Fields | null;
}

/** Whether two values hold the same; what is undefined counts as absent. */
export function isSame(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((key) => isSame((a as Fields)[key], (b as Fields)[key]));
}

/** What turns one record into the other; null: nothing. */
export function changeOf(table: TableName, key: string, before: object | null, after: object | null): Change | null {
  if (before === null || after === null)
    return before === after ? null : { table, key, before: before as Fields | null, after: after as Fields | null };
  const [old, now] = [before as Fields, after as Fields];
  const differing = [...new Set([...Object.keys(old), ...Object.keys(now)])].filter((k) => !isSame(old[k], now[k]));
  if (differing.length === 0) return null;
  const only = (fields: Fields): Fields => Object.fromEntries(differing.map((k) => [k, fields[k]]));
  return { table, key, before: only(old), after: only(now) };
}

/** The change the other way. */
export const turned = ({ table, key, before, after }: Change): Change => ({ table, key, before: after, after: before });

/** The record as a change leaves it; null: gone. */
export function changed(record: object | null, { after }: Change): object | null {
  if (after === null || record === null) return after;
  return Object.fromEntries(Object.entries({ ...record, ...after }).filter(([, value]) => value !== undefined));
}

/** Whether a record is as a change found it, in all that the change touches. */
export function fits(record: object | null, { before, after }: Change): boolean {
  if (before === null || record === null) return before === null && record === null;
  // A record taken away must be as it was known, whole.
  if (after === null) return isSame(record, before);
  return Object.entries(before).every(([k, value]) => isSame((record as Fields)[k], value));
}

export const recordIn = (bench: Bench, table: TableName, key: string): object | null =>
  (bench[table] as ReadonlyMap<string, Records[TableName]>).get(key) ?? null;

/** The bench with records changed, in order. Tables that no change touches stay the same maps. */
export function withChanges(bench: Bench, changes: readonly Change[]): Bench {
  const tables = new Map<TableName, Map<string, object>>();
  for (const change of changes) {
    const { table, key } = change;
    if (!tables.has(table)) tables.set(table, new Map<string, object>(bench[table]));
    const own = heldIn(tables, table);
    const after = changed(own.get(key) ?? null, change);
    if (after === null) own.delete(key);
    else own.set(key, after);
  }
  return { ...bench, ...Object.fromEntries(tables) };
}

/** Records as they will be after some changes, read one by one without writing the bench anew. */
export function stagedOn(bench: Bench) {
  const own = new Map<string, object | null>();
  return {
    get: (table: TableName, key: string): object | null => {
      const staged = own.get(`${table}/${key}`);
      return staged === undefined ? recordIn(bench, table, key) : staged;
    },
    set: (table: TableName, key: string, record: object | null): void => {
      own.set(`${table}/${key}`, record);
    },
  };
}
