export { boxOf, contourPath, ellipseContour, movedBy, rectContour } from './contour';
export type { Contour } from './contour';
export { areaOf, common, cuttable, difference, joined, liesOn, offset } from './polygons';
export { pathContours } from './fromPath';
export { bandRects } from './bands';
export { traceOutline } from './trace';
export type { Dots } from './trace';
