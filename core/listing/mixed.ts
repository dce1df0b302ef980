import type { Unit } from '../length';
import { isColours } from './colours';
import { kindWordsIn } from './findKind';
import { NO_COUNTS, NUMBER_WORD, WHOLE, wholeOf } from './numbers';
import { isFirst, takeMeasure, takeSizes } from './takeSizes';
import { HOLDERS, PIECES } from './takeCounts';
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
const OF_EACH = new RegExp(String.raw`^\s*${WHOLE}\s*(?:of\s+)?(?:each|ea\b\.?)(?:\s+of)?\s*[:–—-]?\s`, 'iu');
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
function namedPart(line: Unread, { from, to, text }: Stretch, count: number): MixedPart | null {
  const name = line.words(from, to).replace(/\s*\($/, '');
  return /\p{L}/u.test(name) && !/\d/.test(text) ? { count, name, seen: text, from, to } : null;
}

/** Where a list of several may stand: in brackets; behind a colon, dash or comma, to the end. */
const REGIONS = [/\((?=([^()]*(?:\([^()]*\)[^()]*)*)\))/gu, /(?:[:;]|\s[-–—])\s+(?=(.+)$)/gu, /,\s+(?=(.+)$)/gu];
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

/** `Meadow x2, Crates, Fence`: what is named beside one that is counted is there once, which is in doubt. */
function onePart(line: Unread, stretch: Stretch): MixedPart | null {
  const isNamed = PROPER.test(stretch.text) || isColours(stretch.text);
  const part = isNamed ? namedPart(line, stretch, 1) : null;
  return part && { ...part, doubts: [{ words: part.name, why: 'One of it?', from: part.from, to: part.to }] };
}

/** @param isList names without a count may stand among those that are counted */
function regionParts(line: Unread, from: number, to: number, unit: Unit, isList = false): MixedPart[] | null {
  let each: number | null = null;
  const parts: MixedPart[] = [];
  const stretches = stretchesOf(line, from, to);
  const mayBeOne = (): boolean => isList && stretches.some((one) => partOf(line, one, unit) !== null);
  for (const one of stretches) {
    const counted = partOf(line, one, unit);
    if (counted) each = OF_EACH.test(one.text) ? counted.count : null;
    const named = each === null ? null : namedPart(line, one, each);
    const part = counted ?? named ?? (mayBeOne() ? onePart(line, one) : null);
    if (!part) return null;
    parts.push(part);
  }
  // What only some are called may be what all are called.
  const areNamed = new Set(parts.map(({ name }) => name !== ''));
  return parts.length > 1 && areNamed.size === 1 ? parts : null;
}

/**
 * Several things on one line: `5 sheets cardstock (2 white, 1 kraft)`, `papers: Meadow x2, Crates x1`. Their stretch is
 * taken out, and what is left says what all of them are. Null: it is one thing.
 * @param unit what a size without a unit is in
 */
export function takeMixed(line: Unread, unit: Unit): MixedPart[] | null {
  const whole = takeMixedWhole(line, unit);
  if (whole) return whole;
  for (const region of REGIONS) {
    for (const { index, 0: mark, 1: inner = '' } of line.left.matchAll(region)) {
      const from = index + mark.length;
      const parts = regionParts(line, from, from + inner.length, unit, !mark.includes(','));
      if (!parts) continue;
      line.blank(index, from + inner.length + (mark === '(' ? 1 : 0));
      return parts;
    }
  }
  return takeMixedBefore(line, unit) ?? takeMixedBehind(line, unit);
}

const SO_MANY = /(?<![\p{L}\d])[x×]\s*\d+(?![\p{L}\d/.])|\(\s*[x×]?\s*\d+\s*\)/u;

/** Where some of several that are named are counted, and one is not: it is in doubt. Null: there is no such. */
export function countOfSome(line: Unread, unit: Unit): Doubt | null {
  const own = line.copy();
  takeSizes(own, unit);
  for (const region of REGIONS.slice(0, 2))
    for (const { index, 0: mark, 1: inner = '' } of own.left.matchAll(region)) {
      const from = index + mark.length;
      const names = stretchesOf(own, from, from + inner.length).filter(({ text }) => PROPER.test(text));
      const bare = names.find(({ text }) => !/\d/.test(text));
      if (bare && names.some(({ text }) => SO_MANY.test(text)))
        return { words: line.words(bare.from, bare.to), why: 'How many of it?', from: bare.from, to: bare.to };
    }
  return null;
}

/** `2 white and 1 kraft cardstock`: before the words of the kind, and the size. */
function takeMixedBefore(line: Unread, unit: Unit): MixedPart[] | null {
  const sized = takeSizes(new Unread(line.text), unit).at;
  const kindAt = kindWordsIn(line.left)[0]?.from ?? 0;
  const end = sized && sized.from > 0 ? Math.min(kindAt, sized.from) : kindAt;
  const parts = end > 0 ? regionParts(line, 0, end, unit) : null;
  if (parts) line.blank(0, end);
  return parts;
}

/** `brads 12 gold 12 silver`: the kind comes first, and a count after it. */
function takeMixedBehind(line: Unread, unit: Unit): MixedPart[] | null {
  const [kind] = kindWordsIn(line.left);
  if (!kind || !isFirst(line.left, kind.from)) return null;
  const parts = regionParts(line, kind.to, line.left.length, unit);
  if (parts) line.blank(kind.to, line.left.length);
  return parts;
}

const COUNT_IN_BRACKETS = /\(\s*(?:[x×]?\s*\d+\s*)?\)/gu;

/**
 * `2 cardstock white, 1 black`, `Meadow 2, Crates 1 (12x12)`: all of the line, the kind in the first of them or not told,
 * and the others no parts of so many.
 */
function takeMixedWhole(line: Unread, unit: Unit): MixedPart[] | null {
  const [kind, ...others] = kindWordsIn(line.left);
  const [first] = stretchesOf(line, 0, line.left.length);
  if (!first || (kind && kind.to > first.to) || others.length > 0) return null;
  const own = line.copy();
  if (kind) own.blank(kind.from, kind.to);
  // The size in the first is that of all, as is one behind all.
  const { at } = takeSizes(own.copy(), unit);
  const isOfAll = at && (at.to <= first.to || /^\s*\)?\s*$/.test(own.left.slice(at.to)));
  const size = isOfAll ? at : null;
  if (size) own.blank(size.from, size.to);
  if (/\(|:\s|\s[-–—]\s/.test(own.left.replace(COUNT_IN_BRACKETS, ''))) return null;
  own.left = own.left.replace(/\(\s*\)/g, (whole) => ' '.repeat(whole.length));
  const parts = regionParts(own, 0, own.left.length, unit);
  const [one, ...rest] = parts ?? [];
  if (!parts || !one) return null;
  // `10 wood brads, 5 navy and 5 gold`: the first says how many there are in all.
  const isSum = one.count === rest.reduce((sum, { count }) => sum + count, 0);
  if (kind && isSum && !isColours(one.name)) return null;
  line.blank(0, line.left.length);
  for (const kept of [kind, size]) if (kept) line.restore(kept.from, kept.to);
  return parts;
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
