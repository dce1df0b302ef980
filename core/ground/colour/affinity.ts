import type { ColourShare } from './coverPalette';
import { differenceCiede2000 } from './differenceCiede2000';
import { hexToLab } from './srgbToLab';

/**
 * How far a face is from a set of photos: each of its colours is measured by CIEDE2000 to the nearest photo colour, and
 * the mean is weighted by the colour's share. 0 is the same colours; about 10 goes well; over 30 are strangers.
 * @returns Infinity when either side has no colours
 */
export function affinity(photos: readonly ColourShare[], face: readonly ColourShare[]): number {
  const wanted = photos.map(({ hex }) => hexToLab(hex));
  const weight = face.reduce((sum, { share }) => sum + share, 0);
  if (wanted.length === 0 || weight === 0) return Infinity;
  const sum = face.reduce((total, { hex, share }) => {
    const lab = hexToLab(hex);
    return total + share * Math.min(...wanted.map((other) => differenceCiede2000(lab, other)));
  }, 0);
  return sum / weight;
}
