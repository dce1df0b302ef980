export { EMPTY_BENCH, shelfOf, TABLES } from './bench';
export type { Bench, Records, Shelf, TableName } from './bench';
export { changed, changeOf, fits, isSame, recordIn, stagedOn, turned, withChanges } from './changes';
export type { Change } from './changes';
export { imagesOf, PICTURED } from './imagesOf';
export type { ImageReference } from './imagesOf';
export { entriesAreFounded, isFounded, isMissed, referencesOf } from './references';
export type { Reference } from './references';
