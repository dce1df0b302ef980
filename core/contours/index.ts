export { boxOf, contourPath, ellipseContour, movedBy, rectContour } from './contour';
export type { Contour } from './contour';
export { areaOf, common, cuttable, difference, liesOn, offset } from './polygons';
export { bandRects } from './bands';
export { traceOutline } from './trace';
export type { Dots } from './trace';
