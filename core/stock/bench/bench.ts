import { emptyLedger, type Ledger } from '../ledger';
import type {
  Album,
  Draft,
  Face,
  Kit,
  Lot,
  MeasuredDesign,
  MonthAim,
  Page,
  Photo,
  Plan,
  Rule,
  Sharing,
  Story,
  Wish,
} from '../things';

/** What the stash is known by: the ledger, and what its lots are. */
export interface Shelf {
  readonly ledger: Ledger;
  readonly lots: ReadonlyMap<string, Lot>;
  readonly kits: ReadonlyMap<string, Kit>;
}

/** Everything that is written down and is not stock, by table. */
export interface Records {
  kits: Kit;
  faces: Face;
  lots: Lot;
  stories: Story;
  photos: Photo;
  pages: Page;
  plans: Plan;
  drafts: Draft;
  /** Designs of her own. */
  designs: MeasuredDesign;
  sharings: Sharing;
  wishes: Wish;
  /** Of hers, for reading lists. */
  rules: Rule;
  albums: Album;
  monthAims: MonthAim;
}
export type TableName = keyof Records;

export const TABLES: readonly TableName[] = [
  'kits',
  'faces',
  'lots',
  'stories',
  'photos',
  'pages',
  'plans',
  'drafts',
  'designs',
  'sharings',
  'wishes',
  'rules',
  'albums',
  'monthAims',
];

/** All that is known at one moment. Never changed once made. */
export type Bench = { readonly [K in TableName]: ReadonlyMap<string, Records[K]> } & { readonly ledger: Ledger };

export const EMPTY_BENCH: Bench = {
  kits: new Map(),
  faces: new Map(),
  lots: new Map(),
  stories: new Map(),
  photos: new Map(),
  pages: new Map(),
  plans: new Map(),
  drafts: new Map(),
  designs: new Map(),
  sharings: new Map(),
  wishes: new Map(),
  rules: new Map(),
  albums: new Map(),
  monthAims: new Map(),
  ledger: emptyLedger,
};

export const shelfOf = ({ ledger, lots, kits }: Bench): Shelf => ({ ledger, lots, kits });
