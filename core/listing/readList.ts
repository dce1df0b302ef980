import { coloursIn } from '../colour';
import type { Unit } from '../length';
import { BULLET, numberedLines, unmarked } from './bullets';
import { findKind } from './findKind';
import { leadOf, type Lead } from './leads';
import { takeMixed, takeNamed, type MixedPart } from './mixed';
import { headingOf, isWords, type Heading } from './prose';
import { AT_FIRST, readThing, type Context } from './readThing';
import { remember } from './remember';
import { takeSizes } from './takeSizes';
import type { ReadLine, Thing, ThingKind } from './thing';
import { isColours } from './colours';
import { Unread } from './unread';
import { nth } from '../nth';

/** Each part of a line that tells of several, with what the line says of all. */
function withParts(base: Thing, parts: readonly MixedPart[], doubts: Thing['doubts']): Thing[] {
  const doubtsOfAll = [...base.doubts, ...doubts];
  return parts.map(({ count, name, seen, from, size, doubts: own = [] }, i): Thing => {
    if (name === '')
      return { ...base, count, ...(size ? { size } : {}), doubts: i === 0 ? [...doubtsOfAll, ...own] : own };
    const [front = '', back = null] = name.split(/\s*\/\s*/);
    const both = isColours(name) ? name : back === null ? front : `${front} / ${back}`;
    const colours = coloursIn(seen).map((one) => ({ ...one, from: one.from + from, to: one.to + from }));
    return {
      ...base,
      count,
      name: base.isNamed ? `${base.name} ${both}` : both,
      isNamed: true,
      label: base.kind === 'paper' && !base.isNamed ? both : `${base.label} ${both}`,
      back: isColours(name) ? null : back,
      colours: base.kind === 'paper' && !isColours(name) ? base.colours : [...base.colours, ...colours],
      ...(size ? { size } : {}),
      doubts: [...(i === 0 ? doubtsOfAll : []), ...own],
    };
  });
}

/** Of which each is another, where as many names as there are of them stand behind. */
const LISTED_BY_NAME: readonly ThingKind[] = ['paper', 'cardstock', 'vellum', 'acetate', 'washi', 'ribbon', 'twine'];

function thingsOf(line: Unread, context: Context): Thing[] {
  const { kind } = findKind(line, null, context);
  const isOne = kind === 'alpha' || kind === 'cut-apart' || kind === 'pad';
  const original = line.left;
  const parts = isOne ? null : takeMixed(line, context.unit);
  if (parts) {
    const base = readThing(line, context);
    const sum = parts.reduce((all, { count }) => all + count, 0);
    const isOff = base.count !== null && base.count > 1 && base.count !== sum;
    const why = `${base.count} are told, and ${sum} are listed.`;
    return withParts(base, parts, isOff ? [{ words: line.text.trim(), why, from: 0, to: line.text.length }] : []);
  }
  const thing = readThing(line, context);
  if (!LISTED_BY_NAME.includes(thing.kind) || thing.back !== null) return [thing];
  const again = new Unread(line.text);
  again.left = original;
  const named = takeNamed(again, thing.count ?? 1);
  // Colours that stand elsewhere are those of each: what is listed says something else of it.
  const outside = named && thing.colours.filter(({ from }) => !named.some((one) => one.from <= from && from < one.to));
  if (!named || (thing.kind === 'cardstock' && outside?.length !== 0)) return [thing];
  const { from, to } = { from: nth(named, 0).from, to: nth(named, named.length - 1).to };
  const isSure = named.every(({ name }) => isColours(name));
  const doubt = { words: line.text.slice(from, to), why: 'One of each?', from, to };
  const base = readThing(again, context);
  return withParts(base, named, isSure ? [] : [doubt]);
}

const heading = remember(headingOf);
const isWordsOnly = remember((text: string) => isWords(text.replace(BULLET, '')));

/** Remembered by line and what is around it, so that typing reads only the line that changes. */
const readOne = remember((text: string, isNumbered: boolean, context: Context): ReadLine =>
  isWordsOnly(text)
    ? { text, read: 'words', things: [] }
    : { text, read: 'thing', things: thingsOf(unmarked(text, isNumbered), context) },
);

const isNothing = (text: string): boolean => /^\s*(?:#|$)/.test(text);

const doubted = (read: ReadLine, why: string): ReadLine => {
  const [first, ...others] = read.things;
  if (!first) return read;
  const doubt = { words: read.text.trim(), why, from: 0, to: read.text.length };
  return { ...read, things: [{ ...first, doubts: [doubt, ...first.doubts] }, ...others] };
};

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
  return again.map((one, i) => (i === at ? doubted(one, why) : one));
}

/**
 * Reads a packing list as it came. A line that may be a thing is read as one, and nothing in it can stop it; what is not
 * sure is in doubt.
 * @param unit what a size without a unit is in
 */
export function readList(text: string, unit: Unit = 'in'): ReadLine[] {
  const lines = text.split(/\r\n|\n|\r/);
  const isNumbered = numberedLines(lines);
  const written = lines.filter((line) => /\p{L}{3}/u.test(line));
  const isAllCapitals = written.length > 2 && written.every((line) => !/\p{Ll}/u.test(line));
  const headingAt = (i: number, isAfterGap: boolean): Heading | null =>
    heading(lines[i] ?? '', { isAfterGap, isAllCapitals, isBeforeLine: !isNothing(lines[i + 1] ?? '') });
  const isOther = (i: number): boolean => isNothing(lines[i] ?? '') || headingAt(i, false) !== null;
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
    else out.push(readOne(line, isNumbered[i] === true, context));
    if (lead) out.push(...readContents(lines.slice(i + 1, lead.end), isNumbered.slice(i + 1, lead.end), lead, unit));
    isAfterGap = out.at(-1)?.read === 'words';
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
