export { planCuts, searchPlans } from './searchPlans';
export { faceUp } from './faceUp';
export { sheetSvg } from './sheetSvg';
export type { PlanProgress } from './searchPlans';
export type {
  CutJob,
  CutPiece,
  CutPlan,
  CutStats,
  CutStock,
  NotCut,
  Preference,
  PlannedCut,
  PlannedPart,
  PlannedPiece,
  PlannedSheet,
} from './types';
