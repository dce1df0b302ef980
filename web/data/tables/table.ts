import type { Records, TableName } from '../../../core/making';

/** A table of the database, and of the file of everything: all that is known of it is told here and nowhere else. */
export interface TableSpec<K extends TableName = TableName> {
  readonly name: K;
  /** JSON Schema of one record. What records refer to is told in core/making/references.ts. */
  readonly schema: object;
  /** Dexie's indexes, the primary key first. */
  readonly indexes: string;
}

export const table = <K extends TableName>(spec: TableSpec<K>): TableSpec<K> => spec;

/** A table's records. */
export type RecordOf<K extends TableName> = Records[K];
