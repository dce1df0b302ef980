import Dexie, { type EntityTable, type Table } from 'dexie';
import type { LedgerEvent } from '../../core/ledger';
import type { Act, Draft, Image, Records, TableName, Wish } from './bench';
import type { Face, Kit, Lot, MeasuredDesign, Page, Photo, Sharing, Story } from '../../core/things';

/** A ledger entry with its place in the order of all. */
export type StoredEvent = LedgerEvent & { seq?: number };

/** The browser's database. A released version is never edited; a new one lists only the tables that change. */
export class StockDb extends Dexie {
  kits!: EntityTable<Kit, 'id'>;
  faces!: EntityTable<Face, 'id'>;
  lots!: EntityTable<Lot, 'id'>;
  stories!: EntityTable<Story, 'id'>;
  photos!: EntityTable<Photo, 'id'>;
  images!: EntityTable<Image, 'id'>;
  pages!: EntityTable<Page, 'id'>;
  drafts!: EntityTable<Draft, 'id'>;
  designs!: EntityTable<MeasuredDesign, 'id'>;
  sharings!: EntityTable<Sharing, 'id'>;
  wishes!: EntityTable<Wish, 'id'>;
  /** Small copies of pictures; made anew where they are missing, and so in no file. */
  thumbs!: EntityTable<Image, 'id'>;
  events!: Table<StoredEvent, number>;
  acts!: Table<Act, number>;
  /** `generation` grows whenever everything is replaced. */
  meta!: Table<{ key: string; value: number }, string>;

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
  }

  of<K extends TableName>(name: K): Table<Records[K], string> {
    return this.table(name);
  }
}
