import { ROLL_UNITS, type Unit } from '../../ground/length';
import { kindWordsIn, type FoundWord } from './findKind';
import { ROLLS } from './measures';
import { NO_COUNTS, NUMBER, WHOLE } from './numbers';
import { saysOnlyKind } from './headings';
import { takeMeasure, takeSizes } from './takeSizes';
import { SHEETS, type Doubt, type ThingKind } from './thing';
import { Unread, type Stretch } from './unread';

/** `This kit includes:` before what it includes. */
const INTRO = new RegExp(
  String.raw`^\s*(?:(?:bonus|extras?|also|plus)\s*:\s+(?=\d)|(?:embellishments?|accents?|misc|tools)\s*:\s+|(?:(?:this|the|your|our|my|each)\s+)?(?:(?:kit|box|parcel|pack)\s+)?(?:also\s+)?(?:includes?|contains?|comes with|has)\s*:?\s+(?=${WHOLE}(?!\p{L})|an?\s))`,
  'iu',
);
/** `Item: brads, Size: 3mm` */
const LABELS = /(?<![\p{L}\d])(?:items?|product|name|description|sizes?|dimensions)\s*:\s+/giu;
const BETWEEN =
  /[,;+&](?:\s{1,9}[Aa]nd\s)?|\.\s+(?=\p{Lu})|\s(?:[Aa]nd|AND|[Pp]lus|PLUS)\s|\s[Ww](?:ith|\/)\s{1,9}(?=\d)|\s\/\s/gu;
const JOINT = /\s[+&/]\s|\s(?:and|plus)\s/iu;
const BRACKETS = /\([^()]*\)|\[[^[\]]*\]/g;
const COUNTED = new RegExp(
  String.raw`^\s*(?:and\s+)?(?:[(\[]\d+[)\]]|(?:${WHOLE}|an?)(?![\p{L}\d./]|\s*(?:["″]|${NO_COUNTS})))|(?:[x×]\s*\d+|[(\[]\s*\d+\s*[)\]]|[-–—:]\s*\d+|\s\d+)\s*\.?\s*$`,
  'iu',
);
/** What is said beside the name of how many there are. */
const COUNTING = new RegExp(
  String.raw`(?<!\p{L})(?:${WHOLE}|an?|of|in|x|each|ea|packs?|sets?|bags?|box(?:es)?|jars?|tubes?|spools?|sheets?|rolls?|pieces?|pcs?)(?!\p{L})|[^\p{L}\s]`,
  'giu',
);

interface Part extends Stretch {
  readonly word: FoundWord | null;
  readonly isCounted: boolean;
  /** Beside what is told before it, and not in it: `24 die cuts + 6 labels`. */
  readonly isAdded: boolean;
  /** As it is told; null: it is not. */
  readonly size: string | null;
  /** What is left without its kind and its count; of what is called so, its kind too. */
  readonly name: string;
}

/** The words of a stretch that tell its kind: the last that say no more than what it is made of. */
const wordIn = (text: string): FoundWord | null => {
  const words = kindWordsIn(text);
  return words.filter(({ isMaterial }) => !isMaterial).at(-1) ?? words[0] ?? null;
};

/** Of a roll its length is as good as a count. */
const SO_LONG = new RegExp(String.raw`${NUMBER}[\s-]*${ROLL_UNITS}`, 'iu');

/** Words by which a thing is called, one of it or several. */
const stemsOf = (text: string): string =>
  text
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase()
    .replace(/(?<=\p{L}{2})s(?!\p{L})/gu, '');

const PLUS = /(?:\+|\splus)\s*$/iu;

function partOf({ from, to, text }: Stretch, before: string, unit: Unit): Part {
  const word = wordIn(text);
  const line = new Unread(text);
  line.left = text;
  const sides = takeSizes(line, unit).size;
  const one = sides ? null : takeMeasure(line.copy());
  const isCounted = COUNTED.test(line.left) || (ROLLS.includes(word?.kind ?? 'paper') && SO_LONG.test(line.left));
  const called = word && !word.isNoun ? text.slice(0, word.from) + text.slice(word.to) : text;
  return {
    from,
    to,
    text,
    word,
    isCounted,
    isAdded: PLUS.test(before),
    size: sides ? `${sides.w} ${sides.h}` : one && `${one.ticks}`,
    name: stemsOf(called.replace(COUNTING, ' ')),
  };
}

const splitAt = (marks: RegExp, text: string): Stretch[] => {
  const masked = text.replace(BRACKETS, (whole) => '_'.repeat(whole.length));
  const ends = [...masked.matchAll(marks)].map(({ index, 0: { length } }) => [index, index + length] as const);
  return [...ends, [text.length, text.length] as const].map(([to], i) => {
    const from = i === 0 ? 0 : (ends[i - 1]?.[1] ?? 0);
    return { from, to, text: text.slice(from, to) };
  });
};

/** The words that tell its kind. */
const spokenIn = ({ word, text }: Part): string => (word ? stemsOf(text.slice(word.from, word.to)) : '');

/** What is printed on a sheet to be cut apart has sizes of its own. */
const isPrintedOn = ({ word }: Part): boolean => word?.kind === 'cut-apart';

const COUNT_BEFORE = /^\s*\d+\s+(?:x\s+)?/i;

/** Whether a part tells of another thing than the one before, and not more of the same. */
function isAnother(part: Part, before: Part): boolean {
  const { word, size, name, isAdded } = part;
  if (!word) return false;
  if (!word.isMaterial && size !== null && before.size !== null && size !== before.size) return !isPrintedOn(before);
  // The sheets of a pad are of paper.
  const isOther = word.kind !== before.word?.kind && !(before.word?.kind === 'pad' && word.kind === 'paper');
  const isOtherwise = isAdded && spokenIn(part) !== spokenIn(before);
  return part.isCounted && (isOther || isOtherwise || (name !== '' && before.name !== '' && name !== before.name));
}

/** Takes out words that only say that something is included, or what is told behind them. */
export function takeIntro(line: Unread): void {
  line.take(INTRO);
  line.takeAll(LABELS);
}

/** Several things of kinds of their own on one line, each with where it stands. */
export interface SeveralKinds {
  readonly parts: readonly Stretch[];
  /** Joined by no more than `and`: they may as well be one. */
  readonly mayBeOne: boolean;
  /** Their names may as well be those of one thing's designs: `5 papers, 2 stars, 3 hearts`. */
  readonly mayBeNames: boolean;
}

/** `6 cards, 3x4; 3 cards, 4x6`: each with its kind and its count. */
function bySemicolons({ left }: Unread, unit: Unit): Part[] | null {
  const all = splitAt(/;/g, left).map((one) => partOf(one, left.slice(0, one.from), unit));
  return all.length > 1 && all.every(({ word, isCounted }) => word && isCounted) ? all : null;
}

/**
 * `10 papers, 4 sheets of cardstock and 12 brads`, where each has its count; `washi, twine, brads`, where nothing else is
 * said. Null: it is one thing.
 */
export function severalKinds(line: Unread, unit: Unit): SeveralKinds | null {
  const all = splitAt(BETWEEN, line.left)
    .filter(({ text }) => text.trim() !== '')
    .map((one) => partOf(one, line.left.slice(0, one.from), unit));
  const [first] = all;
  if (!first || all.length < 2) return null;
  const maySheetsShow = first.word !== null && SHEETS.includes(first.word.kind);
  const hasCounts = /\d/.test(line.left);
  const isOnlyKinds = all.every(
    ({ word, text }) =>
      word &&
      !(word.isMotif && maySheetsShow) &&
      !(word.isMaterial && hasCounts) &&
      saysOnlyKind(text.replace(COUNT_BEFORE, '')),
  );
  if (isOnlyKinds && new Set(all.map(({ word }) => word?.kind)).size === all.length)
    return {
      parts: all,
      // `10 tags, vellum`: what nobody counts may be what the other is made of.
      mayBeOne: hasCounts ? !all.every(({ isCounted }) => isCounted) : all.length === 2 && JOINT.test(line.left),
      mayBeNames: false,
    };
  const byMarks = bySemicolons(line, unit);
  if (byMarks) return { parts: byMarks, mayBeOne: false, mayBeNames: false };
  const groups: { first: Part; to: number }[] = [];
  for (const part of all) {
    const last = groups.at(-1);
    if (last && !isAnother(part, last.first)) last.to = part.to;
    else groups.push({ first: part, to: part.to });
  }
  const isSure = groups.every(({ first: { isCounted } }) => isCounted);
  const areSized = groups.every(({ first: { size } }) => size !== null);
  if (groups.length < 2 || !first.word || !(first.isCounted || areSized)) return null;
  const mayBeNames =
    SHEETS.includes(first.word.kind) && groups.slice(1).every(({ first: { word } }) => word?.isMotif === true);
  return {
    parts: groups.map(({ first: { from }, to }) => ({ from, to, text: line.left.slice(from, to) })),
    mayBeOne: !isSure,
    mayBeNames,
  };
}

/** Where a line names another kind of thing beside the one that it was read as: it is in doubt. */
export function anotherKind(line: Unread, kind: ThingKind): Doubt[] {
  const words = kindWordsIn(line.left).filter(({ isMaterial }) => !isMaterial);
  const isOther = ({ kind: own, isMotif }: FoundWord): boolean => own !== kind && !(isMotif && SHEETS.includes(kind));
  const isJoined = ({ to }: FoundWord, { from }: FoundWord): boolean => {
    const between = line.left.slice(to, from);
    return JOINT.test(between) && !/[,;:()]/.test(between);
  };
  const other = words
    .flatMap((word, i) => {
      const next = words[i + 1];
      return next && isJoined(word, next) ? [[word, next] as const] : [];
    })
    .find((two) => two.some((word) => word.kind === kind))
    ?.find(isOther);
  if (!other) return [];
  const { from, to } = other;
  return [{ words: line.text.slice(from, to), why: 'Another thing? Each has its count, or a line.', from, to }];
}
