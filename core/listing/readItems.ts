import { coloursIn } from '../colour';
import type { Size } from '../geometry';
import { parseSize, type Unit } from '../length';
import { NUMBER, WHOLE, wholeOf } from './numbers';

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

const PARTS = /(?:[^,;"“”]|["“][^"”]*["”])+/gu;
const COUNT = new RegExp(String.raw`^(${WHOLE}|an?(?=\s))\s*(?:[x×]\s+)?(?=\p{L}|["“])`, 'iu');
const BEHIND = /\s+[x×]\s?(\d{1,4})$/u;
const SIZE = new RegExp(String.raw`(?<![\w/.])(${NUMBER})\s*["″]?\s*[x×]\s*(${NUMBER})\s*(["″]|in\b|cm\b|mm\b)?`, 'u');
const QUOTED = /["“]([^"”]*)["”]/u;

function readOne(text: string, unit: Unit): ToldItem | null {
  const size = SIZE.exec(text);
  const own = size?.[3] ?? unit;
  const measured = size && parseSize(`${size[1] ?? ''} x ${size[2] ?? ''} ${own}`);
  if (size && !measured?.ok) return null;
  const rest = text.replace(SIZE, ' ').replace(/\s+/g, ' ').trim();
  const before = COUNT.exec(rest);
  const behind = before ? null : BEHIND.exec(rest);
  const count = wholeOf(before?.[1] ?? behind?.[1] ?? '1');
  const name = rest.replace(before ? COUNT : BEHIND, '').trim();
  const words = QUOTED.exec(name)?.[1]?.trim() ?? '';
  // A number that nothing explains would be lost.
  if (!/\p{L}{2}/u.test(name) || /\d/.test(name.replace(QUOTED, '')) || !Number.isSafeInteger(count) || count < 1)
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
  for (const [part] of text.matchAll(PARTS)) {
    if (part.trim() === '') continue;
    const item = readOne(part.trim(), unit);
    if (item) items.push(item);
    else unread.push(part.trim());
  }
  return { items, unread };
}
