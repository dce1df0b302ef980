import type { Unit } from '../../ground/length';
import { BULLET, numberedLines, unmarked } from './bullets';
import { inDoubt } from './inDoubt';
import { lettersUnder } from './lettersUnder';
import { leadOf, mayBeTitle, namesFrom, type Lead } from './leads';
import { nth } from '../../ground/nth';
import { headingOf, mayHead, saysKindAlone, type Heading } from './headings';
import { isWords } from './prose';
import { isNothing, nextLine, withoutSpacing } from './spacing';
import { AT_FIRST, type Context } from './readThing';
import { remember } from './remember';
import { takeSizes } from './takeSizes';
import type { ReadLine, Thing } from './thing';
import { thingsOf } from './thingsOf';
import { Unread } from './unread';

const heading = remember(headingOf);
const saysNoThing = remember(mayHead);
const isKindAlone = remember(saysKindAlone);
const isWordsOnly = remember((text: string) => isWords(text.replace(BULLET, '')));

/** Remembered by line and what is around it, so that typing reads only the line that changes. */
const readOne = remember((text: string, isNumbered: boolean, context: Context): ReadLine =>
  isWordsOnly(text)
    ? { text, read: 'words', things: [] }
    : { text, read: 'thing', things: thingsOf(unmarked(text, isNumbered), context) },
);

/** The club, and what the kit is called. */
const MOST_TITLES = 2;

/** Which lines say what the list is called: a name or two above the first heading, with nothing but words between. */
function titlesOf(lines: readonly string[], isHeading: (line: number) => boolean): number[] {
  const titles: number[] = [];
  for (let at = nextLine(lines, -1); at !== null; at = nextLine(lines, at)) {
    const line = lines[at] ?? '';
    if (isHeading(at)) return titles;
    if (isWordsOnly(line)) continue;
    if (!mayBeTitle(line) || titles.length === MOST_TITLES) return [];
    titles.push(at);
  }
  return [];
}

/** The lines that a lead is over, as many of each as it tells; in doubt where they are not as many as it tells in all. */
function readContents(lines: readonly string[], isNumbered: readonly boolean[], lead: Lead, unit: Unit): ReadLine[] {
  const { kind, all, isSure } = lead;
  const readAll = (each: Context['each']): ReadLine[] =>
    lines.map((text, i) =>
      readOne(text, isNumbered[i] === true, { heading: kind, isLoose: !isSure, isContents: true, each, unit }),
    );
  const read = readAll(lead.each);
  const told = read.flatMap(({ things }) => things.filter((thing) => thing.kind === kind));
  const sum = told.reduce((so, { count }) => so + (count ?? 1), 0);
  if (all === null || sum === all) return read;
  const at = read.findIndex(({ things }) => things.length > 0);
  const isEven = lead.each.count === null && sum === told.length && sum > 0 && all % sum === 0;
  const why = isEven
    ? `${all} are told above, and ${sum} are named: read as ${all / sum} of each.`
    : `${all} are told above, and ${sum} are listed.`;
  const again = isEven ? readAll({ ...lead.each, count: all / sum }) : read;
  return again.map((one, i) => (i === at ? { ...one, things: inDoubt(one.things, one.text, why) } : one));
}

/**
 * Reads a packing list as it came. A line that may be a thing is read as one, and nothing in it can stop it; what is not
 * sure is in doubt.
 * @param unit what a size without a unit is in
 */
export function readList(text: string, unit: Unit = 'in'): ReadLine[] {
  const lines = text.split(/\r\n|\n|\r/);
  const kept = withoutSpacing(lines);
  const read = readLines(
    kept.map((i) => nth(lines, i)),
    unit,
  );
  const byLine = new Map(kept.map((i, at) => [i, nth(read, at)]));
  return lines.map((line, i) => byLine.get(i) ?? { text: line, read: 'nothing', things: [] });
}

function readLines(lines: readonly string[], unit: Unit): ReadLine[] {
  const isNumbered = numberedLines(lines);
  const written = lines.filter((line) => /\p{L}{3}/u.test(line));
  const isAllCapitals = written.length > 2 && written.every((line) => !/\p{Ll}/u.test(line));
  const headingAt = (i: number, isAfterGap: boolean): Heading | null => {
    const line = lines[i] ?? '';
    const at = saysNoThing(line) ? nextLine(lines, i) : null;
    if (at === null) return null;
    const next = at === i + 1 ? 'under it' : 'after a gap';
    const isOverHeading = isKindAlone(lines[at] ?? '');
    return heading(line, { isAfterGap, isAllCapitals, next, isOverHeading, names: namesFrom(lines, at) });
  };
  const isOther = (i: number): boolean => isNothing(lines[i] ?? '') || headingAt(i, false) !== null;
  const titles = titlesOf(lines, (i) => headingAt(i, true) !== null);
  const out: ReadLine[] = [];
  let context: Context = { ...AT_FIRST, unit };
  let isAfterGap = true;
  while (out.length < lines.length) {
    const i = out.length;
    const line = lines[i] ?? '';
    if (isNothing(line)) {
      out.push({ text: line, read: 'nothing', things: [] });
      isAfterGap = true;
      continue;
    }
    const over = headingAt(i, isAfterGap);
    const lead = over ? null : leadOf(lines, i, unit, isOther);
    if (over) {
      const { size } = takeSizes(new Unread(line), unit);
      const each = { ...AT_FIRST.each, size };
      context = { ...AT_FIRST, heading: over.kind, isLoose: over.isLoose, each, unit };
    }
    if (over || lead) out.push({ text: line, read: 'heading', things: [] });
    else if (titles.includes(i)) out.push({ text: line, read: 'words', things: [] });
    else out.push(readOne(line, isNumbered[i] === true, context));
    const own = out.at(-1);
    const spelt = own && !lead ? lettersUnder(lines, i, own, (words) => thingsIn(words, unit)[0]) : null;
    if (spelt) out.splice(i, 1, ...spelt);
    if (lead) {
      const { start, end } = lead;
      out.push(...lines.slice(i + 1, start).map((text): ReadLine => ({ text, read: 'nothing', things: [] })));
      out.push(...readContents(lines.slice(start, end), isNumbered.slice(start, end), lead, unit));
    }
    const last = out.at(-1);
    isAfterGap = last?.read === 'words' && !last.isOfAbove;
  }
  return out;
}

/** Reads one line by itself. */
export const readLine = (text: string, unit: Unit = 'in'): ReadLine =>
  isNothing(text) ? { text, read: 'nothing', things: [] } : readOne(text, false, { ...AT_FIRST, unit });

/** Reads one line by itself as under a heading that gives its kind. */
export const readUnder = (heading: Context['heading'], text: string, unit: Unit): ReadLine =>
  readOne(text, false, { ...AT_FIRST, heading, unit });

/** What a line tells of when it is said to be no mere words. */
export const thingsIn = (text: string, unit: Unit): Thing[] => thingsOf(unmarked(text, false), { ...AT_FIRST, unit });
