export { proposePages } from './proposePages';
export { proposeTogether } from './proposeTogether';
export type { BustingProgress } from './proposePages';
export type { BustingInput, Proposal, Reason } from './proposal';
export type { Lead } from './leads';
export type { Sources } from './leftovers';
export { idleOf } from './idle';
export type { Idle } from './idle';
export { overMonth } from './overMonth';
