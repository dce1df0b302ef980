export { againstFact } from './againstFact';
export type { SharedState } from './againstFact';
export { middlesOf } from './middlesOf';
export { punchingOf } from './punchingOf';
export { pagesFromMiddles } from './pagesFromMiddles';
export { sharedPapers, shareJobFor } from './shareJobFor';
export type { SharingPage, ShareWishes } from './shareJobFor';
export { sharingOf, sheetsOfShare } from './sharedPlan';
