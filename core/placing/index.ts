export { OUTLINE_IDS, outlineOf } from './outlines';
export type { Outline, OutlineId, OutlinePart } from './outlines';
export { outlineFor, outlinesIn } from './outlineFor';
export { itemsOf, pouredOut, smallThing } from './smallThing';
export type { Pack, SmallThing } from './smallThing';
