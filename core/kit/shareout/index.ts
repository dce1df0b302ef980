export { shareOut } from './shareOut';
export { intoMiddle } from './middles';
export { shareWithMiddles } from './shareWithMiddles';
export { solverFrom } from './solverFrom';
export { leftAfter, pageCosts } from './costs';
export type { Left, PageCost } from './costs';
export { shareSmallThings } from './smallThings';
export type { OffTheme, SmallGift, SmallShare, SmallThing, SmallWish } from './smallThings';
export type { ShareProgress } from './shareOut';
export type {
  DesignName,
  Lacking,
  Middle,
  ShareJob,
  SharedPage,
  SharedPiece,
  SharedSheet,
  ShareMode,
  SharePage,
  SharePlan,
  ShareSlot,
  ShareStats,
  Solver,
  Taste,
} from './types';
