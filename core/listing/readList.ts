import { colourWords, hexOfWord } from '../colour';
import { inches, mm, parseSize, ticks } from '../length';
import { err, ok, type Result } from '../result';
import type { Size } from '../geometry';
import type { LotKind, Measure } from '../things';
import { closestWord } from './closestWord';
import { KIND_WORDS, KNOWN_WORDS } from './kinds';
import type { FaceSketch, ListItem, ListProblem, ReadLine } from './listItem';

type Read<T> = Result<T, ListProblem>;

const NUMBER = String.raw`\d+(?:\.\d+)?(?:(?:\s+|-)\d+\/\d+|\/\d+)?`;
const SIZE = new RegExp(String.raw`(?<![\w/.])(${NUMBER})\s*[x×]\s*(${NUMBER})\s*(?:(?:in|cm|mm)\b|["″])?`, 'i');
const COUNT_X = new RegExp(String.raw`^(\d+)\s*[x×]\s+(?=${NUMBER}\s*[x×]|[^\d\s])`, 'i');
const COUNT = /^(\d+)\s+(?=[^\d\sx×/])/i;
const ROLL = /(\d+(?:\.\d+)?)\s*(yd|yards?|m|metres?|ft|feet|in|cm)\b/i;
const GLYPHS = /^(?:\s*\S\s*[x×]?\s*\d+\s*[,;]?)+$/u;

const problem = (line: string, text: string, kind: ListProblem['kind'], closest: string | null = null): Read<never> => {
  const from = Math.max(0, line.indexOf(text));
  return err({ kind, from, to: from + text.length, text, closest });
};

const ROLL_TICKS: Record<string, number> = { y: 36 * inches(1), f: 12 * inches(1), i: inches(1), m: mm(1000), c: mm(10) };

/** Letters as `A3 E4 N2`; the same glyph told twice adds up. */
function readLetters(line: string, text: string): Read<Record<string, number>> {
  if (!GLYPHS.test(text)) return problem(line, text.trim(), 'bad-letters');
  const letters: Record<string, number> = {};
  for (const [, glyph, n] of text.matchAll(/(\S)\s*[x×]?\s*(\d+)/gu)) letters[glyph!] = (letters[glyph!] ?? 0) + Number(n);
  return ok(letters);
}

/** Colours told as `ink + amber`; null where the text is something else than colours. */
function readColours(line: string, text: string): Read<string[]> | null {
  const words = text.split(/\s*(?:\+|&|\band\b)\s*/i).map((word) => word.trim()).filter(Boolean);
  const colours = words.map(hexOfWord);
  if (colours.every((hex) => hex !== null)) return ok(colours);
  const told = text.includes('+') || colours.some((hex) => hex !== null);
  if (!told) {
    // A single word one slip from a colour is taken for that slip.
    const near = words.length === 1 && words[0]!.length > 3 ? closestWord(words[0]!, colourWords()) : null;
    return near === null ? null : problem(line, words[0]!, 'unknown-colour', near);
  }
  const unknown = words[colours.indexOf(null)]!;
  return problem(line, unknown, 'unknown-colour', closestWord(unknown, colourWords()));
}

interface Attributes { colours: string[]; upright: boolean; note: string }

function readAttributes(line: string, parts: readonly string[]): Read<Attributes> {
  const out: Attributes = { colours: [], upright: false, note: '' };
  const notes: string[] = [];
  for (const part of parts) {
    if (/^(upright|one[- ]way|this way up)$/i.test(part)) { out.upright = true; continue; }
    const colours = readColours(line, part);
    if (colours && !colours.ok) return colours;
    if (colours) out.colours.push(...colours.value);
    else notes.push(part);
  }
  return ok({ ...out, note: notes.join(', ') });
}

interface Amount { count: number; size: Size | null; rest: string }

function readAmount(line: string): Read<Amount> {
  const sized = (text: string): { size: Size | null; rest: string } | null => {
    const match = SIZE.exec(text);
    if (!match) return { size: null, rest: text };
    const size = parseSize(match[0]);
    if (!size.ok || size.value.w === 0 || size.value.h === 0) return null;
    return { size: size.value, rest: `${text.slice(0, match.index)} ${text.slice(match.index + match[0].length)}`.trim() };
  };
  const counted = COUNT_X.exec(line) ?? COUNT.exec(line);
  if (counted && Number(counted[1]) === 0) return problem(line, counted[0].trim(), 'count-of-none');
  const found = sized(counted ? line.slice(counted[0].length) : line);
  if (!found) return problem(line, SIZE.exec(line)![0].trim(), 'bad-size');
  return ok({ count: counted ? Number(counted[1]) : 1, ...found });
}

/** Small things that are also motifs of papers. */
const LOOSE: readonly LotKind[] = ['dots', 'embellishment', 'ephemera', 'twine', 'ribbon', 'packaging'];

function kindOf(text: string, size: Size | null): { kind: LotKind; measure: Measure } | null {
  const known = KIND_WORDS.find(({ test }) => test.test(text));
  // A sheet this large is paper, whatever is printed on it: `12x12 radish dots`.
  if (known && size && LOOSE.includes(known.kind) && Math.min(size.w, size.h) >= inches(6)) return { kind: 'paper', measure: 'sheets' };
  if (known) return known.measure === 'sheets' && size === null ? { kind: 'embellishment', measure: 'count' } : known;
  return size ? { kind: 'paper', measure: 'sheets' } : null;
}

const tidy = (text: string): string => text.replace(/\s+/g, ' ').replace(/^[\s:,.-]+|[\s:,.-]+$/g, '');

/** `moths / lamplight` as two faces; colours belong to the front, and a plain back of a named colour is drawn in it. */
function readFaces(name: string, colours: readonly string[]): { front: FaceSketch; back: FaceSketch | null } {
  const [front = '', back] = name.split('/').map(tidy);
  const told = (face: string): string[] => face.split(' ').map(hexOfWord).filter((hex) => hex !== null);
  const frontColours = colours.length > 0 ? colours : told(front);
  if (!back) return { front: { name: front, colours: [...frontColours] }, back: null };
  const own = told(back);
  return { front: { name: front, colours: [...frontColours] }, back: { name: back, colours: own.length > 0 ? own : [...frontColours].reverse() } };
}

function readAlpha(line: string): Read<ListItem> | null {
  const at = line.indexOf(':');
  if (at < 0 || !/\b(alphas?|alphabet|letters)\b/i.test(line.slice(0, at))) return null;
  const letters = readLetters(line, line.slice(at + 1));
  if (!letters.ok) return letters;
  const name = tidy(line.slice(0, at));
  return ok({ kind: 'alpha', name, measure: 'letters', count: 1, size: null, length: null, letters: letters.value, front: null, back: null, upright: false, note: '' });
}

/** A roll: `washi 10 yd, lamplight`. */
function readRoll(line: string, kind: LotKind): Read<ListItem> {
  const roll = ROLL.exec(line);
  if (!roll || Number(roll[1]) === 0) return problem(line, line, 'no-length');
  const length = ticks(Math.round(Number(roll[1]) * ROLL_TICKS[roll[2]![0]!.toLowerCase()]!));
  const [name = '', ...parts] = line.replace(roll[0], ' ').split(',').map(tidy).filter(Boolean);
  const attributes = readAttributes(line, parts);
  if (!attributes.ok) return attributes;
  const { colours, note } = attributes.value;
  const face = colours.length > 0 ? { name: name || kind, colours } : null;
  return ok({ kind, name: name || kind, measure: 'length', count: 1, size: null, length, letters: null, front: face, back: null, upright: false, note });
}

function readItem(line: string): Read<ListItem> {
  const alpha = readAlpha(line);
  if (alpha) return alpha;
  const amount = readAmount(line);
  if (!amount.ok) return amount;
  const { size, rest } = amount.value;
  // What stands behind a colon says more of the thing, as what follows a comma does.
  const [head = '', ...parts] = rest.replace(/:\s/, ', ').split(',').map(tidy).filter((part, i) => i === 0 || part !== '');
  const kind = kindOf(head, size);
  if (!kind) {
    const word = head.split(' ').find((typed) => closestWord(typed, KNOWN_WORDS) !== null);
    return problem(line, word ?? (head || line), 'nothing-known', word ? closestWord(word, KNOWN_WORDS) : null);
  }
  if (kind.measure === 'length') return readRoll(line, kind.kind);
  if (kind.measure === 'letters') return problem(line, line, 'bad-letters');
  const counted = kind.measure === 'count' && amount.value.count === 1 ? /^(.*?)[\s:]*\b(\d+)(?:\s*(?:pieces|pcs|in all))?$/i.exec(head) : null;
  if (counted && Number(counted[2]) === 0) return problem(line, counted[2]!, 'count-of-none');
  const name = tidy(counted ? counted[1]! : head);
  if (name === '') return problem(line, line, 'no-name');
  const attributes = readAttributes(line, parts);
  if (!attributes.ok) return attributes;
  const { colours, upright, note } = attributes.value;
  const faces = kind.measure === 'sheets' || colours.length > 0 ? readFaces(name, colours) : { front: null, back: null };
  return ok({
    kind: kind.kind, name, measure: kind.measure, count: counted ? Number(counted[2]) : amount.value.count, size, length: null, letters: null,
    ...faces, upright, note,
  });
}

/** Reads one line of a packing list as clubs write them. Blank lines and those that begin with # are passed over. */
export function readLine(text: string): ReadLine {
  const line = text.replace(/^\s*[-*•]\s+/, '').trim();
  if (line === '' || line.startsWith('#')) return { status: 'blank', text };
  const item = readItem(line);
  if (item.ok) return { status: 'read', text, item: item.value };
  const shift = Math.max(0, text.indexOf(line));
  return { status: 'not-read', text, problem: { ...item.error, from: item.error.from + shift, to: item.error.to + shift } };
}

export const readList = (text: string): ReadLine[] => text.split(/\r?\n/).map(readLine);

