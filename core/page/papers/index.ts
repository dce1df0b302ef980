export { choosePapers } from './choosePapers';
export { laidOnPlain, plainGrounds } from './plainGround';
export type { PlainGround } from './plainGround';
export { rankDesigns } from './rankDesigns';
export type { DesignRanking, DesignReason, DesignsRanked, RankedDesign } from './rankDesigns';
export { holdsPiece, isQuiet, rankFaces } from './rankFaces';
export { bentToLeftovers } from './bend';
