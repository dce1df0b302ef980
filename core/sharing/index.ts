export { againstFact } from './againstFact';
export type { SharedState } from './againstFact';
export { shareJobFor, sharedPapers } from './shareJobFor';
export type { ShareWishes, SharingPage } from './shareJobFor';
export { cutPlanOf, promisedOf, sharingOf, withoutPage } from './sharedPlan';
