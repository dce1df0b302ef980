import type { Unit } from '../../ground/length';
import { NO_COUNTS, NUMBER_WORD, WHOLE, wholeOf } from './numbers';
import { HOLDERS, PIECES } from './takeCounts';
import { takeMeasure, takeSizes } from './takeSizes';
import type { Doubt, Thing } from './thing';
import { Unread, type Stretch } from './unread';

/** One of several things that a line tells of: so many, called so. */
export interface MixedPart {
  readonly count: number;
  readonly name: string;
  readonly from: number;
  readonly to: number;
  /** The same with what stands in quotes hidden: those words say nothing of colours. */
  readonly seen: string;
  /** Of the part itself. */
  readonly size?: Thing['size'];
  readonly sizeAt?: { readonly from: number; readonly to: number };
  readonly length?: Thing['length'];
  readonly doubts?: readonly Doubt[];
}

const BEFORE = new RegExp(
  String.raw`^\s*[(\[]?(${WHOLE})[)\]]?\s*(?:[x×]\s*|(?:sheets?|pcs?|each|ea|of)\.?\s+)?(?:of\s+|each[:\s]\s*)?(?!${NO_COUNTS})(?=\p{L}|\uE000)`,
  'iu',
);
const SHEETS_BEHIND = String.raw`(?:\s*(?:sheets?|shts?|pcs?|pieces?|ea)\.?)?`;
const BEHIND = new RegExp(
  String.raw`\s*(?:[x×]\s*(\d+)${SHEETS_BEHIND}|\(\s*[x×]?\s*(\d+)${SHEETS_BEHIND}\s*\)|[-–—]\s*(\d+)${SHEETS_BEHIND}|(?<=\s)(\d+)${SHEETS_BEHIND})\s*$`,
  'iu',
);
const ONLY_BEHIND = new RegExp(String.raw`^${BEHIND.source}`, 'iu');

/** A count beside a size, and nothing else: `8 - 3x4`. */
const ALONE = new RegExp(String.raw`^\s*(${WHOLE})\s*[x×@–—:-]?\s*(?:of\s*)?$`, 'iu');
/** `2 each`, of what is named until the next number. */
export const OF_EACH = new RegExp(String.raw`^\s*${WHOLE}\s*(?:of\s+)?(?:each|ea\b\.?)(?:\s+of)?\s*[:–—-]?\s`, 'iu');
/** Beside a count it says nothing more. */
const LEFT = /(?:^|\s)left\s*$/i;
const EMPTY_BRACKETS = /[([]\s*[)\]]/g;

/** Words that only say of what there are so many. */
const NO_NAMES = new RegExp(
  String.raw`^(?:(?:different )?(?:colou?rs?|designs?|styles?|kinds?|sorts?|sizes?|shapes?|${PIECES}|rolls?|spools?|packs?|pks?|pkgs?|sets?|bags?|pages?|yards?|met(?:re|er)s?)|(?:an? )?(?:${HOLDERS}) of|strips?|(?:per|in each|to an?) \p{L}+|(?:of )?(?:them|these|those|which)(?: .*)?)$`,
  'iu',
);
/** A second count. */
const NUMBERS = new RegExp(String.raw`\p{N}|(?<![\p{L}'’])(?:${NUMBER_WORD})(?![\p{L}'’])`, 'u');

/** A stretch with its count, and its name or its size; null: it is none of several. */
export function partOf(line: Unread, { from, to, text }: Stretch, unit: Unit): MixedPart | null {
  const own = new Unread(line.text.slice(from, to));
  own.left = text;
  const { size: sides, at, doubts } = takeSizes(own, unit);
  const measure = sides ? null : takeMeasure(own);
  const size = sides ?? (measure && { w: measure.ticks, h: null });
  // Behind a size `(4 pcs)` counts, and names nothing.
  const alone = size && ONLY_BEHIND.exec(own.left);
  const before = alone ? null : (BEFORE.exec(own.left) ?? (size && ALONE.exec(own.left)));
  const behind = alone ?? (before ? null : BEHIND.exec(own.left));
  const told = before ?? behind;
  // A size alone says nothing of how many.
  if (!told || doubts.some(({ about }) => about !== 'unit')) return null;
  const n = wholeOf(told.slice(1).find((group) => group !== undefined) ?? '');
  const [start, end] = [before ? before[0].length : 0, behind ? behind.index : own.left.length];
  const called = own
    .told(start, end)
    .replace(EMPTY_BRACKETS, '')
    .replace(LEFT, '')
    .replace(/[\s.;,]+$/, '');
  // A bracket of which the other stands in another part.
  const name = /\(.*\)/.test(called) ? called : called.replace(/^\(+|\)+$/g, '');
  return (name === '' && !size) || NUMBERS.test(own.left.slice(start, end)) || n === 0 || NO_NAMES.test(name)
    ? null
    : {
        count: n,
        name,
        seen: own.left.slice(start, end),
        from: from + start,
        to: from + end,
        ...(size ? { size } : {}),
        ...(at ? { sizeAt: { from: at.from + from, to: at.to + from } } : {}),
        doubts: doubts.map((one) => ({ ...one, from: one.from + from, to: one.to + from })),
      };
}

/** What is named without a number: so many of it as is said of each. Null: nothing is named. */
export function namedPart(line: Unread, { from, to, text }: Stretch, count: number): MixedPart | null {
  const name = line.words(from, to).replace(/\s*\($/, '');
  return /\p{L}/u.test(name) && !/\d/.test(text) ? { count, name, seen: text, from, to } : null;
}

const BETWEEN = /[,;+&](?:\s{1,9}and\s)?|\sand\s|\splus\s/giu;
/** `12 gold 12 silver`: nothing stands between them. */
const COUNT_AFTER_NAME =
  /(?<=\p{L})(?<!(?<!\p{L})(?:x|of|in|per|to|by|no|with|plus|are|size|each|ea|including|includes|contains))\s+(?=\d+\s+\p{L})/giu;
/** Names that are not said of all: they begin with a capital. */
export const PROPER = /^\s*\p{Lu}/u;
/** Said before what is listed. */
const INCLUDED = /^\s*(?:incl\.?|including|includes?|contains?|with)\s+/iu;

/** What stands between two places, parted where one of a list ends and the next begins. */
export function stretchesOf(line: Unread, from: number, to: number): Stretch[] {
  const inner = line.left.slice(from, to);
  let at = INCLUDED.exec(inner)?.[0].length ?? 0;
  const stretches: Stretch[] = [];
  const marks = [...inner.matchAll(BETWEEN)];
  const ends = marks.length === 0 && /^\s*\d/.test(inner) ? [...inner.matchAll(COUNT_AFTER_NAME)] : marks;
  for (const mark of [...ends, { index: inner.length, 0: '' }]) {
    stretches.push({ from: from + at, to: from + mark.index, text: inner.slice(at, mark.index) });
    at = mark.index + mark[0].length;
  }
  return stretches;
}

/** `Meadow/Crates/Fence`: a paper has but two faces. */
function byFaces({ from, text }: Stretch): Stretch[] {
  const ends = [...text.matchAll(/\s*\/\s*|$/gu)];
  return ends.map(({ index }, i) => {
    const before = ends[i - 1];
    const begin = before ? before.index + before[0].length : 0;
    return { from: from + begin, to: from + index, text: text.slice(begin, index) };
  });
}

/** Names alone between two places, so many of each. Null: they are none, or not several. */
export function namesBetween(line: Unread, from: number, to: number, each: number): MixedPart[] | null {
  const stretches = stretchesOf(line, from, to);
  const [first] = stretches;
  const byThree = first && stretches.length === 1 ? byFaces(first) : [];
  const parts = (byThree.length > 2 ? byThree : stretches).map((one) => namedPart(line, one, each));
  return parts.length > 1 && parts.every((one) => one !== null) ? parts : null;
}
