export { againstFact } from './againstFact';
export type { SharedState } from './againstFact';
export { sharedPapers, shareJobFor } from './shareJobFor';
export type { SharingPage, ShareWishes } from './shareJobFor';
export { sharingOf, sheetsOfShare } from './sharedPlan';
