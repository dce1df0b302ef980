import type { ColourShare } from './coverPalette';

/** The ground gets what the others leave: one colour all, two 70 to 30, three 60, 25 and 15. */
const SHARES: readonly (readonly number[])[] = [[], [1], [0.7, 0.3], [0.6, 0.25, 0.15]];

/** How much there is of each colour that a face is said to have, the ground's first; no more than three count. */
export function sharesOf(hexes: readonly string[]): ColourShare[] {
  const told = hexes.slice(0, 3);
  return told.map((hex, i) => ({ hex, share: SHARES[told.length]?.[i] ?? 0 }));
}
