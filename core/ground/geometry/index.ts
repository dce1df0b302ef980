export { area, contains, inflate, intersect, overlaps, splitRect } from './rect';
export type { Point, Rect, Size } from './rect';
export { holds, spotFor } from './holds';
export { restAround } from './restAround';
export { largestRectOutside, solidRects, unionArea } from './compress';
