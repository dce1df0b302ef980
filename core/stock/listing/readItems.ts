import { coloursIn } from '../../ground/colour';
import type { Size } from '../../ground/geometry';
import { parseSize, type Unit } from '../../ground/length';
import { NUMBER, NUMBER_WORD, WHOLE, wholeOf } from './numbers';
import { Unread } from './unread';

/** A kind of thing in a pack, as it is told, and how many of it. */
export interface ToldItem {
  readonly name: string;
  readonly count: number;
  readonly size?: Size;
  /** As hex. */
  readonly colours?: readonly string[];
  /** In quotes: what is printed on it. */
  readonly words?: string;
}

/** Between one kind of thing and the next; `and` and signs only before a count, for a name may have them. */
const BETWEEN = new RegExp(String.raw`[,;]|(?:\s(?:and|plus)|\s?[+&])\s+(?=(?:${WHOLE}|an?)\s)`, 'giu');
const COUNT = new RegExp(String.raw`^(${WHOLE}|an?(?=\s))\s*(?:[x×]\s+)?(?=\p{L}|["“])`, 'iu');
const BEHIND = /\s+[x×]\s?(\d{1,4})$/u;
const SIZE = new RegExp(String.raw`(?<![\w/.])(${NUMBER})\s*["″]?\s*[x×]\s*(${NUMBER})\s*(["″]|in\b|cm\b|mm\b)?`, 'u');
/** Of pairs there are twice as many. */
const PAIRS = /^pairs?\s+(?:of\s+)?/iu;
/** A second count, or none that is one: what is said so is of no one thing. */
const NO_NAME = new RegExp(
  String.raw`\d|(?<![\p{L}'’])(?:${NUMBER_WORD}|some|several|few|many|lots|plenty|them|these|those|which)(?![\p{L}'’])`,
  'iu',
);
const QUOTED = /["“]([^"”]*)["”]/u;

function readOne(text: string, unit: Unit): ToldItem | null {
  const size = SIZE.exec(text);
  const own = size?.[3] ?? unit;
  const measured = size && parseSize(`${size[1] ?? ''} x ${size[2] ?? ''} ${own}`);
  if (size && !measured?.ok) return null;
  const rest = text.replace(SIZE, ' ').replace(/\s+/g, ' ').trim();
  const before = COUNT.exec(rest);
  const behind = before ? null : BEHIND.exec(rest);
  const told = rest.replace(before ? COUNT : BEHIND, '').trim();
  const name = told.replace(PAIRS, '');
  const count = wholeOf(before?.[1] ?? behind?.[1] ?? '1') * (name === told ? 1 : 2);
  const words = QUOTED.exec(name)?.[1]?.trim() ?? '';
  // A number that nothing explains would be lost.
  if (!/\p{L}{2}/u.test(name) || NO_NAME.test(name.replace(QUOTED, '')) || !Number.isSafeInteger(count) || count < 1)
    return null;
  const colours = coloursIn(name.replace(QUOTED, '')).map(({ hex }) => hex);
  return {
    name,
    count,
    ...(measured?.ok ? { size: measured.value } : {}),
    ...(colours.length > 0 ? { colours } : {}),
    ...(words === '' ? {} : { words }),
  };
}

/** What a pack's things are told to be, part by part; what cannot be read stays as its words. */
export interface ReadItems {
  readonly items: readonly ToldItem[];
  readonly unread: readonly string[];
}

/**
 * Reads what is in a pack: `3 moths 2x1 1/2, 2 jars, 1 label "night shift"`.
 * @param unit what a size without a unit is in
 */
export function readItems(text: string, unit: Unit = 'in'): ReadItems {
  const items: ToldItem[] = [];
  const unread: string[] = [];
  for (const { from, to } of new Unread(text).parts(BETWEEN)) {
    const part = text.slice(from, to).trim();
    if (part === '') continue;
    const item = readOne(part, unit);
    if (item) items.push(item);
    else unread.push(part);
  }
  return { items, unread };
}
