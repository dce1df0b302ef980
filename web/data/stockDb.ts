import Dexie, { type EntityTable, type Table } from 'dexie';
import type { LedgerEvent } from '../../core/stock/ledger';
import { type DoneAct } from '../../core/acts';
import { TABLES, type Records, type TableName } from '../../core/stock/bench';
import { upgradeRows } from './upgrades/fromVersion1';

/** What tables are found by beside their key. */
const INDEXES: Partial<Record<TableName, string>> = { lots: 'id, kit', photos: 'id, story' };

/** A ledger entry with its place in the order of all. */
export type StoredEvent = LedgerEvent & { seq?: number };

/** A picture as it is kept: resized, as JPEG, PNG or WebP bytes. */
export interface Image {
  readonly id: string;
  readonly type: string;
  readonly bytes: ArrayBuffer;
}

/** Something she did. `undone`: 0, or its place in the order of what was undone. */
export interface StoredAct extends DoneAct {
  readonly seq?: number;
  readonly undone: number;
}

/**
 * What the database says of itself: `generation` grows whenever everything is replaced, `turn` with each undo,
 * `setUp` is there once the demo or an own bench was begun, `stamp:<table>` grows with each change to a table.
 */
export interface Meta {
  readonly key: string;
  readonly value: number;
}

/** The version of the database's own form, which this code reads and writes. */
const VERSION = 8;

/** The database was written by a later version of Nubbin: this one must not write into it. */
export class LaterVersion extends Error {
  constructor() {
    super('it was written by a later version of Nubbin; close the other windows and reload to get that one');
  }
}

/** The browser's database. A released version is never edited; a new one lists only the tables that change. */
export class StockDb extends Dexie {
  images!: EntityTable<Image, 'id'>;
  /** Pictures of a file that is being read, until all of it is. */
  incoming!: EntityTable<Image, 'id'>;
  /** Small copies of pictures; made anew where they are missing, and so in no file. */
  thumbs!: EntityTable<Image, 'id'>;
  events!: Table<StoredEvent, number>;
  acts!: Table<StoredAct, number>;
  meta!: Table<Meta, string>;

  constructor(name = 'nubbin') {
    super(name);
    this.version(1).stores({
      kits: 'id',
      faces: 'id',
      lots: 'id, kit',
      stories: 'id',
      photos: 'id, story',
      images: 'id',
      pages: 'id',
      drafts: 'id',
      events: '++seq, id',
      acts: '++seq',
      meta: 'key',
    });
    this.version(2).stores({ designs: 'id', sharings: 'id' });
    this.version(3).stores({ wishes: 'id', thumbs: 'id' });
    this.version(4)
      .stores({
        ...Object.fromEntries(TABLES.map((table) => [table, INDEXES[table] ?? 'id'])),
        incoming: 'id',
        acts: '++seq, undone',
      })
      .upgrade(async (tx) => {
        const [pages, events] = [tx.table('pages'), tx.table('events')];
        const now = upgradeRows({ pages: await pages.toArray(), events: await events.orderBy('seq').toArray() });
        await pages.clear();
        await pages.bulkAdd(now.pages);
        await tx.table('plans').bulkAdd(now.plans);
        await events.bulkPut(now.events);
        // Acts of before spoke of pages as they were then: undo starts anew.
        await tx.table('acts').clear();
        if (now.events.length > 0) await tx.table('meta').put({ key: 'setUp', value: 1 });
      });
    // Vellum and acetate are kinds of their own, which earlier versions do not know.
    this.version(5).stores({});
    // A kit's month may be a year or not known, lots may be leftovers, and rules of hers are kept.
    this.version(6).stores({ rules: 'id' });
    this.version(7).stores({ albums: 'id' });
    // Entries tell of kits of her own, which earlier versions do not know.
    this.version(VERSION).stores({ monthAims: 'id' });
    // Dexie counts versions in tenths, and opens later ones as if they were its own.
    this.on(
      'ready',
      () => {
        if (this.backendDB().version > VERSION * 10) throw new LaterVersion();
      },
      true,
    );
  }

  of<K extends TableName>(name: K): Table<Records[K], string> {
    return this.table(name);
  }
}

/** All tables that acts read and write. */
export const actTables = (db: StockDb): Table[] => [
  ...TABLES.map((name) => db.table(name)),
  db.events,
  db.acts,
  db.meta,
];
