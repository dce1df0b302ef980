export { remarksOn } from './remarksOn';
export { centreOfWeight } from './weight';
export type { Eyed, Remark, Role, Sheet } from './eyed';
export { pageSheet, TITLE, WRITING } from './pageSheet';
export type { Seen } from './pageSheet';
export { remarkKey, remarksOnPage, wordsOffTheme } from './remarksOnPage';
export type { LookedAt } from './remarksOnPage';
