import { TICKS_PER_INCH, TICKS_PER_MM, type Ticks } from './ticks';

/** How a person reads her trimmer: inches with fractions, or centimetres. */
export type MeasureSystem = 'in' | 'cm';

const SIXTY_FOURTHS = 64;

function fraction(sixtyFourths: number): string {
  let over = sixtyFourths;
  let under = SIXTY_FOURTHS;
  while (over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  return `${over}/${under}`;
}

function inInches(length: Ticks): string {
  const nearest = Math.round((Math.abs(length) * SIXTY_FOURTHS) / TICKS_PER_INCH);
  const whole = Math.floor(nearest / SIXTY_FOURTHS);
  const rest = nearest % SIXTY_FOURTHS;
  if (rest === 0) return String(whole);
  return whole === 0 ? fraction(rest) : `${whole} ${fraction(rest)}`;
}

/** Tenths of a millimetre, trailing noughts dropped. */
const inCm = (length: Ticks): string => String(Math.round(Math.abs(length) / (TICKS_PER_MM / 10)) / 100);

/**
 * A length as it stands on a trimmer: `3 1/4″` (nearest 1/64) or `8.26 cm` (nearest 0.1 mm).
 * @param length ticks
 */
export function formatLength(length: Ticks, system: MeasureSystem): string {
  const sign = length < 0 ? '−' : '';
  return sign + (system === 'in' ? `${inInches(length)}″` : `${inCm(length)} cm`);
}

/** `4 1/4 × 6 1/4` or `10.8 × 15.88 cm`: a size without quotes, as it is said. */
export function formatSize(size: { readonly w: number; readonly h: number }, system: MeasureSystem): string {
  return system === 'in' ? `${inInches(size.w)} × ${inInches(size.h)}` : `${inCm(size.w)} × ${inCm(size.h)} cm`;
}

/** An area in square inches or square centimetres, one decimal. @param area square ticks */
export function formatArea(area: number, system: MeasureSystem): string {
  const side = system === 'in' ? TICKS_PER_INCH : 10 * TICKS_PER_MM;
  const value = Math.round((area / (side * side)) * 10) / 10;
  return `${value.toLocaleString('en-GB')} ${system === 'in' ? 'sq in' : 'sq cm'}`;
}
