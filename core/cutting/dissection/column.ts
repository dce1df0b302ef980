/** Numbers, one after the other: what is read millions of times is kept so. */
export type Column = Int32Array | Float64Array;

/** What stands at a place that is there. For columns alone, so that reading stays fast. */
export const at = (column: Column, place: number): number => column[place] as number;
