import type { TableName } from '../../../core/stock/bench';
import { albumSchema } from './albums';
import { designSchema } from './designs';
import { draftSchema } from './drafts';
import { faceSchema } from './faces';
import { kitSchema } from './kits';
import { lotSchema } from './lots';
import { monthAimSchema } from './monthAims';
import { pageSchema } from './pages';
import { photoSchema } from './photos';
import { planSchema } from './plans';
import { ruleSchema } from './rules';
import { sharingSchema } from './sharings';
import { storySchema } from './stories';
import { wishSchema } from './wishes';

/**
 * JSON Schema of one record of each table, of which the file of everything and its checks are made. A new table is a
 * file here, a line below, and its name, type and references in core/making. Only the published schema needs them: the
 * checks are compiled from it when the application is built.
 */
export const SCHEMAS: Readonly<Record<TableName, object>> = {
  kits: kitSchema,
  faces: faceSchema,
  lots: lotSchema,
  stories: storySchema,
  photos: photoSchema,
  pages: pageSchema,
  plans: planSchema,
  drafts: draftSchema,
  designs: designSchema,
  sharings: sharingSchema,
  wishes: wishSchema,
  rules: ruleSchema,
  albums: albumSchema,
  monthAims: monthAimSchema,
};

export { eventSchema } from './events';
