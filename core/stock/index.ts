export { isFreshSheet, stockOnHand } from './stockOnHand';
export type { Shelf } from './stockOnHand';
