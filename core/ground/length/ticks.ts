/** A length in ticks, a whole number; sums and differences of lengths are lengths. Scale: 1 mm = 320 ticks, 1 in = 8128 ticks, 1/64 in = 127 ticks, all exact. */
export type Ticks = number;

export type Unit = 'in' | 'mm' | 'cm';

export const TICKS_PER_MM = 320;
/** 25.4 x 320. The international inch is 25.4 mm exactly (1959). */
export const TICKS_PER_INCH = 8128;

const PER: Record<Unit, number> = { in: TICKS_PER_INCH, mm: TICKS_PER_MM, cm: 10 * TICKS_PER_MM };

/** Ticks in one of a unit. */
export const ticksPer = (unit: Unit): number => PER[unit];

/** @throws {RangeError} n is not a safe integer: a bug in the caller; text of a user goes through `parseLength`. */
export function ticks(n: number): Ticks {
  if (!Number.isSafeInteger(n)) throw new RangeError(`ticks: expected a safe integer, got ${n}`);
  return n;
}

/** Nearest tick to so many inches, half up. For constants of the code; not for what a person typed. */
export const inches = (n: number): Ticks => ticks(Math.floor(n * TICKS_PER_INCH + 0.5));

/** Nearest tick to so many millimetres, half up. */
export const mm = (n: number): Ticks => ticks(Math.floor(n * TICKS_PER_MM + 0.5));

export const toInches = (t: number): number => t / TICKS_PER_INCH;

export const toMm = (t: number): number => t / TICKS_PER_MM;
