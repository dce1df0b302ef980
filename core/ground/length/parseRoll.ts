import type { Result } from '../result';
import { parseLength, type LengthError } from './parseLength';
import { plainNumber } from './plainNumber';
import type { Ticks, Unit } from './ticks';

/** What lengths of rolls are told in, to their end, as a pattern of letters of any script. */
export const ROLL_UNITS = String.raw`(?:(?:yds?|yards?|m|met(?:re|er)s?|ft|feet|foot)(?![\p{L}\d])|['′](?!['′\p{L}\d]))`;
const PER: Readonly<Record<string, readonly [number, Unit]>> = {
  y: [36, 'in'],
  f: [12, 'in'],
  "'": [12, 'in'],
  '′': [12, 'in'],
  m: [1_000, 'mm'],
};
const ROLL = new RegExp(String.raw`^([\d\s./-]*\d)\s*(${ROLL_UNITS})\.?$`, 'iu');

/**
 * So many yards, feet or metres.
 * @param number in figures, as {@link parseLength} reads it
 * @param of one of {@link ROLL_UNITS}
 * @returns ticks, to the nearest
 */
export function ofRoll(number: string, of: string): Result<Ticks, LengthError> {
  const [times, unit] = PER[of.charAt(0).toLowerCase()] ?? [1, 'in'];
  return parseLength(number, unit, times);
}

/** Reads the length of a roll: `10 yd`, `2.5 m`, `3 ft`, or whatever {@link parseLength} reads. */
export function parseRoll(text: string, unit: Unit): Result<Ticks, LengthError> {
  const [, number, long] = ROLL.exec(plainNumber(text)) ?? [];
  return number === undefined || long === undefined ? parseLength(text, unit) : ofRoll(number, long);
}
