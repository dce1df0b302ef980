import type { Unit } from '../../ground/length';
import { isColours } from './colours';
import { kindWordsIn } from './findKind';
import { namedPart, OF_EACH, partOf, PROPER, stretchesOf, type MixedPart } from './mixedParts';
import { isFirst, takeSizes } from './takeSizes';
import type { Doubt } from './thing';
import { Unread, type Stretch } from './unread';

/** Where a list of several may stand: in brackets; behind a colon, dash or comma, to the end. */
const REGIONS = [/\((?=([^()]*(?:\([^()]*\)[^()]*)*)\))/gu, /(?:[:;]|\s[-–—])\s+(?=(.+)$)/gu, /,\s+(?=(.+)$)/gu];

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
