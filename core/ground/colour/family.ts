import { hexToLab } from './srgbToLab';

/** Colours as a stash is sorted by eye: greys and creams apart, the rest by hue. */
export type Family = 'blues' | 'pinks' | 'ambers' | 'greens' | 'violets' | 'neutrals';
export const FAMILIES: readonly Family[] = ['blues', 'pinks', 'ambers', 'greens', 'violets', 'neutrals'];

/**
 * The family by CIELAB hue angle; below a chroma of 12 a colour is neutral. Dark blues are blues down to a chroma of 6.
 */
export function familyOf(hex: string): Family {
  const { l, a, b } = hexToLab(hex);
  const chroma = Math.hypot(a, b);
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  const isBlue = hue >= 195 && hue < 305;
  if (chroma < (isBlue && l < 45 ? 6 : 12)) return 'neutrals';
  if (isBlue) return 'blues';
  if (hue >= 305 && hue < 335) return 'violets';
  if (hue >= 335 || hue < 38) return 'pinks';
  return hue < 100 ? 'ambers' : 'greens';
}
