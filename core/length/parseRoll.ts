import { err, ok, type Result } from '../result';
import { parseLength, type LengthError } from './parseLength';
import { plainNumber } from './plainNumber';
import { inches, mm, TICKS_PER_INCH, ticks, type Ticks, type Unit } from './ticks';

/** What lengths of rolls are told in, as a pattern. */
export const ROLL_UNITS = String.raw`(?:yds?|yards?|m|met(?:re|er)s?|ft|feet|foot)`;
const PER: Readonly<Record<string, Ticks>> = { y: inches(36), f: inches(12), m: mm(1_000) };
const ROLL = new RegExp(String.raw`^([\d\s./-]*\d)\s*(${ROLL_UNITS})\.?$`, 'i');

/**
 * So many yards, feet or metres.
 * @param n as a length in inches
 * @param unit one of {@link ROLL_UNITS}
 * @returns ticks, to the nearest
 */
export const ofRoll = (n: Ticks, unit: string): number =>
  Math.round((n / TICKS_PER_INCH) * (PER[unit.charAt(0).toLowerCase()] ?? 0));

/** Reads the length of a roll: `10 yd`, `2.5 m`, `3 ft`, or whatever {@link parseLength} reads. */
export function parseRoll(text: string, unit: Unit): Result<Ticks, LengthError> {
  const [, number, long] = ROLL.exec(plainNumber(text)) ?? [];
  if (number === undefined || long === undefined) return parseLength(text, unit);
  const read = parseLength(number, 'in');
  if (!read.ok) return read;
  const length = ofRoll(read.value, long);
  return Number.isSafeInteger(length) ? ok(ticks(length)) : err({ kind: 'too-long', text });
}
