import { inches, ofRoll, ROLL_UNITS, type Ticks } from '../../ground/length';
import { NUMBER, NUMBER_WORD, WHOLE, wholeOf } from './numbers';
import { SLIM, takeMeasure, type Sizes } from './takeSizes';
import { SHEETS, type Doubt, type Thing, type ThingKind } from './thing';
import type { Unread } from './unread';
import type { Punch } from '../things';

export const ROLLS: readonly ThingKind[] = ['washi', 'ribbon', 'twine'];
const LENGTH = new RegExp(
  String.raw`(?:(about|approx\.?|approximately|ca\.?|around|~)\s*)?(?<![\w/.])(${NUMBER}|(?:${NUMBER_WORD}|an?|half an?)(?=[\s-]))[\s-]*(${ROLL_UNITS})\.?(?:\s+each(?!\p{L})(?:\s+of\s+(${WHOLE})(?![\p{L}\d/.]))?)?`,
  'iu',
);
/** A measure of a roll that is shorter is its width. */
export const WIDEST_ROLL = inches(3);
const SQUARE = /(?<!\p{L})(?:square|sq\.?)(?!\p{L})/iu;
/** Said beside a measure. */
const WIDE_OR_LONG = /(?<!\p{L})(?:wide|width|long|length)(?!\p{L})/giu;

/** Where it is said that a length is that of each, and of how many; null: that is not told. */
type EachRoll = Omit<Doubt, 'why'> & { readonly of: number | null };

interface RollLength {
  readonly length: Ticks;
  /** What it is told in: the unit's first letter. */
  readonly unit: string;
  readonly doubts: readonly Doubt[];
  readonly each: EachRoll | null;
}

/** Takes how long a roll is; null: that is not told. */
export function takeLength(line: Unread): RollLength | null {
  const match = line.take(LENGTH);
  if (!match) return null;
  const [words, vague, told = '', unit = '', of] = match;
  const number = /^\p{L}/u.test(told) ? String(/^half/i.test(told) ? 0.5 : wholeOf(told)) : told;
  const length = ofRoll(number, unit).value;
  if (!length) return null;
  const at = { words: words.trim(), from: match.index, to: match.index + words.length };
  return {
    length,
    unit: unit.charAt(0).toLowerCase(),
    doubts: vague === undefined ? [] : [{ ...at, why: 'Not measured exactly.' }],
    each: /each(?!\p{L})/iu.test(words) ? { ...at, of: of === undefined ? null : wholeOf(of) } : null,
  };
}

/** `24 1/2" dots`: a count and a size, or a mixed number. */
const SO_MANY_OF = /^\d+ +(?:\d+\/\d|[¼½¾⅛⅜⅝⅞])/;
interface OneMeasure {
  readonly size: Thing['size'];
  readonly height: Ticks | null;
  readonly length: Ticks | null;
  readonly doubts: readonly Doubt[];
}
const NO_MEASURE: OneMeasure = { size: null, height: null, length: null, doubts: [] };

/** A length told in another unit is not quite the same: `10 m (33 ft)`. */
const NEARLY = 0.02;
const isNear = (length: Ticks, told: Ticks): boolean => Math.abs(length - told) <= NEARLY * told;

/** Whether a roll is as long as was told before, in another unit. In the same one it is another roll: `5 m + 5 m`. */
export const isAgain = (roll: RollLength, told: RollLength): boolean =>
  roll.unit !== told.unit && isNear(roll.length, told.length);

/**
 * Of a roll, what stands alone is its width or its length; of letters their height; else one side.
 * @param told how long a roll was said to be before; null: it was not
 */
function takeOneMeasure(line: Unread, kind: ThingKind, punch: Punch | null, told: Ticks | null): OneMeasure {
  if (punch) return { ...NO_MEASURE, size: { w: punch.size, h: null } };
  const measure = takeMeasure(line);
  if (!measure) return NO_MEASURE;
  const { ticks, from, to } = measure;
  if (kind === 'alpha') return { ...NO_MEASURE, height: ticks };
  if (ROLLS.includes(kind)) {
    const isLength = (one: Ticks): boolean => one > WIDEST_ROLL && (told === null || isNear(one, told));
    if (isLength(ticks)) return { ...NO_MEASURE, length: ticks };
    // What is neither stays: it is in doubt.
    if (ticks > WIDEST_ROLL) {
      line.restore(from, to);
      return NO_MEASURE;
    }
    const second = takeMeasure(line);
    const length = second && isLength(second.ticks) ? second.ticks : null;
    if (second && length === null) line.restore(second.from, second.to);
    line.takeAll(WIDE_OR_LONG);
    return { ...NO_MEASURE, size: { w: ticks, h: null }, length };
  }
  const words = line.text.slice(from, to).trim();
  if (SHEETS.includes(kind) && line.take(SQUARE)) return { ...NO_MEASURE, size: { w: ticks, h: ticks } };
  const isBoth = SO_MANY_OF.test(words) && !SHEETS.includes(kind) && line.text.slice(0, from).trim() === '';
  const why = 'So many of that size, or one so large?';
  return { ...NO_MEASURE, size: { w: ticks, h: null }, doubts: isBoth ? [{ words, why, from, to }] : [] };
}

/** The width of a roll and its length, where both are told as a size is: `1/2" x 36"`. */
function asRoll({ size, at, doubts }: Sizes): Omit<OneMeasure, 'height'> {
  if (!size || !at) return { size, length: null, doubts };
  const [width, length] = [Math.min(size.w, size.h), Math.max(size.w, size.h)];
  if (width <= WIDEST_ROLL && length >= SLIM * width) return { size: { w: width, h: null }, length, doubts };
  return { size, length: null, doubts: [...doubts, { ...at, why: 'Its width and its length? In what?' }] };
}

function takeLengthAgain(line: Unread, told: RollLength): void {
  const own = line.copy();
  const again = takeLength(own);
  if (again && isAgain(again, told)) line.left = own.left;
}

/** What a line tells of how large and how long a thing is. */
export interface Measures extends Pick<Thing, 'size' | 'length' | 'height'> {
  /** The length is said to be that of each; null: it is not. */
  readonly each: EachRoll | null;
  /** One measure stands alone, or a length is told. */
  readonly isTold: boolean;
  readonly doubts: readonly Doubt[];
}

/**
 * Takes the measures of a thing of a kind: of a roll its width and its length, of letters their height, of a punch what
 * it cuts, else one side.
 * @param sizes what was taken before: two sides
 */
export function takeMeasures(line: Unread, kind: ThingKind, sizes: Sizes, punch: Punch | null): Measures {
  const isRoll = ROLLS.includes(kind);
  const sized = isRoll ? asRoll(sizes) : { ...sizes, length: null };
  const rolled = isRoll && sized.length === null ? takeLength(line) : null;
  if (rolled) takeLengthAgain(line, rolled);
  const one = sizes.size === null ? takeOneMeasure(line, kind, punch, rolled?.length ?? null) : NO_MEASURE;
  return {
    size: sized.size ?? one.size,
    length: sized.length ?? rolled?.length ?? one.length,
    height: kind === 'alpha' && sizes.size !== null ? (takeMeasure(line)?.ticks ?? null) : one.height,
    each: rolled?.each ?? null,
    isTold: one !== NO_MEASURE || rolled !== null,
    doubts: [...sized.doubts, ...one.doubts, ...(rolled?.doubts ?? [])],
  };
}
