import { hexToRgb, rgbToHex, type Rgb } from './hex';

/** CIELAB with the white point D65. */
export interface LabD65 {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

// CIE 1931 2° white D65, chromaticity x = 0.3127, y = 0.3290 (as IEC 61966-2-1 gives it).
const WHITE = { x: 0.3127 / 0.329, y: 1, z: (1 - 0.3127 - 0.329) / 0.329 };

/** IEC 61966-2-1, the transfer function of sRGB; 0 to 255 in, 0 to 1 out. */
function linear(channel: number): number {
  const v = channel / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
}

/** CIE 15:2004, the cube root with its straight foot. */
const foot = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);

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

/** The inverse of `foot`. */
const unfoot = (f: number): number => (f ** 3 > 216 / 24389 ? f ** 3 : (116 * f - 16) / (24389 / 27));

/** The inverse of `linear`, held between 0 and 255. */
const gamma = (v: number): number =>
  Math.min(255, Math.max(0, 255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055)));

/**
 * CIELAB (D65) to sRGB; what sRGB cannot show is cut off channel by channel. Matrix: the inverse, as in W3C CSS Color
 * 4.
 */
export function labToHex({ l, a, b }: LabD65): string {
  const fy = (l + 16) / 116;
  const [x, y, z] = [WHITE.x * unfoot(fy + a / 500), unfoot(fy), WHITE.z * unfoot(fy - b / 200)];
  return rgbToHex({
    r: gamma((12831 / 3959) * x - (329 / 214) * y - (1974 / 3959) * z),
    g: gamma((-851781 / 878810) * x + (1648619 / 878810) * y + (36519 / 878810) * z),
    b: gamma((705 / 12673) * x - (2585 / 12673) * y + (705 / 667) * z),
  });
}
