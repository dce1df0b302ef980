export { area, contains, fitsEitherWay, inflate, intersect, overlaps } from './rect';
export type { Point, Rect, Size } from './rect';
export { largestRectOutside, solidRects, unionArea } from './compress';
