import { designs } from './designs';
import { drafts } from './drafts';
import { faces } from './faces';
import { kits } from './kits';
import { lots } from './lots';
import { pages } from './pages';
import { photos } from './photos';
import { plans } from './plans';
import { sharings } from './sharings';
import { stories } from './stories';
import type { TableSpec } from './table';
import { wishes } from './wishes';
import { rules } from './rules';
import { albums } from './albums';
import { monthAims } from './monthAims';

/**
 * All tables of records. The database, what is known at one moment and the file of everything with its checks follow
 * from this list; a new table is a file here, a line below, and its type and references in core/making.
 */
export const SPECS: readonly TableSpec[] = [
  kits,
  faces,
  lots,
  stories,
  photos,
  pages,
  plans,
  drafts,
  designs,
  sharings,
  wishes,
  rules,
  albums,
  monthAims,
];

export { eventSchema } from './events';
export type { TableSpec } from './table';
