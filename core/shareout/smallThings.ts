import { affinity, type ColourShare } from '../colour';
import { nth } from '../nth';

/** A counted embellishment on hand. */
export interface SmallThing {
  readonly lot: string;
  /** Which of the pack's things. */
  readonly part: string;
  readonly count: number;
  /** What it is in a cluster. */
  readonly role: 'large' | 'middle' | 'small';
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
  readonly lot: string;
  readonly part: string;
  readonly count: number;
}
/** A thing kept off a page, and the word for which it is. */
export interface OffTheme {
  readonly page: string;
  readonly lot: string;
  readonly part: string;
  readonly word: string;
}
export interface SmallShare {
  readonly gifts: readonly SmallGift[];
  readonly offTheme: readonly OffTheme[];
}

/** Small things come in threes or fives; of what there is too little of, one. Common practice, no source. */
const ODD = [5, 3, 1] as const;
/** Clusters lie at three places round the photos. Common practice, no source. */
const PLACES = 3;
/** Kinds of things on one page: each repeated is an accent; more is a muddle. Common practice, no source. */
const MOST_KINDS = 3;
/** Colours further off than this (CIEDE2000) do not go with a page. */
const GOES = 30;
/** A thing that shows what the page is about counts as so much nearer. */
const MEANT = 15;

const keyOf = ({ lot, part }: SmallThing): string => `${lot}/${part}`;

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
  return nth(topical, 0);
}

/** The pages that each thing fits, and what is off a page's theme. */
function fittingOf(things: readonly SmallThing[], pages: readonly SmallWish[], themes: readonly string[]) {
  const offTheme: OffTheme[] = [];
  const fitting = new Map<SmallThing, SmallWish[]>();
  for (const thing of things) {
    fitting.set(
      thing,
      pages.filter((page) => {
        const word = offWord(thing, page, themes);
        if (word !== null) offTheme.push({ page: page.page, lot: thing.lot, part: thing.part, word });
        return word === null;
      }),
    );
  }
  return { fitting, offTheme };
}

/**
 * Shares embellishments out: each page up to three kinds, those nearest to its colours, of each five, three or one, so
 * that no page has more of a kind than its share, and no two the same three while there are others. What is off a page's theme is left out and told.
 * @param themes words that say what things are about: those of all kits
 */
export function shareSmallThings(
  things: readonly SmallThing[],
  pages: readonly SmallWish[],
  themes: readonly string[],
): SmallShare {
  const { fitting, offTheme } = fittingOf(things, pages, themes);
  const given = new Map(pages.map(({ page }): [string, SmallThing[]] => [page, []]));
  // A cluster is of one large, one middle and one small: where there are such, a page gets one of each.
  const roles = new Set(things.map(({ role }) => role)).size;
  const hasRoom = ({ role }: SmallThing, page: string): boolean => {
    const own = given.get(page) ?? [];
    return own.length < MOST_KINDS && own.filter((one) => one.role === role).length < Math.ceil(MOST_KINDS / roles);
  };
  const distance = (thing: SmallThing, page: SmallWish): number => {
    const difference = affinity(page.colours, thing.colours);
    const isMeant = thing.words.some((word) => page.words.some((own) => isAlike(word, own)));
    return (Number.isFinite(difference) ? difference : GOES / 2) - (isMeant ? MEANT : 0);
  };
  /** Whether a page would have the same three as another, where something later would do for it as well. */
  const isSameAgain = (thing: SmallThing, { page }: SmallWish, later: readonly SmallThing[]): boolean => {
    const kinds = (own: readonly SmallThing[]): string => own.map(keyOf).sort().join(' ');
    const own = [...(given.get(page) ?? []), thing];
    const isTaken = [...given].some(([other, theirs]) => other !== page && kinds(theirs) === kinds(own));
    return own.length === MOST_KINDS && isTaken && later.some(({ role, count }) => role === thing.role && count > 0);
  };
  const gifts: SmallGift[] = [];
  const left = new Map(things.map((thing) => [thing, thing.count]));
  const give = (thing: SmallThing, { page }: SmallWish, count: number): void => {
    gifts.push({ page, lot: thing.lot, part: thing.part, count });
    given.get(page)?.push(thing);
    left.set(thing, (left.get(thing) ?? 0) - count);
  };
  const skipped: { thing: SmallThing; page: SmallWish; share: number }[] = [];
  // Things of which there are fewest places to go first, so that what fits one page only reaches it.
  const pagesFor = (thing: SmallThing): readonly SmallWish[] => fitting.get(thing) ?? [];
  const inOrder = [...things].sort(
    (a, b) => pagesFor(a).length - pagesFor(b).length || keyOf(a).localeCompare(keyOf(b)),
  );
  for (const [i, thing] of inOrder.entries()) {
    const takers = pagesFor(thing)
      .filter((page) => hasRoom(thing, page.page) && distance(thing, page) < GOES)
      .sort((a, b) => distance(thing, a) - distance(thing, b) || a.page.localeCompare(b.page));
    if (takers.length === 0 || thing.count === 0) continue;
    // Of what a cluster has one of, three places have three.
    const most = thing.role === 'small' ? ODD[0] : PLACES;
    const share = ODD.find((n) => n <= most && n * takers.length <= thing.count) ?? 1;
    for (const page of takers) {
      const later = inOrder.slice(i + 1).filter((one) => pagesFor(one).includes(page) && distance(one, page) < GOES);
      if (isSameAgain(thing, page, later)) skipped.push({ thing, page, share });
      else if ((left.get(thing) ?? 0) >= share) give(thing, page, share);
    }
  }
  // What should have come later did not reach the page: the same three again are better than none.
  for (const { thing, page, share } of skipped)
    if (hasRoom(thing, page.page) && (left.get(thing) ?? 0) >= share) give(thing, page, share);
  return { gifts, offTheme };
}
