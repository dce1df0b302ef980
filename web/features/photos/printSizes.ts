/** Common print sizes, as they lie, and one of her own. Common practice, no source. */
export const PRINT_SIZES = [
  ['6x4', '4 × 6'],
  ['3x4', '3 × 4'],
  ['4x4', '4 × 4'],
  ['7x5', '5 × 7'],
  ['2x2', '2 × 2'],
  ['8x4', '4 × 8'],
  ['other', 'another size'],
] as const;
export type PrintSize = (typeof PRINT_SIZES)[number][0];
