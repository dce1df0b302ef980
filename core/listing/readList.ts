import { hexOfWord } from '../colour';
import { inches, mm, parseLength, parseSize, ticks } from '../length';
import { ok } from '../result';
import type { Size } from '../geometry';
import type { Punch } from '../things';
import type { LotKind, Measure } from '../things';
import { closestWord } from './closestWord';
import { KIND_WORDS, KNOWN_WORDS } from './kinds';
import type { FaceSketch, ListItem, ReadLine } from './listItem';
import { problem, type Read } from './problem';
import { readAttributes } from './readAttributes';
import { readLetters } from './readLetters';

const NUMBER = String.raw`\d+(?:\.\d+)?(?:(?:\s+|-)\d+\/\d+|\/\d+)?`;
const SIZE = new RegExp(String.raw`(?<![\w/.])(${NUMBER})\s*[x×]\s*(${NUMBER})\s*(?:(?:in|cm|mm)\b|["″])?`, 'i');
const COUNT_X = new RegExp(String.raw`^(\d+)\s*[x×]\s+(?=${NUMBER}\s*[x×]|[^\d\s])`, 'i');
const COUNT = /^(\d+)\s+(?=[^\d\sx×/])/i;
const ROLL = /(\d+(?:\.\d+)?)\s*(yd|yards?|m|metres?|ft|feet|in|cm)\b/i;
const PAD = /\b(?:paper )?pads?\b/i;
const OF_DESIGNS = /^(?:(\d+) sheets?(?: of)? )?(\d+) designs?$/i;
const PUNCH = new RegExp(String.raw`\b(circle|round|hexagon)\b.*?(${NUMBER}\s*(?:in|cm|mm|["″])?)(?=\s|$)`, 'i');
const HEIGHT = new RegExp(String.raw`\b(${NUMBER})\s*(in|cm|mm|["″])(?=\s|$)`, 'i');

const ROLL_TICKS: Record<string, number> = {
  y: 36 * inches(1),
  f: 12 * inches(1),
  i: inches(1),
  m: mm(1000),
  c: mm(10),
};

interface Amount {
  count: number;
  size: Size | null;
  rest: string;
}

function readAmount(line: string): Read<Amount> {
  const sized = (text: string): { size: Size | null; rest: string } | null => {
    const match = SIZE.exec(text);
    if (!match) return { size: null, rest: text };
    const size = parseSize(match[0]);
    if (!size.ok || size.value.w === 0 || size.value.h === 0) return null;
    return {
      size: size.value,
      rest: `${text.slice(0, match.index)} ${text.slice(match.index + match[0].length)}`.trim(),
    };
  };
  const counted = COUNT_X.exec(line) ?? COUNT.exec(line);
  if (counted && Number(counted[1]) === 0) return problem(line, counted[0].trim(), 'count-of-none');
  const found = sized(counted ? line.slice(counted[0].length) : line);
  if (!found) return problem(line, SIZE.exec(line)![0].trim(), 'bad-size');
  return ok({ count: counted ? Number(counted[1]) : 1, ...found });
}

/** Small things that are also motifs of papers. */
const LOOSE: readonly LotKind[] = ['dots', 'embellishment', 'ephemera', 'twine', 'ribbon', 'packaging', 'medium'];

function kindOf(text: string, size: Size | null): { kind: LotKind; measure: Measure } | null {
  const known = KIND_WORDS.find(({ test }) => test.test(text));
  // A sheet this large is paper, whatever is printed on it: `12x12 radish dots`, `12x12 old stamps`.
  if (known?.kind === 'tool' && size && !/\bstencils?\b/i.test(text) && Math.min(size.w, size.h) >= inches(8))
    return { kind: 'paper', measure: 'sheets' };
  if (known && size && LOOSE.includes(known.kind) && !/\btissue\b/i.test(text) && Math.min(size.w, size.h) >= inches(6))
    return { kind: 'paper', measure: 'sheets' };
  if (known) return known.measure === 'sheets' && size === null ? { kind: 'embellishment', measure: 'count' } : known;
  return size ? { kind: 'paper', measure: 'sheets' } : null;
}

const tidy = (text: string): string => text.replace(/\s+/g, ' ').replace(/^[\s:,.-]+|[\s:,.-]+$/g, '');

/** `moths / lamplight` as two faces; colours belong to the front, and a plain back of a named colour is drawn in it. */
function readFaces(name: string, colours: readonly string[]): { front: FaceSketch; back: FaceSketch | null } {
  const [front = '', back] = name.split('/').map(tidy);
  const told = (face: string): string[] =>
    face
      .split(' ')
      .map(hexOfWord)
      .filter((hex) => hex !== null);
  const frontColours = colours.length > 0 ? colours : told(front);
  if (!back) return { front: { name: front, colours: [...frontColours] }, back: null };
  const own = told(back);
  return {
    front: { name: front, colours: [...frontColours] },
    back: { name: back, colours: own.length > 0 ? own : [...frontColours].reverse() },
  };
}

function readAlpha(line: string): Read<ListItem> | null {
  const at = line.indexOf(':');
  if (at < 0 || !/\b(alphas?|alphabet|letters)\b/i.test(line.slice(0, at))) return null;
  const letters = readLetters(line, line.slice(at + 1));
  if (!letters.ok) return letters;
  const told = HEIGHT.exec(line.slice(0, at));
  const height = told && parseLength(told[0]);
  const [name = '', ...parts] = line
    .slice(0, at)
    .replace(told?.[0] ?? '', ' ')
    .split(',')
    .map(tidy)
    .filter(Boolean);
  const attributes = readAttributes(line, parts);
  if (!attributes.ok) return attributes;
  const { colours, note } = attributes.value;
  return ok({
    kind: 'alpha',
    name,
    measure: 'letters',
    count: 1,
    size: null,
    length: null,
    letters: letters.value,
    front: colours.length > 0 ? { name, colours } : null,
    back: null,
    upright: false,
    ...(height?.ok && height.value > 0 ? { height: height.value } : {}),
    note,
  });
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
  return ok({
    kind,
    name: name || kind,
    measure: 'length',
    count: 1,
    size: null,
    length,
    letters: null,
    front: face,
    back: null,
    upright: false,
    note,
  });
}

/** A pad: `pad 6x8 field notes, 24 sheets of 12 designs`; null where the line tells of something else. */
function readPad(line: string, { count, size, rest }: Amount): Read<ListItem> | null {
  const [head = '', ...parts] = rest.split(',').map(tidy);
  if (!size || !PAD.test(head)) return null;
  const told = parts.map((part) => OF_DESIGNS.exec(part));
  const found = told.find((one) => one !== null);
  const designs = Number(found?.[2] ?? 1);
  const sheets = count * Number(found?.[1] ?? designs);
  if (sheets === 0 || designs === 0 || designs > sheets) return problem(line, found?.[0] ?? line, 'bad-pad');
  const name = tidy(head.replace(PAD, ' '));
  if (name === '') return problem(line, line, 'no-name');
  const attributes = readAttributes(
    line,
    parts.filter((_, i) => told[i] === null),
  );
  if (!attributes.ok) return attributes;
  const { colours, upright, note } = attributes.value;
  return ok({
    kind: 'paper',
    name,
    measure: 'sheets',
    count: sheets,
    size,
    length: null,
    letters: null,
    ...readFaces(name, colours),
    upright,
    designs,
    note,
  });
}

/** What a punch stamps out, where its name tells it: `circle punch 1 1/2 in`. */
function punchOf(name: string, reach: number | null): Punch | null {
  const told = /\bpunch(es)?\b/i.test(name) ? PUNCH.exec(name) : null;
  const size = told && parseLength(told[2]!);
  return size?.ok && size.value > 0
    ? { shape: told![1]!.toLowerCase() === 'hexagon' ? 'hexagon' : 'circle', size: size.value, reach }
    : null;
}

/** A count that stands behind the name: `ephemera 32`. */
function countBehind(head: string, kind: LotKind, count: number): { name: string; count: number } {
  const told = count === 1 && kind !== 'tool' ? /^(.*?)[\s:]*\b(\d+)(?:\s*(?:pieces|pcs|in all))?$/i.exec(head) : null;
  return told ? { name: tidy(told[1]!), count: Number(told[2]) } : { name: head, count };
}

function readItem(line: string): Read<ListItem> {
  const alpha = readAlpha(line);
  if (alpha) return alpha;
  const amount = readAmount(line);
  if (!amount.ok) return amount;
  const pad = readPad(line, amount.value);
  if (pad) return pad;
  const { size, rest } = amount.value;
  // What stands behind a colon says more of the thing, as what follows a comma does.
  const [head = '', ...parts] = rest
    .replace(/:\s/, ', ')
    .split(',')
    .map(tidy)
    .filter((part, i) => i === 0 || part !== '');
  const known = kindOf(head, size);
  if (!known) {
    const word = head.split(' ').find((typed) => closestWord(typed, KNOWN_WORDS) !== null);
    return problem(line, word ?? (head || line), 'nothing-known', word ? closestWord(word, KNOWN_WORDS) : null);
  }
  if (known.measure === 'length') return readRoll(line, known.kind);
  if (known.measure === 'letters') return problem(line, line, 'bad-letters');
  const { kind } = known;
  const { name, count } =
    known.measure === 'sheets'
      ? { name: tidy(head), count: amount.value.count }
      : countBehind(head, kind, amount.value.count);
  if (count === 0) return problem(line, line, 'count-of-none');
  if (name === '') return problem(line, line, 'no-name');
  const isCounted = kind === 'stickers' && count !== amount.value.count;
  const attributes = readAttributes(line, parts, {
    level: !isCounted && (known.measure === 'share' || (known.measure === 'count' && count === 1)),
    reach: kind === 'tool' && punchOf(name, null) !== null,
  });
  if (!attributes.ok) return attributes;
  const { colours, upright, level, reach, note } = attributes.value;
  const measure = isCounted ? 'count' : known.measure === 'count' && level !== null ? 'share' : known.measure;
  const faces = measure === 'sheets' || colours.length > 0 ? readFaces(name, colours) : { front: null, back: null };
  const punch = kind === 'tool' ? punchOf(name, reach) : null;
  return ok({
    kind,
    name,
    measure,
    count,
    size,
    length: null,
    letters: null,
    ...faces,
    upright,
    ...(measure === 'share' && level !== null && (level < 100 || known.measure === 'count') ? { level } : {}),
    ...(punch ? { punch } : {}),
    note,
  });
}

/** So many of one line can be taken in; each sheet is a piece of its own, and more would hang a window. */
export const MOST_OF_A_LINE = 10_000;
/** Of what is measured, ticks: more than 3 km. */
const LONGEST_ROLL = 1e9;

const isTooMany = ({ count, length, letters }: ListItem): boolean =>
  count > MOST_OF_A_LINE ||
  (length ?? 0) * count > LONGEST_ROLL ||
  Object.values(letters ?? {}).some((n) => n > MOST_OF_A_LINE);

/** Reads one line of a packing list as clubs write them. Blank lines and those that begin with # are passed over. */
export function readLine(text: string): ReadLine {
  const line = text.replace(/^\s*[-*•]\s+/, '').trim();
  if (line === '' || line.startsWith('#')) return { status: 'blank', text };
  const read = readItem(line);
  const item = read.ok && isTooMany(read.value) ? problem(line, line, 'too-many') : read;
  if (item.ok) return { status: 'read', text, item: item.value };
  const shift = Math.max(0, text.indexOf(line));
  return {
    status: 'not-read',
    text,
    problem: { ...item.error, from: item.error.from + shift, to: item.error.to + shift },
  };
}

export const readList = (text: string): ReadLine[] => text.split(/\r?\n/).map(readLine);
