export { PATTERNS, patternFor } from './patterns';
export type { Pattern } from './patterns';
export { isKept, isPaperKind } from './lot';
export type { Lot, LotKind, Measure } from './lot';
export type { Face } from './face';
export type { Kit } from './kit';
export type { Photo, Story } from './photo';
export type { SharedFor, Sharing } from './sharing';
export type {
  DesignOptions,
  LayerMove,
  MeasuredDesign,
  MeasuredLayer,
  MorePiece,
  Page,
  PageFormat,
  PagePhoto,
  PageState,
} from './page';
