export { piecesWithKerf, searchAsCut, withKerf } from './kerf';
export { planCuts, planInSteps, searchPlans } from './searchPlans';
export { faceUp } from './writing/faceUp';
export { sheetSvg } from './writing/sheetSvg';
export type { PlanProgress } from './searchPlans';
export { ANY_TRIMMER, trimmerOf, USUAL_TRIMMER } from './trimmer';
export type { Trimmer } from './trimmer';
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
