export { designFrom } from './designFrom';
export { measuredFrom } from './measuredFrom';
export { readDesign } from './readDesign';
export type { DesignLineError, ReadDesign } from './readDesign';
export { writeDesign } from './writeDesign';
