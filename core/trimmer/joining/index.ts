export { joinStrips } from './joinStrips';
export type { JoinJob, JoinedPart, JoinPlan, Strip } from './types';
