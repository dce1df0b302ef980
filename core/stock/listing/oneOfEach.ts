import type { Unit } from '../../ground/length';
import { nth } from '../../ground/nth';
import { kindWordsIn } from './findKind';
import { namesBetween, PROPER, type MixedPart } from './mixedParts';
import { WHOLE, wholeOf } from './numbers';
import { isColours } from './colours';
import { isFirst, takeMeasuresInARow, takeSizes } from './takeSizes';
import { SHEETS, type ThingKind } from './thing';
import type { Unread } from './unread';

/** `2 each`, `1 ea. of`, `(1 sheet of each design)`. */
export const EACH = new RegExp(
  String.raw`[(\[]?(?<![\p{L}\d])(${WHOLE})\s*(?:[x×]\s*)?(?:(?:sheets?|pcs?|pieces?|rolls?|packs?|pks?|spools?)\s+)?(?:of\s+)?(?:each|ea)(?!\p{L})\.?(?:\s+(?:designs?|colou?rs?|styles?|patterns?|prints?)\b)?[)\]]?`,
  'iu',
);
/** `3 yds each`: so much, and one of each. */
const SO_LONG_EACH = /(?<=\d\s*\p{L}{1,6}\.?)\s+each(?!\p{L})/iu;
/** `3 colours`, which are listed. */
const SORTS = new RegExp(
  String.raw`(?<![\p{L}\d/.])(${WHOLE})\s+(?:different\s+)?(?:colou?rs?|designs?|styles?|patterns?|sizes?|widths?)(?!\p{L})`,
  'iu',
);
/** Of which each is another, where as many names as there are of them stand behind. */
const LISTED_BY_NAME: readonly ThingKind[] = ['paper', 'cardstock', 'vellum', 'acetate', 'washi', 'ribbon', 'twine'];
const BEHIND_A_MARK = /(?::|\s[-–—]|\sin)\s+(?=(.+)$)/gu;
const IN_BRACKETS = /\((?=([^()]+)\))/gu;
/** Behind a comma: what is said of all is not written so. */
const BEHIND_A_COMMA = /,\s+(?=(\p{Lu}.+)$)/gu;

/** Several of a kind, so many of each. */
export interface OfEach {
  readonly parts: readonly MixedPart[];
  /** It is said that there are so many of each. */
  readonly isTold: boolean;
  /** Nothing is said of how many there are. */
  readonly isListed?: boolean;
}

/** So many of each, and where that stands. */
interface Each {
  readonly count: number;
  readonly from: number;
  readonly to: number;
}

/** Takes what says how many there are of each; null: nothing does. */
function takeEach(line: Unread): Each | null {
  const match = line.take(EACH);
  if (match) return { count: wholeOf(match[1] ?? ''), from: match.index, to: match.index + match[0].length };
  const long = line.take(SO_LONG_EACH);
  return long && { count: 1, from: long.index, to: long.index + long[0].length };
}

interface Named {
  readonly parts: MixedPart[];
  readonly from: number;
  readonly to: number;
}

/** The names behind a mark, with the mark. */
function namesBehind(line: Unread, mark: RegExp, each: number, isName = /./u): Named | null {
  // The words that tell what all of them are stand beside their names.
  const kind = kindWordsIn(line.left).find(({ isMotif }) => !isMotif);
  for (const { index, 0: told, 1: names = '' } of line.left.matchAll(mark)) {
    const from = index + told.length;
    // A size that is told behind them is that of all.
    const to = from + names.replace(/\s*(?:\(\s*\))?\s*$/, '').length;
    const isOverKind = kind !== undefined && from <= kind.from && kind.to <= to;
    const parts = isOverKind ? null : namesBetween(line, from, to, each);
    if (parts?.every(({ name }) => isName.test(name)))
      return { parts, from: index, to: told === '(' ? from + names.length + 1 : to };
  }
  return null;
}

/** Proper names behind the words for their kind: `3 papers Meadow, Crates & Fence`. */
function namesBehindKind(line: Unread, each: number): Named | null {
  const [kind] = kindWordsIn(line.left);
  if (!kind) return null;
  const from = kind.to + (/^\s*/.exec(line.left.slice(kind.to))?.[0].length ?? 0);
  const to = line.left.length;
  const parts = namesBetween(line, from, to, each);
  return parts?.every(({ name }) => PROPER.test(name)) ? { parts, from, to } : null;
}

/** The names before what says how many there are of each, from the words for their kind, or up to them. */
function namesBefore(line: Unread, { from: end, count }: Each): Named | null {
  const text = line.left.slice(0, end).replace(/[\s,;(–—-]+$/, '');
  const [kind] = kindWordsIn(text);
  const isAtStart = kind !== undefined && isFirst(text, kind.from);
  const isAtEnd = kind !== undefined && !isAtStart && kind.to === text.length;
  if (kind && !isAtStart && !isAtEnd) return null;
  const begin = isAtStart ? kind.to : 0;
  const from = begin + (/^[\s:,–—-]*/.exec(text.slice(begin))?.[0].length ?? 0);
  const to = isAtEnd ? kind.from : text.length;
  const parts = from < to ? namesBetween(line, from, to, count) : null;
  return parts && { parts, from, to };
}

/** The names that follow what says how many there are of each, up to a bracket or the words for their kind. */
function namesFollowing(line: Unread, at: number, each: number): Named | null {
  const text = line.left.replace(/[\s,;]+$/, '');
  const bracket = text.indexOf('(', at);
  const kind = kindWordsIn(text).find(({ to }) => to === text.length)?.from ?? text.length;
  const to = Math.min(bracket < 0 ? text.length : bracket, kind);
  const from = at + (/^[\s:–—-]*(?:of\s+)?/iu.exec(text.slice(at))?.[0].length ?? 0);
  const parts = from < to ? namesBetween(line, from, to, each) : null;
  return parts && { parts, from, to };
}

/** Takes names, so many of each. @param count how many names there must be; null: as many as there are */
function takeNames(line: Unread, unit: Unit, each: Each | null, count: number | null): MixedPart[] | null {
  const so = each?.count ?? 1;
  const unsized = line.copy();
  takeSizes(unsized, unit);
  const ways = [
    () => namesBehind(unsized, BEHIND_A_MARK, so),
    () => namesBehind(unsized, IN_BRACKETS, so),
    () => (each ? namesFollowing(unsized, each.to, so) : namesBehindKind(unsized, so)),
    () => (each ? namesBefore(unsized, each) : namesBehind(unsized, BEHIND_A_COMMA, so, PROPER)),
  ];
  for (const way of ways) {
    const named = way();
    if (!named || (count !== null && named.parts.length !== count)) continue;
    line.blank(named.from, named.to);
    return named.parts;
  }
  return null;
}

/** Words with a capital that say what something is like, and name nothing. */
const LIKE =
  /^(?:upright|one[- ]way|(?:double|single|2|two)[- ]sided|textured|smooth|glitter(?:ed)?|foil(?:ed)?|printed|assorted)$/iu;
const SEVERAL = /(?:papers|sheets|cardstocks|vellums|rolls|ribbons|twines|washis)$/iu;

/** Names that stand as a list does, and nobody says how many there are: `Papers: Meadow, Crates, Fence`. */
function takeListed(line: Unread, kind: ThingKind, unit: Unit): OfEach | null {
  if (!LISTED_BY_NAME.includes(kind)) return null;
  const unsized = line.copy();
  takeSizes(unsized, unit);
  // Of papers, colours that stand so are those of one.
  const isListed = ({ name }: MixedPart): boolean =>
    kind === 'cardstock'
      ? isColours(name)
      : PROPER.test(name) && !LIKE.test(name) && !(kind === 'paper' && isColours(name));
  const before = SEVERAL.test(line.left.trim())
    ? namesBefore(unsized, { count: 1, from: line.left.length, to: 0 })
    : null;
  const named = [namesBehind(unsized, BEHIND_A_MARK, 1), namesBehind(unsized, IN_BRACKETS, 1), before].find(
    (one) => one?.parts.every(isListed) === true,
  );
  if (!named) return null;
  line.blank(named.from, named.to);
  return { parts: named.parts, isTold: false, isListed: true };
}

/** As many proper names or colours as stand where several are listed, where it is another number; null: it is not. */
export function namedOtherwise(line: Unread, kind: ThingKind, count: number, unit: Unit): number | null {
  if (count < 2 || !LISTED_BY_NAME.includes(kind)) return null;
  const unsized = line.copy();
  takeSizes(unsized, unit);
  const named = [namesBehind(unsized, BEHIND_A_MARK, 1), namesBehindKind(unsized, 1)].find(
    (one) => one !== null && one.parts.every(({ name }) => PROPER.test(name) || isColours(name)),
  );
  return named && named.parts.length !== count ? named.parts.length : null;
}

/**
 * Several of one kind of which each is another: as many names or measures as there are of them, `3 papers: Meadow,
 * Crates, Fence`, `2 rolls: 10mm, 15mm`, or so many of each, `2 each of rust and sage`. They are taken out, and what is
 * left says what all of them are. Null: it is one thing.
 * @param unit what a size without a unit is in
 * @param count how many there are as the line stands, where nothing is said of each
 */
export function takeOneOfEach(line: Unread, kind: ThingKind, count: number, unit: Unit): OfEach | null {
  const each = takeEach(line);
  if (!each && count < 2) return takeListed(line, kind, unit);
  const measures = SHEETS.includes(kind) ? null : takeMeasuresInARow(line);
  const parts =
    measures?.map(({ ticks, from, to }) => ({
      count: each?.count ?? 1,
      name: '',
      seen: '',
      from,
      to,
      size: { w: ticks, h: null },
    })) ?? (each || LISTED_BY_NAME.includes(kind) ? takeNames(line, unit, each, each ? null : count) : null);
  if (!parts || (!each && parts.length !== count)) return null;
  const sorts = SORTS.exec(line.left);
  if (sorts && wholeOf(sorts[1] ?? '') === parts.length) line.take(SORTS);
  // What stands before may as well be the colours of each.
  const isBehind = each === null || nth(parts, 0).from >= each.from;
  return { parts, isTold: (each !== null && isBehind) || measures !== null };
}
