export interface Rgb {
  readonly r: number;
  readonly g: number;
  readonly b: number;
}

const HEX = /^#(?:[0-9a-f]{3}|[0-9a-f]{6})$/i;

export const isHex = (text: string): boolean => HEX.test(text);

/**
 * Reads `#rgb` or `#rrggbb`, either case; channels 0 to 255. @throws {RangeError} other text: check with `isHex` first
 */
export function hexToRgb(hex: string): Rgb {
  if (!isHex(hex)) throw new RangeError(`hexToRgb: expected #rgb or #rrggbb, got ${hex}`);
  const long = hex.length === 4 ? [...hex.slice(1)].map((digit) => digit + digit).join('') : hex.slice(1);
  const n = parseInt(long, 16);
  return { r: n >> 16, g: (n >> 8) & 255, b: n & 255 };
}

/** Lower case `#rrggbb`; channels are rounded to whole numbers. */
export const rgbToHex = ({ r, g, b }: Rgb): string =>
  `#${[r, g, b].map((v) => Math.round(v).toString(16).padStart(2, '0')).join('')}`;
