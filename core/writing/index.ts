export { SMALL_HAND } from './hand';
export type { Hand } from './hand';
export { wrap } from './wrap';
export { writtenIn } from './writtenIn';
export type { Written } from './writtenIn';
export { ACROSS, DOWN, titleIn } from './titleIn';
export type { StandingTitle } from './titleIn';
