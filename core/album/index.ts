export { moved, ordered, pushed, swapped } from './arrange';
export type { OrderKeys } from './arrange';
export { leavesOf, openingsOf } from './openings';
export type { Leaf, Opening } from './openings';
export { albumRemarks } from './remarks';
export type { AlbumRemark } from './remarks';
export { dayOf, pagesInNone, sizeOfMost } from './doneFor';
