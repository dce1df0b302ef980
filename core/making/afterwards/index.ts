export { amendLot } from './amendLot';
export type { Amendment } from './amendLot';
export { measureFor } from './anotherAccount';
export { countLetters } from './countLetters';
export { joinLots, partLot } from './joinLots';
export { isUntouched } from './retell';
