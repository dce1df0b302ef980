import type { Size } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { closestWord } from './closestWord';
import { isColourList } from './colours';
import { KIND_WORDS, type KindWord } from './kindWords';
import { isInProperName, isOfColours, isProper, MARKS } from './properNames';
import { SHEETS, type Doubt, type ThingKind } from './thing';
import type { Unread } from './unread';

const PATTERNS = KIND_WORDS.map((row) => ({
  row,
  pattern: new RegExp(String.raw`(?<![\p{L}\d])(?:${row.words})(?![\p{L}\d])`, 'giu'),
}));

/** Where a kind's words stand. */
export interface FoundWord extends KindWord {
  readonly from: number;
  readonly to: number;
}

/** `2 sheets of Paper Moon`: the word belongs to the name. */
const isInName = (text: string, { kind, from, to }: FoundWord): boolean =>
  kind === 'paper' &&
  /\bof\s+$/i.test(text.slice(0, from)) &&
  /^\p{Lu}/u.test(text.slice(from)) &&
  /^\s\p{Lu}/u.test(text.slice(to));

/** All words of kinds in a text, none over another. */
export function kindWordsIn(text: string): FoundWord[] {
  const all = PATTERNS.flatMap(({ row, pattern }, order) =>
    [...text.matchAll(pattern)].map((match) => ({
      ...row,
      order,
      from: match.index,
      to: match.index + match[0].trimEnd().length,
    })),
  ).sort((a, b) => a.from - b.from || a.order - b.order);
  const out: FoundWord[] = [];
  for (const { order: _, ...one } of all) if (one.from >= (out.at(-1)?.to ?? 0) && !isInName(text, one)) out.push(one);
  return out;
}

const LARGE = inches(5.5);
/** Pocket cards. */
const CARDS: readonly (readonly [number, number])[] = [
  [3, 4],
  [4, 6],
  [4, 4],
  [3, 3],
  [2, 2],
  [3, 8],
];

const isAtLeast = ({ w, h }: Size, side: number): boolean => Math.min(w, h) >= side;
const isLarge = (size: Size): boolean => isAtLeast(size, LARGE);
/** Stamps and bells this large are printed ones; some things are as large as they like. */
const LARGE_TOOL = inches(8);
const LARGE_THINGS = /stencil|envelope|book|album|protector|folder|trimmer|veneer/i;
const isCard = ({ w, h }: Size): boolean =>
  CARDS.some(([a, b]) => Math.min(w, h) === inches(a) && Math.max(w, h) === inches(b));

/** What is of paper, unless something else is said. */
const SHEETLIKE = /(?<!\p{L})(?:sheets?|strips?|off-?cuts?|scraps?)(?!\p{L})/iu;

/** So many of them are no papers. */
const SEVERAL = /(?<![\d/.])(?:[4-9]|\d{2,})(?![\d/.])/;

export interface FoundKind {
  readonly kind: ThingKind;
  /** The words that tell it; null: it is told by the heading, the size, or nothing. */
  readonly word: FoundWord | null;
  readonly doubts: readonly Doubt[];
}

/**
 * The words that tell the kind: the last ones of the first stretch in which a kind is named; those before them only
 * describe it.
 */
function tellingWord(words: readonly FoundWord[], text: string): FoundWord | null {
  const marks = [...text.matchAll(MARKS)].map(({ index }) => index);
  const stretchOf = ({ from }: FoundWord): number => marks.filter((mark) => mark < from).length;
  const first = words[0];
  if (!first) return null;
  const withAt = text.search(/\swith\s/i);
  const own = words.filter(
    (one) => stretchOf(one) === stretchOf(first) && (withAt < 0 || one.from < withAt || first.from > withAt),
  );
  const nouns = own.filter(({ isMaterial }) => !isMaterial);
  const told = nouns.at(-1);
  if (!told) return first;
  // Frames of chipboard are no die cuts; stickers of it are stickers.
  const isMade = told.kind === 'ephemera' && told.isNoun && own.some(({ isMaterial }) => isMaterial);
  return isMade ? { ...told, kind: 'embellishment' } : told;
}

/** One of the known words that a word of the line is a slip away from; only where it is likelier than a new word. */
function guessed(line: Unread): { word: FoundWord; doubt: Doubt } | null {
  for (const match of line.left.matchAll(/(?<![\p{L}\d'])\p{Ll}{5,}(?![\p{L}\d'])/giu)) {
    const typed = match[0].toLowerCase();
    const closest = closestWord(typed, GUESSABLE);
    if (closest === null || closest === typed || closest[0] !== typed[0]) continue;
    const [word] = kindWordsIn(closest);
    if (!word) continue;
    const [from, to] = [match.index, match.index + match[0].length];
    return {
      word: { ...word, from, to },
      doubt: { words: match[0], why: `Is ${closest} meant?`, about: 'kind', from, to, closest },
    };
  }
  return null;
}

/** Words that are worth a guess. */
export const GUESSABLE: readonly string[] = [
  'washi',
  'ribbon',
  'twine',
  'thread',
  'alphabet',
  'stickers',
  'sticker',
  'ephemera',
  'labels',
  'envelopes',
  'chipboard',
  'acetate',
  'vellum',
  'charms',
  'sequins',
  'buttons',
  'stencil',
  'cardstock',
  'paper',
  'enamel',
  'stamps',
  'punch',
];

export interface KindContext {
  /** What the heading above says; null: none. */
  readonly heading: ThingKind | null;
  /** The heading says more than that: & more, or two kinds. */
  readonly isLoose: boolean;
  /** The line above says how many of its kind there are, and this one names one of them. */
  readonly isContents: boolean;
}

/** What kind of thing a line tells of: by its own words, else the heading's, else by its size. */
export function findKind(line: Unread, size: Size | null, { heading, isLoose, isContents }: KindContext): FoundKind {
  const isPaperHeading = heading !== null && SHEETS.includes(heading);
  // Ink may be a colour, and a leaf.
  const colours = line.parts(MARKS).filter(({ text }) => isColourList(text) || (isPaperHeading && isOfColours(text)));
  const words = kindWordsIn(line.left).filter(
    ({ from }) => !colours.some((part) => part.from <= from && from < part.to),
  );
  const told = tellingWord(words, line.left);
  const whole: Doubt = {
    words: line.words(),
    why: 'What kind of thing is it?',
    about: 'kind',
    from: 0,
    to: line.text.length,
  };
  const by = (kind: ThingKind, doubts: readonly Doubt[] = []): FoundKind => ({ kind, word: null, doubts });
  if (told) {
    const sheets = words.find(({ kind, isMotif }) => SHEETS.includes(kind) && !isMotif);
    // Cork and felt come in sheets; what is called after wood or leather is printed so.
    const isSheetOf =
      told.isMaterial && /^(?:chipboard|acrylic|puffy|felt|cork)|^\w+ sheets?\b/i.test(line.left.slice(told.from));
    if (told.isMaterial && !isSheetOf && size && isLarge(size)) return by(isPaperHeading ? heading : 'paper');
    const isPrinted =
      (told.isMotif && told.kind !== 'card' && size && isLarge(size)) ||
      (['tool', 'embellishment', 'medium'].includes(told.kind) &&
        size &&
        isAtLeast(size, LARGE_TOOL) &&
        !isSheetOf &&
        !LARGE_THINGS.test(line.left));
    if (isPrinted) {
      if (sheets) return { kind: sheets.kind, word: sheets, doubts: [] };
      return by(isPaperHeading ? heading : 'paper');
    }
    const mayBeName = heading !== null && (isContents || (isPaperHeading && heading !== 'card'));
    if (mayBeName && !SEVERAL.test(line.left) && !size) {
      const isMotif = told.isMotif === true && told.kind !== 'card';
      const { from, to } = told;
      const doubt: Doubt = { words: line.words(from, to), why: `Read as ${heading}.`, about: 'kind', from, to };
      const isName = !SHEETS.includes(told.kind) && isProper(line.left);
      if (isMotif || (isName && (isContents || isInProperName(line.left, told)))) return by(heading, [doubt]);
      if (isName) return { kind: told.kind, word: told, doubts: [whole] };
    }
    // Puffy hearts are stickers, where stickers are listed.
    if (heading === 'stickers' && told.kind === 'embellishment' && (told.isMaterial ?? told.isMotif))
      return by('stickers', isLoose ? [whole] : []);
    if (heading === 'alpha' && (told.kind === 'stickers' || told.isMaterial))
      return { kind: 'alpha', word: told.isMaterial ? null : told, doubts: [] };
    if (heading === 'cardstock' && told.kind === 'paper' && /card/i.test(line.left)) return by('cardstock');
    return { kind: told.kind, word: told, doubts: [] };
  }
  const slip = guessed(line);
  if (slip && (heading === null || slip.word.kind === heading))
    return { kind: slip.word.kind, word: slip.word, doubts: [slip.doubt] };
  if (heading !== null) {
    if (heading === 'embellishment' && size && isLarge(size)) return by('paper', [whole]);
    return by(heading, isLoose && heading !== 'embellishment' ? [whole] : []);
  }
  if (size && isLarge(size)) return by('paper');
  if (SHEETLIKE.test(line.left)) return by('paper', [whole]);
  if (size && isCard(size)) return by('card', [whole]);
  return by('embellishment');
}
