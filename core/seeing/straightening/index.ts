export { lensOf, sizeBetween, straighten } from './straighten';
export type { Corners, Dots, Lens, StraightenError } from './straighten';
