export { dotsPerInch, evenCrop, lostBy, moveCrop, zoomCrop } from './crop';
export { isGrey } from './isGrey';
export { pagesOfStory } from './pagesOfStory';
export type { StoryPage, StoryPages } from './pagesOfStory';
