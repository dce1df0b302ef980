export { PATTERNS, patternFor } from './patterns';
export type { Pattern } from './patterns';
export { isPaperKind } from './lot';
export type { Lot, LotKind, Measure } from './lot';
export type { Face } from './face';
export type { Kit } from './kit';
export type { Photo, Story } from './photo';
export type { MorePiece, Page, PageFormat, PagePhoto, PageState } from './page';
