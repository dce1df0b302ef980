export { candidatesFor, PAPER_ROLES } from './candidates';
export type { Candidate, Choosing, Role, Stash } from './candidates';
export { proposeKit } from './proposeKit';
export type { InKit, KitWish, ProposedKit, WhyIn } from './proposeKit';
