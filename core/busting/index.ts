export { proposePages } from './proposePages';
export type { BustingProgress } from './proposePages';
export type { BustingInput, Proposal, Reason } from './proposal';
