import type { LedgerEvent } from '../../../core/stock/ledger';
import { TABLES, type Bench, type Records, type TableName } from '../../../core/stock/bench';

/** Of the file's form: what knows less must not read it as if it were whole. */
export const FILE_VERSION = 6;

/** All records and entries. */
export type Contents = { [K in TableName]: Records[K][] } & { events: LedgerEvent[] };

/** A picture of the file: within it as base64, or beside it in the same zip. */
export type PictureEntry = { readonly id: string; readonly type: string } & (
  { readonly data: string } | { readonly file: string; readonly size: number; readonly sha256: string }
);

/** Everything in one file. Source: `docs/formats/bench.schema.json`. */
export interface BenchFile extends Contents {
  format: 'nubbin-bench';
  version: typeof FILE_VERSION;
  pictures: PictureEntry[];
}

export const EMPTY_FILE: BenchFile = {
  format: 'nubbin-bench',
  version: FILE_VERSION,
  kits: [],
  faces: [],
  lots: [],
  stories: [],
  photos: [],
  pages: [],
  plans: [],
  drafts: [],
  designs: [],
  sharings: [],
  wishes: [],
  rules: [],
  albums: [],
  monthAims: [],
  events: [],
  pictures: [],
};

const byId = (a: { id: string }, b: { id: string }): number => (a.id < b.id ? -1 : 1);

/** What a bench holds, in an order that equal benches share. */
export const contentsOf = (bench: Bench): Contents => ({
  ...(Object.fromEntries(TABLES.map((name) => [name, [...bench[name].values()].sort(byId)])) as unknown as Contents),
  events: [...bench.ledger.events.values()],
});
