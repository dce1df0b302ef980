export { pathHolds } from './clipPath';
export { drawPart, drawShape } from './drawShape';
export { pathData, turnedQuarter } from './pathData';
export type { DrawnShape, Line, Path, Shape, ShapeError, ShapeKind, ShapePart, Stroke } from './shape';
