import { kindWordsIn } from './findKind';
import { NUMBER_WORD } from './numbers';
import { SIZE, wordsOf } from './prose';
import type { ThingKind } from './thing';

const SIZES = new RegExp(String.raw`(?:${SIZE.source})(?:\s*(?:in\b\.?|inch\w*|cm|mm|["″])|(?!\d))`, 'giu');
const LONGEST_HEADING = 80;
/** Of which there are several of a size, each with its name. */
const OF_NAMES: readonly ThingKind[] = ['paper', 'cardstock', 'vellum', 'acetate', 'card'];

/** It says how many there are: what is under it is counted by that. */
const SO_MANY = new RegExp(String.raw`(?<!\p{L})(?:${NUMBER_WORD}|each|ea)(?!\p{L})`, 'iu');

/** Words of which headings are made, beside those of kinds. */
const HEADING_WORDS =
  /^(?:and|more|extras?|the|section|other|others|misc|miscellaneous|bits|pieces|bobs|bonus|exclusives?|exclusive|items?|goodies|supplies|add|ons|embellishments?|accents?|elements|decorations?|mediums?|media|colou?r|mixed|adhesives?|specialty|speciality|patterned|plain|textured|solid|solids|double|sided|titles?|fibers?|fibres?|tools|packaging|small|things|papers?|pocket|journal(?:l)?ing|embellies|pack|kit|in|box|also|paper|goods|all|are|both|sides|assorted|coordinating|matching|various)$/i;
/** Headings that say no more than that something else follows. */
const GENERAL =
  /^(?:embellishments?|accents?|extras?|misc(?:ellaneous)?|others?|bits(?: and (?:bobs|pieces))?|goodies|bonus(?: items?)?|elements|decorations?|small things|embellies|also in the (?:box|kit)|other items|tools|supplies|papers?|patterned papers?|adhesives?|colou?r media|mixed media|mediums?)$/i;

const COLON = /:\s*[*_=~-]*\s*$/;
/** `(3 items)` behind a heading. */
const ITEMS = /[([]\s*\d+\s*items?\s*[)\]]\s*[*_=~#:-]*\s*$/i;

/** The words beside those that tell kinds. */
const othersIn = (text: string): string[] =>
  wordsOf(kindWordsIn(text).reduceRight((left, { from, to }) => left.slice(0, from) + ' ' + left.slice(to), text));

/** Whether nothing is said but the kind, and words that go with it: `patterned, double-sided papers`. */
export const saysOnlyKind = (text: string): boolean => othersIn(text).every((word) => HEADING_WORDS.test(word));

export interface Heading {
  readonly kind: ThingKind | null;
  readonly isLoose: boolean;
}

/** What is around a line. */
export interface Around {
  /** The line above is blank, or there is none, or it is words. */
  readonly isAfterGap: boolean;
  /** Lines of the list are all in capitals. */
  readonly isAllCapitals: boolean;
  /** How the next line that is not blank stands to it; null: there is none. */
  readonly next: 'under it' | 'after a gap' | null;
  /** The next line may be a heading itself. */
  readonly isOverHeading: boolean;
  /** So many lines under it name something and tell no kind and no size of their own. */
  readonly names: number;
}

/** Whether a line says a kind, or its size too, and nothing else. */
export const saysKindAlone = (text: string): boolean => {
  const plain = text.replace(SIZES, ' ');
  return !/\d/.test(plain) && kindWordsIn(plain).length > 0 && saysOnlyKind(plain);
};

/** Whether a line may be a heading, by itself: it counts nothing, and names nothing but before a colon. */
export const mayHead = (text: string): boolean => {
  if (text.length > LONGEST_HEADING) return false;
  const plain = text.replace(ITEMS, ' ').replace(SIZES, ' ');
  return !/\d/.test(plain) && (COLON.test(text) || saysOnlyKind(plain));
};

const kindNamed = (bare: string): ThingKind | null => {
  if (/^(?:adhesives?|colou?r media|mixed media|mediums?|media)$/i.test(bare)) return 'medium';
  if (/^(?:tools|supplies)$/i.test(bare)) return 'tool';
  return kindWordsIn(bare)[0]?.kind ?? 'embellishment';
};

/** A heading: it says of what kind the lines under it are; null where the line is none. */
export function headingOf(text: string, around: Around): Heading | null {
  const { isAfterGap, isAllCapitals, next, isOverHeading, names } = around;
  if (!mayHead(text) || next === null) return null;
  const hasColon = COLON.test(text);
  const bare = text
    .replace(/^[\s*_=~#>•·+-]+|[\s*_=~#:<•·-]+$/g, '')
    .replace(ITEMS, '')
    .trim();
  const isDecorated = /^\s*(?:[*_=~]{2,}|[-–—]{2,})/.test(text);
  const plain = bare.replace(SIZES, ' ');
  if (bare === '') return null;
  const isCapital = !isAllCapitals && /\p{Lu}/u.test(plain) && !/\p{Ll}/u.test(plain);
  const isSized = /\d/.test(bare);
  const isSizeBeside = isSized && !hasColon && !/\([^()]*\d[^()]*\)$/.test(bare);
  // A sheet of that size, where it is not over names.
  const isParted = isAfterGap || next === 'after a gap';
  const kinds = kindWordsIn(plain);
  const mayBeSized = names > 0 && (isParted || isCapital) && kinds.every(({ kind }) => OF_NAMES.includes(kind));
  if (isSizeBeside && !mayBeSized) return null;
  const others = othersIn(plain);
  // Before a colon and names anything may be said of them.
  const isOverNames = hasColon && kinds.length > 0 && names > 0 && !SO_MANY.test(plain);
  if (!isOverNames && !others.every((word) => HEADING_WORDS.test(word))) return null;
  if (kinds.length === 0 && !others.some((word) => !/^(?:and|the|in|kit|box|more)$/i.test(word))) return null;
  const isGeneral = GENERAL.test(plain.replace(/&/g, 'and').replace(/\s+/g, ' ').trim());
  const isSaid = hasColon || isDecorated || isGeneral;
  if (!isSaid && next === 'after a gap' && !(isCapital && !isOverHeading) && names === 0) return null;
  if (!isSaid && !isCapital && !isSized && !(isParted && kinds.length > 0)) return null;
  // One thing of its kind, not a heading: nobody heads a list with it.
  if (!isSaid && !isCapital && kinds.some(({ isNoun }) => isNoun)) return null;
  const kind = kindNamed(plain.replace(/\s+/g, ' ').trim());
  const isUnsure = isSizeBeside && !isCapital && names < 2;
  const isLoose =
    isUnsure || /more|extras?|&|\band\b|\+|\//i.test(plain) || new Set(kinds.map((one) => one.kind)).size > 1;
  return { kind, isLoose };
}
