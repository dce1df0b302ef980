export { drawShape } from './drawShape';
export { pathData, turnedQuarter } from './pathData';
export type { DrawnShape, Line, Path, Shape, ShapeError, ShapeKind, Stroke } from './shape';
