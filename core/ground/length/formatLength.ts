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

const A_SIXTEENTH = TICKS_PER_INCH / 16;
/**
 * Where something lies, as near as it can be laid by hand: `3 1/4″` (nearest 1/16) or `8.3 cm` (nearest mm).
 * @param length ticks
 */
export function formatPlace(length: Ticks, system: MeasureSystem): string {
  const step = system === 'in' ? A_SIXTEENTH : TICKS_PER_MM;
  return formatLength((Math.round(Math.abs(length) / step) * step * Math.sign(length)) as Ticks, system);
}

/** Papers that are called by their format, millimetres. Source: ISO 216. */
const ISO: readonly (readonly [name: string, w: number, h: number])[] = [
  ['A3', 297, 420],
  ['A4', 210, 297],
  ['A5', 148, 210],
  ['A6', 105, 148],
];

const isoName = ({ w, h }: { readonly w: number; readonly h: number }): string | undefined =>
  ISO.find(([, a, b]) => Math.min(w, h) === a * TICKS_PER_MM && Math.max(w, h) === b * TICKS_PER_MM)?.[0];

/** `4 1/4 × 6 1/4` or `10.8 × 15.88 cm`: a size without quotes, as it is said; `A4` where it is one. */
export function formatSize(size: { readonly w: number; readonly h: number }, system: MeasureSystem): string {
  const iso = isoName(size);
  if (iso !== undefined) return iso;
  return system === 'in' ? `${inInches(size.w)} × ${inInches(size.h)}` : `${inCm(size.w)} × ${inCm(size.h)} cm`;
}

/** An area in square inches or square centimetres, one decimal. @param area square ticks */
export function formatArea(area: number, system: MeasureSystem): string {
  const side = system === 'in' ? TICKS_PER_INCH : 10 * TICKS_PER_MM;
  const value = Math.round((area / (side * side)) * 10) / 10;
  return `${value.toLocaleString('en-GB')} ${system === 'in' ? 'sq in' : 'sq cm'}`;
}
