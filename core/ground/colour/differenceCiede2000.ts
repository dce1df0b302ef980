import type { LabD65 } from './srgbToLab';

const rad = (degrees: number): number => (degrees * Math.PI) / 180;
const hue = (a: number, b: number): number => {
  if (a === 0 && b === 0) return 0;
  const h = (Math.atan2(b, a) * 180) / Math.PI;
  return h < 0 ? h + 360 : h;
};

/** Mean of two hues on the circle; their sum where one of the colours is grey. */
function meanHue(h1: number, h2: number, grey: boolean): number {
  if (grey) return h1 + h2;
  if (Math.abs(h1 - h2) <= 180) return (h1 + h2) / 2;
  return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
}

function hueStep(h1: number, h2: number, grey: boolean): number {
  if (grey) return 0;
  const step = h2 - h1;
  return step > 180 ? step - 360 : step < -180 ? step + 360 : step;
}

/**
 * CIEDE2000 with kL = kC = kH = 1. Source: G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula",
 * Color Research and Application 30 (1), 2005, 21-30, equations 2 to 22, whose letters are kept.
 */
export function differenceCiede2000(one: LabD65, two: LabD65): number {
  const meanC = (Math.hypot(one.a, one.b) + Math.hypot(two.a, two.b)) / 2;
  const G = 0.5 * (1 - Math.sqrt(meanC ** 7 / (meanC ** 7 + 25 ** 7)));
  const a1 = (1 + G) * one.a;
  const a2 = (1 + G) * two.a;
  const C1 = Math.hypot(a1, one.b);
  const C2 = Math.hypot(a2, two.b);
  const grey = C1 * C2 === 0;
  const h1 = hue(a1, one.b);
  const h2 = hue(a2, two.b);

  const dL = two.l - one.l;
  const dC = C2 - C1;
  const dH = 2 * Math.sqrt(C1 * C2) * Math.sin(rad(hueStep(h1, h2, grey)) / 2);

  const L = (one.l + two.l) / 2;
  const C = (C1 + C2) / 2;
  const h = meanHue(h1, h2, grey);
  const T =
    1 -
    0.17 * Math.cos(rad(h - 30)) +
    0.24 * Math.cos(rad(2 * h)) +
    0.32 * Math.cos(rad(3 * h + 6)) -
    0.2 * Math.cos(rad(4 * h - 63));
  const SL = 1 + (0.015 * (L - 50) ** 2) / Math.sqrt(20 + (L - 50) ** 2);
  const SC = 1 + 0.045 * C;
  const SH = 1 + 0.015 * C * T;
  const RC = 2 * Math.sqrt(C ** 7 / (C ** 7 + 25 ** 7));
  const RT = -Math.sin(rad(60 * Math.exp(-(((h - 275) / 25) ** 2)))) * RC;
  return Math.sqrt((dL / SL) ** 2 + (dC / SC) ** 2 + (dH / SH) ** 2 + RT * (dC / SC) * (dH / SH));
}
