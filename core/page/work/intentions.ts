import { WHOLE, wholeOf } from '../../stock/listing';
import type { Intention, Page } from '../../stock/things';
import { elementsOn, type Element, type Shown } from './elements';

/** What an intention asks for: how many of what; null: it counts nothing, and only she can say. */
export interface AskedFor {
  readonly from: number;
  readonly to: number | null;
  /** Of what, as a name holds it. */
  readonly of: string;
}

/** How an intention stands. */
export interface Kept {
  readonly intention: Intention;
  /** So many lie there; null: it counts nothing. */
  readonly there: number | null;
  /** What counts as it. */
  readonly counted: readonly Element[];
  readonly isKept: boolean;
}

const COUNTED = new RegExp(
  String.raw`^(?:use |at least |only |up to |some )*(${WHOLE}|an?|the|that|my)(?:\s*(?:-|–|to|or)\s*(${WHOLE}))?(?: of (?:the|my))? (.+)$`,
  'i',
);
const SMALL_WORDS = new Set(['the', 'that', 'this', 'my', 'a', 'an', 'from', 'with', 'for', 'of', 'on', 'in']);

/** One of a thing: tags → tag, boxes → box. */
const single = (word: string): string =>
  /(ch|sh|ss|x)es$/.test(word) ? word.slice(0, -2) : /[^s]s$/.test(word) ? word.slice(0, -1) : word;

/** How many of what: "two frames", "at least 3 tags", "2-4 stars", "use that frame", "up to three labels". */
export function askedFor(words: string): AskedFor | null {
  // None of it is wanted: "no stamps".
  const none = /^(?:no|without(?: any)?) (.+)$/i.exec(words.trim());
  const told = COUNTED.exec(none ? `0 ${none[1] ?? ''}` : words.trim().replace(/\.$/, ''));
  if (!told) return null;
  const [, first = '', last, what = ''] = told;
  const noun = what
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .find((word) => word.length > 2 && !SMALL_WORDS.has(word));
  if (noun === undefined) return null;
  const n = /^(an?|the|that|my)$/i.test(first) ? 1 : wholeOf(first);
  if (last !== undefined) return { from: n, to: wholeOf(last), of: single(noun) };
  const isMost = none !== null || /^(only|up to)\b/i.test(words.trim());
  return { from: isMost ? 0 : n, to: isMost ? n : null, of: single(noun) };
}

const isCalled = ({ words }: Element, of: string): boolean =>
  words
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .some((word) => single(word) === of);

/**
 * How a page's intentions stand: by what is there under that name, and what she says counts as it, where they count
 * something; else as she says.
 */
export function intentionsOf(page: Page, things: Shown): readonly Kept[] {
  const means = page.work?.means ?? [];
  const all = means.length === 0 ? [] : elementsOn(page, things);
  return means.map((intention): Kept => {
    const asked = askedFor(intention.words);
    if (!asked) return { intention, there: null, counted: [], isKept: intention.isKept ?? false };
    const counted = all.filter((one) => isCalled(one, asked.of) || (intention.counts ?? []).includes(one.key));
    const there = counted.reduce((sum, { count }) => sum + count, 0);
    const isThere = there >= asked.from && (asked.to === null || there <= asked.to);
    return { intention, there, counted, isKept: isThere || (intention.isKept ?? false) };
  });
}
