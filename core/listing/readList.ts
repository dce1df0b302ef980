import { coloursIn } from '../colour';
import type { Unit } from '../length';
import { findKind } from './findKind';
import { takeMixed, takeNamed, type MixedPart } from './mixed';
import { headingOf, isWords, type Around } from './prose';
import { readThing, type Context } from './readThing';
import type { ReadLine, Thing } from './thing';
import { isColours } from './colours';
import { Unread } from './unread';
import { nth } from '../nth';

const BULLET = /^\s*(?:(?:[-*•·‣▪◦●○☐☑☒✓✔►▶→–—+>]|\[[ xX✓]?\])\s+)+/u;
const NUMBERED = /^\s*(\d{1,3})\s*[.)]\s+(?=\S)/;
/** So many readings are remembered: a list being typed changes a line at a time. */
const REMEMBERED = 4_000;

/** A line without what only marks it as one of a list. */
function unmarked(text: string, isNumbered: boolean): Unread {
  const line = new Unread(text);
  const mark = BULLET.exec(text);
  if (mark) line.blank(0, mark[0].length);
  const number = isNumbered ? NUMBERED.exec(line.left) : null;
  if (number) line.blank(0, number[0].length);
  return line;
}

/** Each part of a line that tells of several, with what the line says of all. */
function withParts(base: Thing, parts: readonly MixedPart[], doubts: Thing['doubts']): Thing[] {
  return parts.map(({ count, name, seen, from, size, doubts: own = [] }, i): Thing => {
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
      doubts: [...(i === 0 ? [...base.doubts, ...doubts] : []), ...own],
    };
  });
}

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
  if (!['paper', 'cardstock', 'vellum', 'acetate'].includes(thing.kind) || thing.back !== null) return [thing];
  const again = new Unread(line.text);
  again.left = original;
  const named = takeNamed(again, thing.count ?? 1);
  if (!named || (thing.kind === 'cardstock' && !named.every(({ name }) => isColours(name)))) return [thing];
  const { from, to } = { from: nth(named, 0).from, to: nth(named, named.length - 1).to };
  const isSure = named.every(({ name }) => isColours(name));
  const doubt = { words: line.text.slice(from, to), why: 'One of each?', from, to };
  const base = readThing(again, context);
  return withParts(base, named, isSure ? [] : [doubt]);
}

/** Remembered by line and what is around it, so that typing reads only the line that changes. */
const known = new Map<string, ReadLine>();

function readOne(text: string, isNumbered: boolean, context: Context): ReadLine {
  const key = `${context.unit} ${context.heading} ${context.isLoose} ${isNumbered} ${text}`;
  const before = known.get(key);
  if (before) return before;
  const line = unmarked(text, isNumbered);
  const read: ReadLine = isWords(text.replace(BULLET, ''))
    ? { text, read: 'words', things: [] }
    : { text, read: 'thing', things: thingsOf(line, context) };
  if (known.size >= REMEMBERED) known.clear();
  known.set(key, read);
  return read;
}

const isNothing = (text: string): boolean => /^\s*(?:#|$)/.test(text);

/** Which lines begin with a number that only counts the lines: two of them at least go on one from the other. */
function numberedLines(lines: readonly string[]): boolean[] {
  const numbers = lines.map((text) => Number(NUMBERED.exec(text.replace(BULLET, ''))?.[1] ?? NaN));
  const told = numbers.flatMap((n, i) => (Number.isNaN(n) ? [] : [i]));
  const goesOn = new Set<number>();
  told.forEach((i, k) => {
    const next = told[k + 1];
    if (next !== undefined && numbers[next] === (numbers[i] ?? NaN) + 1) goesOn.add(i).add(next);
  });
  return numbers.map((_, i) => goesOn.has(i));
}

const AT_FIRST = { heading: null, isLoose: false } as const;

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
  let context: Context = { ...AT_FIRST, unit };
  let isAfterGap = true;
  return lines.map((line, i) => {
    if (isNothing(line)) {
      isAfterGap = true;
      return { text: line, read: 'nothing', things: [] };
    }
    const around: Around = { isAfterGap, isAllCapitals, isBeforeLine: !isNothing(lines[i + 1] ?? '') };
    const heading = headingOf(line, around);
    if (heading) {
      context = { heading: heading.kind, isLoose: heading.isLoose, unit };
      isAfterGap = false;
      return { text: line, read: 'heading', things: [] };
    }
    const read = readOne(line, isNumbered[i] === true, context);
    isAfterGap = read.read === 'words';
    return read;
  });
}

/** Reads one line by itself. */
export const readLine = (text: string, unit: Unit = 'in'): ReadLine =>
  isNothing(text) ? { text, read: 'nothing', things: [] } : readOne(text, false, { ...AT_FIRST, unit });

/** Reads one line by itself as under a heading that gives its kind. */
export const readUnder = (heading: Context['heading'], text: string, unit: Unit): ReadLine =>
  readOne(text, false, { ...AT_FIRST, heading, unit });

/** What a line tells of when it is said to be no mere words. */
export const thingsIn = (text: string, unit: Unit): Thing[] => thingsOf(unmarked(text, false), { ...AT_FIRST, unit });
