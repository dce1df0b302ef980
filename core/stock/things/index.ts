export { PATTERNS, patternFor } from './patterns';
export type { Pattern } from './patterns';
export { isKept, isPaperKind } from './lot';
export { isForPages, isPaper, materialOf } from './material';
export type { Made, Material } from './material';
export type { Lot, LotKind, Measure } from './lot';
export type { Item, ItemPicture } from './item';
export type {
  Placed,
  PlacedItem,
  PlacedDrawn,
  PlacedLetter,
  PlacedLine,
  PlacedStamp,
  PlacedStrip,
  PlacedWhat,
} from './placed';
export { newFace } from './face';
export type { Face } from './face';
export type { MonthAim } from './monthAim';
export { isMonth, kitsOfFaces, monthNumber, newestMonth } from './kit';
export type { Kit } from './kit';
export { isOneTheme, themesOf, themeWords, wordsIn } from './theme';
export type { Aim } from './aim';
export type { Album, AlbumPlace } from './album';
export type { Fate } from './fate';
export { TAKEN } from './photo';
export type { Photo, Story } from './photo';
export type { SharedFor, Sharing } from './sharing';
export type {
  DesignOptions,
  Hand,
  Intention,
  LayerMove,
  MeasuredDesign,
  MeasuredLayer,
  MorePiece,
  Page,
  PageFormat,
  PagePhoto,
  PagePicture,
  PageWork,
  PageWritten,
  Technique,
  WrittenOn,
} from './page';
export { TECHNIQUES } from './page';
export type { Plan, PlanCut, PlanPart, PlanPiece, PlanSheet, PlanWindow } from './plan';
export type { Hole, Lie, Punch, RoundLie } from './punch';
export type { Correction, Draft } from './draft';
export type { Note } from './note';
export type { Rule } from './rule';
export type { Wish } from './wish';
