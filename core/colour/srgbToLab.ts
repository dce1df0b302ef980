import { hexToRgb, type Rgb } from './hex';

/** CIELAB with the white point D65. */
export interface LabD65 { readonly l: number; readonly a: number; readonly b: number }

// CIE 1931 2° white D65, chromaticity x = 0.3127, y = 0.3290 (as IEC 61966-2-1 gives it).
const WHITE = { x: 0.3127 / 0.329, y: 1, z: (1 - 0.3127 - 0.329) / 0.329 };

/** IEC 61966-2-1, the transfer function of sRGB; 0 to 255 in, 0 to 1 out. */
function linear(channel: number): number {
  const v = channel / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
}

/** CIE 15:2004, the cube root with its straight foot. */
const foot = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : (24389 / 27 * t + 16) / 116);

/** sRGB (0 to 255) to CIELAB. Matrix: sRGB primaries and D65 white to XYZ, as in W3C CSS Color 4. */
export function rgbToLabD65({ r, g, b }: Rgb): LabD65 {
  const [lr, lg, lb] = [linear(r), linear(g), linear(b)];
  const x = (506752 / 1228815) * lr + (87881 / 245763) * lg + (12673 / 70218) * lb;
  const y = (87098 / 409605) * lr + (175762 / 245763) * lg + (12673 / 175545) * lb;
  const z = (7918 / 409605) * lr + (87881 / 737289) * lg + (1001167 / 1053270) * lb;
  const [fx, fy, fz] = [foot(x / WHITE.x), foot(y / WHITE.y), foot(z / WHITE.z)];
  return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}

/** @throws {RangeError} not `#rgb` or `#rrggbb` */
export const hexToLab = (hex: string): LabD65 => rgbToLabD65(hexToRgb(hex));
