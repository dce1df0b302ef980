import type { Unit } from '../length';
import { kindWordsIn } from './findKind';
import { NO_COUNTS, WHOLE, wholeOf } from './numbers';
import { takeSizes } from './takeSizes';
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
  readonly doubts?: readonly Doubt[];
}

const BEFORE = new RegExp(
  String.raw`^\s*(${WHOLE})\s*(?:[x×]\s*|(?:sheets?|pcs?|each|ea\.?|of)\s+)?(?:of\s+|each[:\s]\s*)?(?!${NO_COUNTS})(?=\p{L}|\uE000)`,
  'iu',
);
const BEHIND = /\s*(?:[x×]\s*(\d+)|\(\s*(\d+)\s*\)|[-–—]\s*(\d+)|(?<=\s)(\d+))\s*$/u;

/** A count beside a size, and nothing else: `8 - 3x4`. */
const ALONE = new RegExp(String.raw`^\s*(${WHOLE})\s*[x×–—:-]?\s*(?:of\s*)?$`, 'iu');
/** `2 each`, of what is named until the next number. */
const OF_EACH = new RegExp(String.raw`^\s*${WHOLE}\s*(?:of\s+)?(?:each|ea\b\.?)(?:\s+of)?\s*[:–—-]?\s`, 'iu');
/** Beside a count it says nothing more. */
const LEFT = /(?:^|\s)left\s*$/i;
const EMPTY_BRACKETS = /[([]\s*[)\]]/g;

/** Words that only say of what there are so many. */
const NO_NAMES =
  /^(?:(?:different )?(?:colou?rs?|designs?|styles?|kinds?|sorts?|sizes?|shapes?|sheets?|pieces?)|total|each|in all)$/i;

function partOf(line: Unread, { from, to, text }: Stretch, unit: Unit): MixedPart | null {
  const own = new Unread(line.text.slice(from, to));
  own.left = text;
  const { size, doubts } = takeSizes(own, unit);
  const before = BEFORE.exec(own.left) ?? (size && ALONE.exec(own.left));
  const behind = before ? null : BEHIND.exec(own.left);
  const told = before ?? behind;
  // A size alone says nothing of how many.
  if (!told || doubts.some(({ about }) => about !== 'unit') || (size && !before)) return null;
  const n = wholeOf(told.slice(1).find((group) => group !== undefined) ?? '');
  const [start, end] = [before ? before[0].length : 0, behind ? behind.index : own.left.length];
  const name = own
    .told(start, end)
    .replace(EMPTY_BRACKETS, '')
    .replace(LEFT, '')
    .replace(/[\s.;,]+$/, '');
  return (name === '' && !size) || /\d/.test(own.left.slice(start, end)) || n === 0 || NO_NAMES.test(name)
    ? null
    : {
        count: n,
        name,
        seen: own.left.slice(start, end),
        from: from + start,
        to: from + end,
        ...(size ? { size } : {}),
        doubts: doubts.map((one) => ({ ...one, from: one.from + from, to: one.to + from })),
      };
}

/** What is named without a number: so many of it as is said of each. Null: nothing is named. */
function namedPart(line: Unread, { from, to, text }: Stretch, count: number): MixedPart | null {
  const name = line.words(from, to);
  return /\p{L}/u.test(name) && !/\d/.test(text) ? { count, name, seen: text, from, to } : null;
}

/** Where a list of several may stand: in brackets, behind a colon, dash or comma; with commas, semicolons or `and`. */
const REGIONS = [/\(([^()]*(?:\([^()]*\)[^()]*)*)\)/gu, /(?:[:;]|\s[-–—])\s+(.+)$/gu, /,\s+(.+)$/gu];
const BETWEEN = /[,;+&](?:\s{1,9}and\s)?|\sand\s|\splus\s/giu;

function regionParts(line: Unread, from: number, to: number, unit: Unit): MixedPart[] | null {
  const inner = line.left.slice(from, to);
  const stretches: Stretch[] = [];
  let at = 0;
  for (const mark of inner.matchAll(BETWEEN)) {
    stretches.push({ from: from + at, to: from + mark.index, text: inner.slice(at, mark.index) });
    at = mark.index + mark[0].length;
  }
  stretches.push({ from: from + at, to, text: inner.slice(at) });
  let each: number | null = null;
  const parts: MixedPart[] = [];
  for (const one of stretches) {
    const counted = partOf(line, one, unit);
    if (counted) each = OF_EACH.test(one.text) ? counted.count : null;
    const part = counted ?? (each === null ? null : namedPart(line, one, each));
    if (!part) return null;
    parts.push(part);
  }
  return parts.length > 1 ? parts : null;
}

/**
 * Several things on one line: `5 sheets cardstock (2 white, 1 kraft)`, `papers: Meadow x2, Crates x1`. Their stretch is
 * taken out, and what is left says what all of them are. Null: it is one thing.
 * @param unit what a size without a unit is in
 */
export function takeMixed(line: Unread, unit: Unit): MixedPart[] | null {
  for (const region of REGIONS) {
    for (const match of line.left.matchAll(region)) {
      const [whole, inner = ''] = match;
      const from = match.index + whole.indexOf(inner);
      const parts = regionParts(line, from, from + inner.length, unit);
      if (!parts) continue;
      line.blank(match.index, match.index + match[0].length);
      return parts;
    }
  }
  // `2 white and 1 kraft cardstock`: before the words of the kind, and the size.
  const sized = takeSizes(new Unread(line.text), unit).at;
  const kindAt = kindWordsIn(line.left)[0]?.from ?? 0;
  const end = sized && sized.from > 0 ? Math.min(kindAt, sized.from) : kindAt;
  const parts = end > 0 ? regionParts(line, 0, end, unit) : null;
  if (parts) line.blank(0, end);
  return parts;
}

/** Names alone behind a colon, as many as are told: `3 papers: Meadow, Crates, Fence`. */
export function takeNamed(line: Unread, count: number): MixedPart[] | null {
  const match = /(?::|\s[-–—]|\sin)\s+(.+)$/u.exec(line.left) ?? /\(([^()]+)\)/u.exec(line.left);
  if (!match || count < 2) return null;
  const [whole, inner = ''] = match;
  const from = match.index + whole.indexOf(inner);
  const marks = [...inner.matchAll(BETWEEN)];
  if (marks.length !== count - 1) return null;
  let at = 0;
  const parts: MixedPart[] = [];
  for (const mark of [...marks, { index: inner.length, 0: '' }]) {
    const stretch = { from: from + at, to: from + mark.index, text: line.left.slice(from + at, from + mark.index) };
    const part = namedPart(line, stretch, 1);
    if (!part) return null;
    parts.push(part);
    at = mark.index + mark[0].length;
  }
  line.blank(match.index, match.index + match[0].length);
  return parts;
}
