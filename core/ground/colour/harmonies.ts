import { hexToLab, labToHex } from './srgbToLab';

/** Colours that go with one, by the usual harmonies: turned about the hue circle at the same lightness and strength. */
export type Harmony = 'near' | 'opposite' | 'neighbours' | 'thirds';

const TURNS: Record<Harmony, readonly number[]> = {
  near: [0],
  opposite: [180],
  neighbours: [-30, 30],
  thirds: [-120, 120],
};

/**
 * The colours of a harmony, nearest that sRGB can show. Hue angles in CIELAB; the angles are the usual ones of colour
 * wheels, from memory.
 */
export function harmonyOf(hex: string, harmony: Harmony): string[] {
  const { l, a, b } = hexToLab(hex);
  return TURNS[harmony].map((turn) => {
    const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
    return turn === 0 ? hex : labToHex({ l, a: a * cos - b * sin, b: a * sin + b * cos });
  });
}
