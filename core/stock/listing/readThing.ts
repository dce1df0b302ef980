import type { NamedColour } from '../../ground/colour';
import { inches, type Unit } from '../../ground/length';
import { coloursOf, isColourList, notColours } from './colours';
import { takeBack } from './faces';
import { findKind, kindWordsIn, type FoundKind, type FoundWord, type KindContext } from './findKind';
import { ROLLS, takeMeasures, type Measures } from './measures';
import { NUMBER, NUMBER_WORD } from './numbers';
import { punchOf, tagPunchOf } from './punchOf';
import { GLYPH_BEFORE, GLYPH_BEHIND, readLetters } from './readLetters';
import { sheetsOfPad, takeDesigns } from './sheetsOfPad';
import { takeAmount } from './takeAmount';
import { takeCounts, type Counts } from './takeCounts';
import { takeNotWhole } from './notWhole';
import { isFirst, takeMeasure, takeSizes, type Sizes } from './takeSizes';
import type { Punch } from '../things';
import { SHEETS, type Doubt, type Thing, type ThingKind } from './thing';
import { BETWEEN_FACES, type Unread } from './unread';

/** What the heading above says of each thing under it; null: nothing. */
export interface Each extends Pick<Thing, 'size' | 'length'> {
  readonly count: number | null;
}

/** What is around a line. */
export interface Context extends KindContext {
  /** What a size without a unit is in. */
  readonly unit: Unit;
  readonly each: Each;
}

/** Above the first heading. */
export const AT_FIRST: Omit<Context, 'unit'> = {
  heading: null,
  isLoose: false,
  isContents: false,
  each: { count: null, size: null, length: null },
};

/** What is neither count nor size: volumes, weights, prices. */
const OTHER = new RegExp(
  String.raw`(?<![\w/.])${NUMBER}\s*(?:fl\.? ?oz|oz|ml|gsm|g|gm|lbs?|kg|l)\b\.?|[$£€]\s*\d+(?:[.,]\d+)?|\d+(?:[.,]\d+)?\s*[£€]`,
  'giu',
);
const UPRIGHT = /(?<=^|[,;(]|\s)(?:upright|one[- ]way|this way up|directional)(?=\s*(?:$|[,;)]))/iu;
const REACH = new RegExp(String.raw`(?<!\p{L})reach(?:es)?\s+(${NUMBER}\s*(?:in|cm|mm|["″])?)`, 'iu');
export const MARKS = /[,;|()[\]\t]|\.{3,}|\s[-–—]+(?=\s|$)|^\s*[-–—]+\s|:(?=\s|$)/gu;

const tidy = (text: string): string =>
  text
    .replace(/^\s*(?:of|in|each)(?=\s|$)/i, ' ')
    .replace(/[()[\]|]/g, ' ')
    .replace(/(?<=^|\s)[x×+&:;,.•*\-–—/=]+(?=\s|$)/gu, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[\s:,.;\-–—]+|[\s:,.;\-–—]+$/g, '')
    .trim();

/** Letters behind a colon or dash, in brackets, or at the end. */
function takeLetters(line: Unread): Record<string, number> | null {
  for (const pattern of [
    /:\s*(.+)$/u,
    /\s[-–—]\s+([^–—]+)$/u,
    /\(([^()]+)\)\s*$/u,
    /[,\s]\s*(\d+\s+(?:of\s+)?each\s.+)$/iu,
    /(?<=\s)([A-Za-z0-9]\s?[-–]\s?[A-Za-z0-9][,\s]\s*\d+\s+(?:of\s+)?each)$/iu,
    new RegExp(String.raw`(?<=\s)((?:${GLYPH_BEHIND}[\s,;]*){2,})$`, 'u'),
    // No figure is a letter here: `12x12` is a size.
    new RegExp(String.raw`(?<=\s)((?:(?!\d)${GLYPH_BEFORE}[\s,;]*){2,})$`, 'u'),
  ]) {
    const match = pattern.exec(line.left);
    const letters = match && readLetters((match[1] ?? '').trim());
    if (!match || !letters) continue;
    line.blank(match.index, match.index + match[0].length);
    return letters;
  }
  return null;
}

/** Letters beside which their height stands: `A-Z, 2 of each, 3/4"`. */
function takeLettersOfHeight(line: Unread): Record<string, number> | null {
  const letters = takeLetters(line);
  if (letters) return letters;
  const own = line.copy();
  const height = takeMeasure(own);
  own.left = own.left.replace(/[\s,;]+$/, '');
  const beside = height && takeLetters(own);
  if (!beside) return null;
  line.left = own.left.padEnd(line.left.length);
  line.restore(height.from, height.to);
  return beside;
}

const NUMBER_WORDS = new RegExp(`^(?:${NUMBER_WORD})$`, 'u');

/** Numbers that nothing explains, in figures or small letters: each is in doubt, and stays in the name. */
const unexplained = (line: Unread): Doubt[] =>
  [...line.left.matchAll(/[^\s,;()]+/gu)]
    .filter(([word]) => /\p{N}/u.test(word) || NUMBER_WORDS.test(word.replace(/[?!.]+$/, '')))
    .map((match) => ({
      words: match[0],
      why: 'What is this number?',
      from: match.index,
      to: match.index + match[0].length,
    }));

interface Names {
  readonly name: string;
  readonly isNamed: boolean;
  readonly label: string;
  readonly notes: readonly string[];
  readonly back: string | null;
}

/** Marks between colours say nothing: `red & white`. */
function withoutJoining(line: Unread, colours: readonly NamedColour[]): void {
  colours.forEach(({ from, to }, i) => {
    const next = colours[i + 1];
    if (/\bin\s+$/i.test(line.left.slice(0, from))) line.blank(from - 3, from);
    if (next && /^\s*(?:[+&/]|and)\s*$/i.test(line.left.slice(to, next.from))) line.blank(to, next.from);
  });
}

/**
 * What the thing is called, by what is left of the line. Its label ends where a comma comes after a word of its own;
 * what stands behind is a note, or a colour.
 */
function namesOf(line: Unread, { kind, word }: FoundKind, colours: readonly NamedColour[]): Names {
  const back = SHEETS.includes(kind) ? takeBack(line) : null;
  const isGeneric = word !== null && word.isNoun !== true && kind !== 'embellishment';
  const parts = line.parts(MARKS).map((part) => ({ ...part, isColours: isColourList(part.text) }));
  const spoken = word ? line.words(word.from, word.to) : '';
  const full = parts.map(({ from, to }) => tidy(line.words(from, to)));
  if (isGeneric) line.blank(word.from, word.to);
  const own = parts.map(({ from, to }) => tidy(line.words(from, to)));
  const isPaper = kind === 'paper' || kind === 'pad';
  const label: string[] = [];
  const notes: string[] = [];
  let isBegun = false;
  parts.forEach((part, i) => {
    const isBehind = isBegun && /[,;|([]/.test(line.text[part.from - 1] ?? '');
    if (isBehind && !part.isColours && full[i] !== '') notes.push(full[i] ?? '');
    if (!isBehind) label.push((isPaper ? own[i] : full[i]) ?? '');
    isBegun ||= own[i] !== '' || (isGeneric && !isPaper && full[i] !== '');
  });
  withoutJoining(line, colours);
  const left = tidy(parts.map(({ from, to }) => tidy(line.words(from, to))).join(' '));
  const front = left === '' ? spoken || kind : left;
  // Told by words, and not by a mark that stands between the two.
  const both = (text: string): string => {
    const marked = text.replace(new RegExp(`\\s*${BETWEEN_FACES}\\s*`, 'u'), ' / ');
    return back === null || marked !== text ? marked : `${text} / ${back}`;
  };
  return { isNamed: left !== '', name: both(front), label: both(tidy(label.join(' ')) || front), notes, back };
}

/** What is printed on a sheet to be cut apart, with its sizes: it is kept as it stands. */
function takePrinted(line: Unread): { text: string; doubt: Doubt } | null {
  const match = /(?::|\s[-–—])\s+(?=\S)(.*\d\s*[x×]\s*\d.*)$/u.exec(line.left);
  if (!match) return null;
  const [from, to] = [line.left.length - (match[1] ?? '').length, line.left.length];
  const text = line.words(from, to);
  line.blank(match.index, to);
  return { text, doubt: { words: line.text.slice(from, to), why: 'Kept as a note: what is printed on it.', from, to } };
}

/** Where letters are told it is a set of them, whatever else stands there. */
const alphaOf = (words: readonly FoundWord[]): FoundKind => ({
  kind: 'alpha',
  word: words.find(({ kind }) => kind === 'alpha') ?? null,
  doubts: [],
});

const takeOthers = (line: Unread): Doubt[] =>
  line
    .takeAll(OTHER)
    .map((match) => ({
      words: match[0].trim(),
      why: 'This is no count and no size.',
      from: match.index,
      to: match.index + match[0].length,
    }));

/** Of which there are many in a pack, none of them as large as {@link LARGE}. Common practice, no source. */
export const SMALL =
  /^(?:enamel )?(?:brads?|eyelets?|gems?|pearls?|rhinestones?|beads?|sequins?|(?:wood(?:en)? )?buttons?|dots?|(?:jump )?rings?|staples?|pins?|charms?|bells?|clips?|keys?|pompoms?)$/i;
const LARGE = inches(2);

/** `6 x 3" tags`: the first may say how many there are. */
const SO_MANY_BY = /^\d+\s*[x×]\s*[^"″”\p{L}]+(?:["″”]|'{2}|\p{L}+\.?)$/u;

/** A size that may be none, by what it is the size of, and what is told besides. */
function timesDoubts({ size, at }: Sizes, { kind, word }: FoundKind, text: string, count: number | null): Doubt[] {
  if (!at || !size) return [];
  const called = word ? text.slice(word.from, word.to) : '';
  // No brad is so large: two packs of twelve may be meant.
  if (SMALL.test(called) && Math.max(size.w, size.h) >= LARGE)
    return [{ ...at, why: 'Its size, or so many times so many?' }];
  if (SHEETS.includes(kind) || count !== null) return [];
  return SO_MANY_BY.test(at.words) && isFirst(text, at.from)
    ? [{ ...at, why: 'Its size, or so many of one side?' }]
    : [];
}

/** Three names with slashes between: a sheet has two faces. */
function facesDoubts(line: Unread, { back }: Names): Doubt[] {
  if (back?.includes('/') !== true) return [];
  const from = Math.max(0, line.text.indexOf(back));
  return [{ words: back, why: 'More than two faces?', from, to: from + back.length }];
}

/** Nobody keeps account of a sheet by shares: what is left of it has a size. */
function partOfSheet(line: Unread, words: string): Doubt {
  const from = Math.max(0, line.text.indexOf(words));
  return { words, why: 'Part of a sheet: how large is it?', from, to: from + words.length };
}

/** A punch, by its cut and its reach. */
function takePunch(line: Unread, kind: ThingKind, size: Sizes['size'], unit: Unit): Punch | null {
  if (kind !== 'tool') return null;
  const reach = REACH.exec(line.left)?.[1] ?? null;
  const stamped = size === null ? punchOf(line.left, reach, unit) : null;
  if (stamped) line.blank(stamped.from, stamped.to);
  const punch = stamped?.punch ?? tagPunchOf(line.left, size, reach, unit);
  if (punch) line.take(REACH);
  return punch;
}

/** So many, or so long, are those of each, and nobody says how many that is in all. */
const ofHowMany = ({ words, from, to }: Omit<Doubt, 'why'>): Doubt => ({
  words,
  from,
  to,
  why: 'Of each: of how many?',
});

/** `1 yd each`, where they are not counted; `2 ribbons, 1 yd each of three`; `2 each` of what is named by its colours. */
function eachDoubts({ each }: Measures, { count, ofEach }: Counts, kind: ThingKind, colours: number): Doubt[] {
  const isOff = each && (each.of === null ? count === null : count !== null && count !== each.of);
  const isOfColours = ofEach && colours > 1 && [...SHEETS, ...ROLLS].includes(kind);
  return [...(isOff ? [ofHowMany(each)] : []), ...(isOfColours ? [ofHowMany(ofEach)] : [])];
}

/** Reads one thing out of a line. */
export function readThing(line: Unread, context: Context): Thing {
  const upright = line.take(UPRIGHT) !== null;
  const words = kindWordsIn(line.left);
  const letters = words.some(({ kind }) => kind === 'alpha') ? takeLettersOfHeight(line) : null;
  const printed = words.some(({ kind }) => kind === 'cut-apart') ? takePrinted(line) : null;
  const sizes = takeSizes(line, context.unit);
  const { size } = sizes;
  const found = letters ? alphaOf(words) : findKind(line, size, context);
  const { kind, word } = found;
  const others = takeOthers(line);
  const punch = takePunch(line, kind, size, context.unit);
  const told = kind === 'pad' ? takeDesigns(line) : null;
  const measures = takeMeasures(line, kind, sizes, punch);
  const amount = takeAmount(line, word !== null);
  const isCounted = word?.isNoun === true || !['paper', 'cardstock', 'vellum', 'acetate', 'card'].includes(kind);
  const counts = takeCounts(line, isCounted, word && line.text.slice(word.from, word.to));
  const pad = told && sheetsOfPad(told, counts.count);
  const isMuchTold = measures.isTold || Boolean(counts.count ?? amount ?? letters ?? size);
  const notWhole = takeNotWhole(line, isMuchTold, size);
  const colours = coloursOf(line.parts(MARKS), kind);
  const numbers = [...unexplained(line), ...notColours(line.parts(MARKS))];
  const names = namesOf(line, found, colours);
  const each = kind === context.heading ? context.each : AT_FIRST.each;
  return {
    kind,
    count:
      letters || (amount !== null && counts.count === null)
        ? null
        : (pad?.count ?? counts.count ?? measures.each?.of ?? each.count ?? 1),
    amount: letters ? null : (amount?.about ?? null),
    amountSaid: amount?.words ?? null,
    isOfWholes: counts.isOfWholes,
    ...names,
    notes: printed ? [...names.notes, printed.text] : names.notes,
    size: measures.size ?? each.size,
    length: measures.length ?? each.length,
    height: measures.height,
    letters,
    designs: pad?.designs ?? null,
    colours,
    upright,
    punch,
    doubts: [
      ...(printed ? [printed.doubt] : []),
      ...found.doubts,
      ...measures.doubts,
      ...timesDoubts(sizes, found, line.text, counts.count),
      ...others,
      ...eachDoubts(measures, counts, kind, colours.length),
      ...counts.doubts,
      ...(pad?.doubts ?? []),
      ...(amount && kind !== 'pad' && SHEETS.includes(kind) ? [partOfSheet(line, amount.words)] : []),
      ...facesDoubts(line, names),
      ...notWhole,
      ...numbers,
    ].sort((a, b) => a.from - b.from),
  };
}
