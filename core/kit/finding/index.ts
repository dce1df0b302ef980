export { alreadyOwn } from './alreadyOwn';
export type { AlreadyOwned, Incoming } from './alreadyOwn';
export { findThings, indexStash } from './find';
export type { Findable, FindQuery, Found, FoundState } from './find';
export { findPlaces, placesOf } from './everywhere';
export type { Place } from './everywhere';
export { findPages, lotsOn } from './pages';
export type { PageQuery } from './pages';
export { hasAll, plainWords, wordsAsked } from './words';
