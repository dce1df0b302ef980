import { emptyLedger, type Ledger, type LedgerEvent } from '../../core/ledger';
import type { Shelf } from '../../core/stock';
import type { Face, Kit, Lot, MeasuredDesign, Page, Photo, Sharing, Story } from '../../core/things';

/** A picture as it is kept: resized, as JPEG, PNG or WebP bytes. */
export interface Image {
  readonly id: string;
  readonly type: string;
  readonly bytes: ArrayBuffer;
}

/** A packing list being typed, kept at every stroke. */
export interface Draft {
  readonly id: string;
  readonly club: string;
  readonly name: string;
  readonly month: string;
  readonly list: string;
  /** How many of each line are in the box, by the line's number; absent: not looked at yet. */
  readonly here: Readonly<Record<string, number>>;
  /** How many of those that are here are damaged: they are kept, and others owed. */
  readonly damaged?: Readonly<Record<string, number>>;
}

/** Something she would like to have, as a line of a list. */
export interface Wish {
  readonly id: string;
  readonly line: string;
  readonly noted: string;
}

/** Everything that can be changed but is not stock, by table. */
export interface Records {
  kits: Kit;
  faces: Face;
  lots: Lot;
  stories: Story;
  photos: Photo;
  images: Image;
  pages: Page;
  drafts: Draft;
  designs: MeasuredDesign;
  sharings: Sharing;
  wishes: Wish;
}
export type TableName = keyof Records;
export const TABLES: readonly TableName[] = [
  'kits',
  'faces',
  'lots',
  'stories',
  'photos',
  'images',
  'pages',
  'drafts',
  'designs',
  'sharings',
  'wishes',
];

/** One record put in place of another; null: none. */
export interface Change {
  readonly table: TableName;
  readonly key: string;
  readonly before: unknown;
  readonly after: unknown;
}

/** Something she did, with all it changed: the unit of undo. */
export interface Act {
  readonly seq?: number;
  readonly label: string;
  /** Ledger entries that stand for its present state, in order. */
  readonly events: readonly string[];
  readonly changes: readonly Change[];
  readonly undone: boolean;
}

/** All that is known at one moment. */
export interface Bench {
  readonly kits: ReadonlyMap<string, Kit>;
  readonly faces: ReadonlyMap<string, Face>;
  readonly lots: ReadonlyMap<string, Lot>;
  readonly stories: ReadonlyMap<string, Story>;
  readonly photos: ReadonlyMap<string, Photo>;
  readonly pages: ReadonlyMap<string, Page>;
  readonly drafts: ReadonlyMap<string, Draft>;
  /** Designs of her own. */
  readonly designs: ReadonlyMap<string, MeasuredDesign>;
  readonly sharings: ReadonlyMap<string, Sharing>;
  readonly wishes: ReadonlyMap<string, Wish>;
  readonly events: readonly LedgerEvent[];
  readonly ledger: Ledger;
  /** What Undo and Redo would do, in words; null: nothing. */
  readonly canUndo: string | null;
  readonly canRedo: string | null;
}

export const EMPTY_BENCH: Bench = {
  kits: new Map(),
  faces: new Map(),
  lots: new Map(),
  stories: new Map(),
  photos: new Map(),
  pages: new Map(),
  drafts: new Map(),
  designs: new Map(),
  sharings: new Map(),
  wishes: new Map(),
  events: [],
  ledger: emptyLedger,
  canUndo: null,
  canRedo: null,
};

export const shelfOf = ({ ledger, lots, kits }: Bench): Shelf => ({ ledger, lots, kits });
