export { planCuts, planInSteps, searchPlans } from './searchPlans';
export { faceUp } from './writing/faceUp';
export { sheetSvg } from './writing/sheetSvg';
export type { PlanProgress } from './searchPlans';
export type {
  BegunPart,
  BegunSheet,
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
