export { couldBecome } from './couldBecome';
export type { Chance } from './couldBecome';
export { gaveTo } from './gaveTo';
export type { Given } from './gaveTo';
export { keptFor } from './keptFor';
export type { KeptThing } from './keptFor';
export { leftOf } from './leftOf';
export type { LeftThing, Wrapped } from './leftOf';
export { placeAmong } from './placeAmong';
