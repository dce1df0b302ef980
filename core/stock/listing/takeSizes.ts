import type { Size } from '../../ground/geometry';
import { inches, mm, parseLength, parseSize, ROLL_UNITS, type Unit, type Ticks } from '../../ground/length';
import { NUMBER } from './numbers';
import type { Doubt } from './thing';
import type { Unread } from './unread';

/** A times sign that stands at the number, as in `30.5cmx30.5cm`. */
const CLOSE = String.raw`(?=[xX×]\s*\d)`;
const UNIT = String.raw`(?:inch(?:es)?\b|in${CLOSE}|in\b\.?(?!\s+(?:all|total|each|an?|the|assorted|various)\b)|[cm]m(?:\b|${CLOSE})|''|["″”])`;
/** Which of two sides it is: they are taken in the order in which they stand. */
const SIDE = String.raw`(?:[\s-]*(?:wide|tall|high|long|[wWhHlL])(?![\p{L}\d]))?`;
const TIMES = String.raw`\s*(?:[x×X]|\bby\b)\s*`;
/** Of a roll the second is its length, which is no side: `15mm x 10 m`. */
const LONG = String.raw`\s*${ROLL_UNITS}`;
const PAIR = new RegExp(
  String.raw`(?<![\w/.])(${NUMBER})(?:\s*|-)(${UNIT})?${SIDE}${TIMES}(${NUMBER})(?:\s*|-)(${UNIT})?${SIDE}(?![\w/]|\.\d|\s*[¼½¾⅛⅜⅝⅞]|\s+\d+\/\d|(?!\s*['′])${LONG})`,
  'gu',
);
/** Between the width of a roll and its length. */
const BESIDE_LENGTH = new RegExp(String.raw`(?<=(?<![\w/.])${NUMBER}\s*${UNIT})${TIMES}(?=${NUMBER}${LONG})`, 'gu');
const COUNT = new RegExp(String.raw`^\s*\d+\s*[x×]\s+(?=${NUMBER}(?:\s*|-)${UNIT}?${TIMES}${NUMBER})`, 'u');
const ONE = new RegExp(String.raw`(?<![\w/.])(${NUMBER})[\s-]*(${UNIT})${SIDE}(?![\w/])`, 'u');

/** A unit as `parseLength` takes it. */
const unitOf = (text: string | undefined, unit: Unit): Unit => {
  if (text === undefined) return unit;
  return /^mm/i.test(text) ? 'mm' : /^cm/i.test(text) ? 'cm' : 'in';
};

export interface Sizes {
  readonly size: { readonly w: number; readonly h: number } | null;
  /** Where it stands. */
  readonly at: { readonly words: string; readonly from: number; readonly to: number } | null;
  readonly doubts: readonly Doubt[];
}

/** Sheets of ISO 216. */
const ISO = /(?<![\p{L}\d])A([3-6])(?![\p{L}\d])/u;
const ISO_MM: ReadonlyMap<string, readonly [number, number]> = new Map<string, readonly [number, number]>(
  Object.entries({ 3: [297, 420], 4: [210, 297], 5: [148, 210], 6: [105, 148] }),
);

/** No sheet, card or sticker is larger both ways. Common practice, no source. */
const LARGEST = inches(15);

/** No sheet, card or sticker is smaller both ways. Common practice, no source. */
const SMALLEST = mm(15);

/** Nothing that is told by two sides is longer, and a number without a unit that is larger counts. Common practice. */
const LONGEST = inches(36);
/** Of few things one side is so many times the other. Common practice, no source. */
export const SLIM = 8;

/** Whether no word and no number stands before a place of a line. */
export const isFirst = (text: string, at: number): boolean => !/[\p{L}\p{N}]/u.test(text.slice(0, at));

/** The sides of a pair of numbers; null: it is none. */
function sidesOf([, w = '', first, h = '', second]: RegExpExecArray, unit: Unit): Size | null {
  const own = unitOf(second ?? first, unit);
  const read = parseSize(`${w} ${unitOf(first ?? second, unit)} x ${h} ${own}`, unit);
  return read.ok && read.value.w > 0 && read.value.h > 0 ? read.value : null;
}

/** `1/4" x 308`, `24 x 1/2"`: one of the two is a measure, and the other says how many. */
function isOneOfMany(match: RegExpExecArray, unit: Unit): boolean {
  const [, w = '', first, h = '', second] = match;
  const size = sidesOf(match, unit);
  if (!size || (first === undefined) === (second === undefined)) return false;
  if (first !== undefined) return /^\d+$/.test(h) && size.h > Math.max(LONGEST, SLIM * size.w);
  return isFirst(match.input, match.index) && /^\d+$/.test(w) && size.w >= SLIM * size.h;
}

/** Why a size told without a unit can hardly be in the one of its list. */
function unitDoubt({ w, h }: Size, unit: Unit): string | null {
  if (unit === 'in' && Math.min(w, h) > LARGEST) return 'So large, in inches? Or in cm?';
  return unit === 'mm' && Math.max(w, h) < SMALLEST ? 'So small, in mm? Or in inches?' : null;
}

/** The size of a line, `12x12`, `12" x 12"`, `30.5 x 30.5 cm`; what is told of further ones is in doubt. */
export function takeSizes(line: Unread, unit: Unit): Sizes {
  const doubts: Doubt[] = [];
  let size: Sizes['size'] = null;
  let at: Sizes['at'] = null;
  line.takeAll(BESIDE_LENGTH);
  // `3x 8 1/2x11`: the first is a count.
  const count = COUNT.exec(line.left)?.[0] ?? '';
  line.blank(0, count.length);
  const pairs = line.takeAll(PAIR, (match) => !isOneOfMany(match, unit));
  line.left = count + line.left.slice(count.length);
  for (const match of pairs) {
    const [whole, , first, , second] = match;
    const [from, to] = [match.index, match.index + whole.trimEnd().length];
    const told = { words: whole.trim(), from, to };
    const own = sidesOf(match, unit);
    if (!own) doubts.push({ ...told, why: 'This is no size.' });
    else if (size === null) {
      size = own;
      at = told;
      const why = first === undefined && second === undefined ? unitDoubt(size, unit) : null;
      if (why !== null) doubts.push({ ...told, why, about: 'unit' });
      if (first !== undefined && second === undefined && size.h >= SLIM * size.w)
        doubts.push({ ...told, why: 'A size, or so many?' });
    } else doubts.push({ ...told, why: 'A second size: which of them is its own?' });
  }
  const iso = size === null ? line.take(ISO) : null;
  const sides = iso && ISO_MM.get(iso[1] ?? '');
  return { size: sides ? { w: mm(sides[0]), h: mm(sides[1]) } : size, at, doubts };
}

const BETWEEN_MEASURES = String.raw`\s*(?:[,;+&/]|,?\s(?:and|or)(?!\p{L}))\s*`;
const IN_A_ROW = new RegExp(
  String.raw`(?<![\w/.])(?:${NUMBER}[\s-]*(?:${UNIT})?${BETWEEN_MEASURES})+${NUMBER}[\s-]*${UNIT}(?![\w/])`,
  'u',
);
const ONE_OF_ROW = new RegExp(String.raw`(${NUMBER})[\s-]*(${UNIT})?(?:$|${BETWEEN_MEASURES})`, 'gu');

/** Measures one after the other, each of something else: `10mm, 15mm`, `1/4" and 1/2"`, `5 and 10 mm`. */
export function takeMeasuresInARow(line: Unread): { ticks: Ticks; from: number; to: number }[] | null {
  const match = IN_A_ROW.exec(line.left);
  if (!match) return null;
  const all = [...match[0].matchAll(ONE_OF_ROW)];
  const unit = unitOf(all.at(-1)?.[2], 'in');
  // Of two with a comma between, a bare number may count.
  if (all.length === 2 && all[0]?.[2] === undefined && match[0].includes(',')) return null;
  line.blank(match.index, match.index + match[0].length);
  return all.map(({ 0: { length }, 1: n = '', 2: own, index }) => ({
    ticks: parseLength(n, own === undefined ? unit : unitOf(own, unit)).value ?? 0,
    from: match.index + index,
    to: match.index + index + length,
  }));
}

/** A measure that stands alone: `4 inch`, `15mm`. */
export function takeMeasure(line: Unread): { ticks: Ticks; unit: Unit; from: number; to: number } | null {
  const match = line.take(ONE);
  if (!match) return null;
  const unit = unitOf(match[2], 'in');
  const read = parseLength(match[1] ?? '', unit);
  const at = { from: match.index, to: match.index + match[0].length };
  return read.ok && read.value > 0 ? { ticks: read.value, unit, ...at } : null;
}
