export { SMALL_HAND } from './hand';
export type { Hand } from './hand';
export { wrap } from './wrap';
export { writtenIn } from './writtenIn';
export type { Written } from './writtenIn';
export { tapeOf } from './tape';
export type { Tape, TapeMark } from './tape';
export { ACROSS, DOWN, titleIn } from './titleIn';
export type { StandingTitle } from './titleIn';
