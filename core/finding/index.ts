export { alreadyOwn } from './alreadyOwn';
export type { AlreadyOwned, Incoming } from './alreadyOwn';
export { findThings, indexStash } from './find';
export type { Findable, FindQuery, Found, FoundState } from './find';
