import { err, ok, type Result } from '../result';
import { plainNumber } from './plainNumber';
import { ticks, ticksPer, type Ticks, type Unit } from './ticks';

export type LengthError =
  | { readonly kind: 'empty'; readonly text: string }
  | { readonly kind: 'not-a-length'; readonly text: string }
  | { readonly kind: 'unfinished-fraction'; readonly text: string }
  | { readonly kind: 'negative'; readonly text: string }
  | { readonly kind: 'zero-denominator'; readonly text: string }
  | { readonly kind: 'too-long'; readonly text: string };

const UNITS: Record<string, Unit> = { in: 'in', '"': 'in', '″': 'in', mm: 'mm', cm: 'cm' };
const LENGTH = /^(?:(\d+)(?:\s+|\s*-\s*)(?=\d+\s*\/))?(\d+(?:\.\d*)?|\.\d+)(?:\s*\/\s*(\d+))?\s*(in|mm|cm|"|″)?$/i;

/** Characters of a length as people write it, at the most. */
const LONGEST_TEXT = 100;

interface Ratio {
  readonly over: bigint;
  readonly under: bigint;
}

/** `12`, `3.25`, `.5` or `1e-7` as an exact fraction. */
function decimalRatio(text: string): Ratio {
  const [mantissa = '', exponent = '0'] = text.toLowerCase().split('e');
  const [whole = '', part = ''] = mantissa.split('.');
  const shift = Number(exponent) - part.length;
  const digits = BigInt(`${whole}${part}` || '0');
  return shift >= 0
    ? { over: digits * 10n ** BigInt(shift), under: 1n }
    : { over: digits, under: 10n ** BigInt(-shift) };
}

/** Nearest whole tick, half up: floor((2 x over x scale + under) / (2 x under)). */
function roundToTicks({ over, under }: Ratio, unit: Unit, text: string, times = 1): Result<Ticks, LengthError> {
  const twice = 2n * over * BigInt(times * ticksPer(unit)) + under;
  const nearest = twice / (2n * under);
  return nearest > BigInt(Number.MAX_SAFE_INTEGER) ? err({ kind: 'too-long', text }) : ok(ticks(Number(nearest)));
}

/**
 * Reads a length as people write it: `3 1/4`, `3¼`, `3-1/4"`, `3.25`, `1/2`, `82.5mm`, `8.25 cm`.
 * @param unit what a number without a unit of its own is in
 * @param times a whole number: what is read is so many times as long, and only then rounded
 * @returns ticks >= 0, rounded to the nearest, half up; no sign and no decimal comma are taken
 */
export function parseLength(text: string, unit: Unit = 'in', times = 1): Result<Ticks, LengthError> {
  const trimmed = text.length > LONGEST_TEXT ? text.trim() : plainNumber(text);
  // No length is written so long; what is could take for ever to read.
  if (trimmed.length > LONGEST_TEXT) return err({ kind: 'not-a-length', text: `${trimmed.slice(0, 40)}…` });
  if (trimmed === '') return err({ kind: 'empty', text });
  if (/^[-−–]/.test(trimmed)) return err({ kind: 'negative', text });
  if (/\/\s*(in|mm|cm|"|″)?$/i.test(trimmed)) return err({ kind: 'unfinished-fraction', text });
  const match = LENGTH.exec(trimmed);
  if (!match) return err({ kind: 'not-a-length', text });
  const [, whole, number = '', under, suffix] = match;
  if (under !== undefined && number.includes('.')) return err({ kind: 'not-a-length', text });
  if (under !== undefined && BigInt(under) === 0n) return err({ kind: 'zero-denominator', text });
  const read = suffix === undefined ? unit : UNITS[suffix.toLowerCase()]!;
  if (under === undefined) return roundToTicks(decimalRatio(number), read, text, times);
  const bottom = BigInt(under);
  return roundToTicks({ over: BigInt(whole ?? 0) * bottom + BigInt(number), under: bottom }, read, text, times);
}

/**
 * A bare number of a job, in `unit`, as ticks: its shortest decimal form is taken at its word.
 * @returns may be negative (half up still: -0.5 ticks gives 0); `too-long` beyond safe integers
 */
export function numberToTicks(n: number, unit: Unit): Result<Ticks, LengthError> {
  const text = String(n);
  if (!Number.isFinite(n) || Math.abs(n) > Number.MAX_SAFE_INTEGER) return err({ kind: 'too-long', text });
  if (n >= 0) return roundToTicks(decimalRatio(text), unit, text);
  const { over, under } = decimalRatio(text.slice(1));
  // Half up means towards the larger number, so the mirror image rounds half down.
  const size = (2n * over * BigInt(ticksPer(unit)) + under - 1n) / (2n * under);
  return size > BigInt(Number.MAX_SAFE_INTEGER)
    ? err({ kind: 'too-long', text })
    : ok(ticks(size === 0n ? 0 : -Number(size)));
}
