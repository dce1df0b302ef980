import { affinity, type ColourShare } from '../colour';

/** A counted embellishment on hand. */
export interface SmallThing {
  readonly id: string;
  readonly count: number;
  /** Empty: it goes with anything. */
  readonly colours: readonly ColourShare[];
  /** Words printed on it, or shown by it. */
  readonly words: readonly string[];
}

/** A page that takes embellishments: the colours of its photos and papers, and what it is about. */
export interface SmallWish {
  readonly page: string;
  readonly colours: readonly ColourShare[];
  readonly words: readonly string[];
}

export interface SmallGift {
  readonly page: string;
  readonly thing: string;
  readonly count: number;
}
/** A thing kept off a page, and the word for which it is. */
export interface OffTheme {
  readonly page: string;
  readonly thing: string;
  readonly word: string;
}
export interface SmallShare {
  readonly gifts: readonly SmallGift[];
  readonly offTheme: readonly OffTheme[];
}

/** Small things come in threes or fives; of what there is too little of, one. Common practice, no source. */
const ODD = [5, 3, 1] as const;
/** Kinds of things on one page: each repeated is an accent; more is a muddle. Common practice, no source. */
const MOST_KINDS = 3;
/** Colours further off than this (CIEDE2000) do not go with a page. */
const GOES = 30;

/** Words are of one theme where one begins with the other: moth, moths, moth-trapping. */
const isAlike = (a: string, b: string): boolean =>
  a.length > 2 &&
  b.length > 2 &&
  (a.startsWith(b.slice(0, Math.max(3, b.length - 1))) || b.startsWith(a.slice(0, Math.max(3, a.length - 1))));

/**
 * The word for which a thing does not fit a page: one of the themes known that the page is not about. A thing that also
 * shows something of the page's fits.
 */
function offWord(thing: SmallThing, { words }: SmallWish, themes: readonly string[]): string | null {
  const topical = thing.words.filter((word) => themes.some((theme) => isAlike(word, theme)));
  if (topical.length === 0 || words.length === 0 || topical.some((word) => words.some((own) => isAlike(word, own))))
    return null;
  return topical[0]!;
}

/**
 * Shares embellishments out: each page up to three kinds, those nearest to its colours, of each five, three or one, so
 * that no page has more of a kind than its share. What is off a page's theme is left out and told.
 * @param themes words that say what things are about: those of all kits
 */
export function shareSmallThings(
  things: readonly SmallThing[],
  pages: readonly SmallWish[],
  themes: readonly string[],
): SmallShare {
  const offTheme: OffTheme[] = [];
  const fitting = new Map<string, SmallWish[]>();
  for (const thing of things) {
    fitting.set(
      thing.id,
      pages.filter((page) => {
        const word = offWord(thing, page, themes);
        if (word !== null) offTheme.push({ page: page.page, thing: thing.id, word });
        return word === null;
      }),
    );
  }
  const kinds = new Map(pages.map(({ page }) => [page, 0]));
  const distance = (thing: SmallThing, page: SmallWish): number => {
    const difference = affinity(page.colours, thing.colours);
    return Number.isFinite(difference) ? difference : GOES / 2;
  };
  const gifts: SmallGift[] = [];
  // Things of which there are fewest places to go first, so that what fits one page only reaches it.
  for (const thing of [...things].sort(
    (a, b) => fitting.get(a.id)!.length - fitting.get(b.id)!.length || a.id.localeCompare(b.id),
  )) {
    const takers = fitting
      .get(thing.id)!
      .filter((page) => kinds.get(page.page)! < MOST_KINDS && distance(thing, page) < GOES)
      .sort((a, b) => distance(thing, a) - distance(thing, b) || a.page.localeCompare(b.page));
    if (takers.length === 0 || thing.count === 0) continue;
    const share = ODD.find((n) => n * takers.length <= thing.count) ?? 1;
    for (const page of takers.slice(0, Math.floor(thing.count / share))) {
      gifts.push({ page: page.page, thing: thing.id, count: share });
      kinds.set(page.page, kinds.get(page.page)! + 1);
    }
  }
  return { gifts, offTheme };
}
