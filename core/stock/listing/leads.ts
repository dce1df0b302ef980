import type { Unit } from '../../ground/length';
import { BULLET, isMarked, isUnder, unmarked } from './bullets';
import { kindWordsIn, type FoundWord } from './findKind';
import { wholeOf } from './numbers';
import { EACH } from './oneOfEach';
import { isInProperName, isOfColours, isProper } from './properNames';
import { saysOnlyKind } from './headings';
import { isWords } from './prose';
import { AT_FIRST, readThing, type Each } from './readThing';
import { nextLine } from './spacing';
import { remember } from './remember';
import { takeCounts } from './takeCounts';
import { takeSizes } from './takeSizes';
import type { ThingKind } from './thing';

/** What a line says of the things that the lines under it name. */
interface Says {
  readonly kind: ThingKind;
  readonly each: Each;
  /** How many of them in all; null: it is not told. */
  readonly all: number | null;
  readonly hasColon: boolean;
  /** Its kind is written as headings are. */
  readonly isCapital: boolean;
  /** Nothing is said of how many there are, in all or of each. */
  readonly isUncounted: boolean;
}

/** A line that tells of what kind, and how many, and the lines under it that say which: `4 sheets cardstock`, four names. */
export interface Lead extends Says {
  /** The first of them. */
  readonly start: number;
  /** The first line that is no more of them. */
  readonly end: number;
  /** They are marked as standing under it; else another thing may be among them. */
  readonly isSure: boolean;
}

/** What is in these is told of the thing itself. */
const ONE_THING: readonly ThingKind[] = ['pad', 'alpha', 'cut-apart', 'tool', 'medium'];
/** Such are told by their names; of others a name under them may be another thing. */
const OF_NAMES: readonly ThingKind[] = ['paper', 'cardstock', 'vellum', 'acetate'];
const MAY_BE_NAMED: readonly ThingKind[] = ['washi', 'ribbon', 'twine', 'stickers', 'ephemera', 'dots'];
const KINDS_OF_IT = /(?<![\p{L}\d/.])(\d{1,3})\s+(?:different\s+)?(?:designs?|colou?rs?|styles?|patterns?|prints?)\b/iu;
/** A line so long is no lead: it is not looked through for one. */
const LONGEST_LEAD = 300;
const says = remember((text: string, unit: Unit): Says | null => {
  if (text.length > LONGEST_LEAD) return null;
  const line = unmarked(text, false);
  const each = line.take(EACH);
  const designs = line.take(KINDS_OF_IT);
  const hasColon = /:\s*$/.test(text);
  const [word] = kindWordsIn(line.left);
  if (!word || isOfColours(unmarked(text, false).left)) return null;
  const isCapital = !/\p{Ll}/u.test(text.slice(word.from, word.to));
  const bare = line.copy();
  takeSizes(bare, unit);
  const { kind, count, letters, back, doubts, name, isNamed, size, length, amount } = readThing(line, {
    ...AT_FIRST,
    unit,
  });
  if (ONE_THING.includes(kind) || letters || back !== null || amount !== null || doubts.length > 0) return null;
  if (isNamed && !saysOnlyKind(name)) return null;
  const ofEach = each ? wholeOf(each[1] ?? '') : null;
  const told = count !== null && count > 1 ? count : null;
  const all = told ?? (designs ? Number(designs[1]) * (ofEach ?? 1) : null);
  const isUncounted = all === null && each === null && takeCounts(bare, true).count === null;
  return { kind, each: { count: ofEach, size, length }, all, hasColon, isCapital, isUncounted };
});

/** Whether a line tells no kind of its own, but such as belong to a name, or may. */
const tellsNoKind = (text: string, mayBe: (word: FoundWord) => boolean): boolean => {
  const { left } = unmarked(text, false);
  const mayBeName = isProper(left);
  return (
    isOfColours(left) || kindWordsIn(left).every((word) => mayBe(word) || (mayBeName && isInProperName(left, word)))
  );
};
/** A line that tells no kind of its own, or only a motif. */
const isBare = remember((text: string): boolean => tellsNoKind(text, ({ isMotif }) => isMotif === true));
/** One that names something and says no more, so that by itself it would be no paper. */
const isName = remember(
  (text: string): boolean =>
    isBare(text) && takeSizes(unmarked(text, false), 'in').size === null && !isWords(text.replace(BULLET, '')),
);
/** A name that may not be that of another thing. */
const isNameAlone = remember((text: string): boolean => isName(text) && tellsNoKind(text, () => false));

/** Whether a line may be the title of the list: it names something, and tells no more. */
export const mayBeTitle = remember(
  (text: string): boolean => isNameAlone(text) && !/\d/.test(text) && !isMarked(text) && isProper(text),
);

/**
 * How many of the lines from one on, as far as they may be names of things of one kind, name something and say no more;
 * none where most of them may be things themselves.
 */
export function namesFrom(lines: readonly string[], from: number): number {
  let end = from;
  while (end < lines.length && lines[end]?.trim() !== '' && isName(lines[end] ?? '')) end++;
  const run = lines.slice(from, end);
  const names = run.filter(isNameAlone).length;
  return 2 * names >= run.length ? names : 0;
}

/** Whether lines that are marked as standing under one are what it tells of, and not things beside it. */
function areContents(run: readonly string[], { all, each, hasColon }: Says): boolean {
  const bare = run.filter(isBare).length;
  if (hasColon || each.count !== null) return 2 * bare >= run.length;
  if (all === null && each.size === null) return bare > 0;
  return run.length > 1 && 2 * bare > run.length;
}

/** How many lines tell of, as things of a kind. */
const countOf = (run: readonly string[], heading: ThingKind, unit: Unit): number =>
  run.reduce((sum, text) => {
    const { count } = readThing(unmarked(text, false), { ...AT_FIRST, heading, isContents: true, unit });
    return sum + (count ?? 1);
  }, 0);

/** As {@link areContents}, of lines that nothing marks; null: they are not. */
function areFollowing(run: readonly string[], says: Says, unit: Unit): { isSure: boolean } | null {
  const { all, each, hasColon, isCapital, kind } = says;
  if (run.length === 0) return null;
  if (hasColon) return { isSure: true };
  // By itself it would be one of its kind, and what is under it of the kind above, or nobody knows what.
  if (says.isUncounted) {
    const names = namesFrom(run, 0);
    if (OF_NAMES.includes(kind) && names > 0) return { isSure: names === run.length && names > 1 };
    return MAY_BE_NAMED.includes(kind) && names > 1 ? { isSure: false } : null;
  }
  const isPlain = run.every((text) => !/\d/.test(text));
  const isEven = all !== null && all === (isPlain ? run.length : countOf(run, kind, unit)) * (each.count ?? 1);
  // What tells of a kind of its own, be it a motif too, may be a thing beside it.
  const isNamed = run.every((text) => kindWordsIn(text).length === 0);
  const areFaces = each.count !== null && run.every((text) => /\p{L}\s*\/\s*\p{L}/u.test(text));
  // Counts of their own that come out even are no chance.
  const areColours = kind === 'cardstock' && isEven && run.every((text) => isOfColours(unmarked(text, false).left));
  const isSure = areFaces || areColours || (isEven && isNamed && !isPlain);
  return isSure ||
    (isEven && isPlain) ||
    (all !== null && isCapital && isNamed) ||
    (each.count !== null && all === null)
    ? { isSure }
    : null;
}

/**
 * The line as one that says of what kind those under it are, and how many; null where it is a thing of its own. They end
 * at the first that is not marked as they are; where none is marked, at the first that tells its own kind.
 * @param isOther whether a line is blank or a heading
 */
export function leadOf(
  lines: readonly string[],
  at: number,
  unit: Unit,
  isOther: (line: number) => boolean,
): Lead | null {
  const above = lines[at] ?? '';
  const start = nextLine(lines, at);
  if (start === null || isOther(start)) return null;
  const said = says(above, unit);
  if (!said) return null;
  const endOf = (goesOn: (text: string) => boolean): number => {
    let end = start;
    while (end < lines.length && !isOther(end) && goesOn(lines[end] ?? '')) end++;
    return end;
  };
  const marked = endOf((text) => isUnder(text, above));
  if (marked > start)
    return areContents(lines.slice(start, marked), said) ? { ...said, start, end: marked, isSure: true } : null;
  const goesOn = said.hasColon || said.each.count !== null ? isBare : isName;
  const end = endOf((text) => goesOn(text) && !isWords(text.replace(BULLET, '')));
  const following = areFollowing(lines.slice(start, end), said, unit);
  return following && { ...said, start, end, ...following };
}
