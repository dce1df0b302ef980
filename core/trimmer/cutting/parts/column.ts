/** Numbers, one after the other: what is read millions of times is kept so. */
export type Column = Int32Array | Float64Array;

/** What stands at a place that is there. For columns alone, so that reading stays fast. */
export const at = (column: Column, place: number): number => column[place] as number;

/** The same numbers with room for more. */
export function longer(column: Int32Array, length: number): Int32Array {
  const grown = new Int32Array(length);
  grown.set(column);
  return grown;
}
