export { isFreshSheet, stockOnHand } from './stockOnHand';
export { ownPunches } from './ownPunches';
export type { OwnPunch } from './ownPunches';
