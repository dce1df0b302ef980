export { shareOut } from './shareOut';
export { solverFrom } from './solverFrom';
export type { ShareProgress } from './shareOut';
export type { DesignName, Lacking, ShareJob, SharedPage, SharedPiece, SharedSheet, SharePage, SharePlan, ShareSlot, ShareStats, Solved, Solver } from './types';
