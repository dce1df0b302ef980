export { amendLot } from './amendLot';
export type { Amendment } from './amendLot';
export { countLetters } from './countLetters';
export { joinLots, partLot } from './joinLots';
export { isUntouched } from './retell';
