import { WHOLE, wholeOf } from '../listing';
import { looksOf, type Things } from '../placing';
import type { Intention, Page } from '../things';

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
  const told = COUNTED.exec(words.trim().replace(/\.$/, ''));
  if (!told) return null;
  const [, first = '', last, what = ''] = told;
  const noun = what
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .find((word) => word.length > 2 && !SMALL_WORDS.has(word));
  if (noun === undefined) return null;
  const n = /^(an?|the|that|my)$/i.test(first) ? 1 : wholeOf(first);
  if (last !== undefined) return { from: n, to: wholeOf(last), of: single(noun) };
  const isMost = /^(only|up to)\b/i.test(words.trim());
  return { from: isMost ? 0 : n, to: isMost ? n : null, of: single(noun) };
}

/** What lies on a page under a name: things, their kinds, pieces and the pieces beyond its design. */
function countOn(page: Page, of: string, things: Things): number {
  const isIt = (name: string): boolean =>
    name
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .some((word) => single(word) === of);
  const laid = (page.placed ?? []).reduce((sum, { what }) => {
    const looks = looksOf(what, things);
    if (!looks) return sum;
    const name = looks.kind === 'small' ? `${looks.name} ${looks.thing.outline}` : looks.name;
    return isIt(name) ? sum + ('part' in what ? (what.count ?? 1) : 1) : sum;
  }, 0);
  return laid + (page.more ?? []).reduce((sum, { name, count }) => (isIt(name) ? sum + count : sum), 0);
}

/** How a page's intentions stand: by what lies there where they count something, else as she says. */
export function intentionsOf(page: Page, things: Things): readonly Kept[] {
  return (page.work?.means ?? []).map((intention) => {
    const asked = askedFor(intention.words);
    if (!asked) return { intention, there: null, isKept: intention.isKept ?? false };
    const there = countOn(page, asked.of, things);
    const isThere = there >= asked.from && (asked.to === null || there <= asked.to);
    return { intention, there, isKept: isThere || (intention.isKept ?? false) };
  });
}
