import { affinity, type ColourShare } from '../../ground/colour';
import { nth } from '../../ground/nth';
import { isOneTheme } from '../../stock/things';

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
/** A thing that another page has counts as so much further: a kit's pages are seen one after the other. */
const AGAIN = 10;

const kindsOf = (things: readonly SmallThing[]): string =>
  things
    .map(({ lot, part }) => `${lot}/${part}`)
    .sort()
    .join(' ');

/**
 * The word for which a thing does not fit a page: one of the themes known that the page is not about. A thing that also
 * shows something of the page's fits.
 */
function offWord(thing: SmallThing, { words }: SmallWish, themes: readonly string[]): string | null {
  const topical = thing.words.filter((word) => themes.some((theme) => isOneTheme(word, theme)));
  if (topical.length === 0 || words.length === 0 || topical.some((word) => words.some((own) => isOneTheme(word, own))))
    return null;
  return nth(topical, 0);
}

/** The pages that each thing fits, and what is off a page's theme. */
function fittingOf(
  things: readonly SmallThing[],
  pages: readonly SmallWish[],
  themes: readonly string[],
  isAllowed: (thing: SmallThing, page: string) => boolean,
) {
  const offTheme: OffTheme[] = [];
  const fitting = new Map<SmallThing, SmallWish[]>();
  for (const thing of things) {
    fitting.set(
      thing,
      pages.filter((page) => {
        const word = isAllowed(thing, page.page) ? null : offWord(thing, page, themes);
        if (word !== null) offTheme.push({ page: page.page, lot: thing.lot, part: thing.part, word });
        return word === null;
      }),
    );
  }
  return { fitting, offTheme };
}

/** A thing for a page, how far it is from what the page is, and how many pages it fits. */
interface Pair {
  readonly thing: SmallThing;
  readonly page: SmallWish;
  readonly distance: number;
  readonly places: number;
}

/** A pair as it stands once some are given. */
interface Ranked {
  readonly pair: Pair;
  /** 1: the page would have the same three as another. */
  readonly again: number;
  readonly far: number;
  /** How many kinds the page has. */
  readonly has: number;
}

const isBefore = (a: Ranked, b: Ranked): boolean =>
  (a.again - b.again || a.pair.places - b.pair.places || a.far - b.far || a.has - b.has) < 0;

/** What goes with what, near enough in colour. */
function pairsOf(fitting: ReadonlyMap<SmallThing, readonly SmallWish[]>): Pair[] {
  const distance = (thing: SmallThing, page: SmallWish): number => {
    const difference = affinity(page.colours, thing.colours);
    const isMeant = thing.words.some((word) => page.words.some((own) => isOneTheme(word, own)));
    return (Number.isFinite(difference) ? difference : GOES / 2) - (isMeant ? MEANT : 0);
  };
  return [...fitting]
    .flatMap(([thing, pages]) =>
      pages.map((page) => ({ thing, page, distance: distance(thing, page), places: pages.length })),
    )
    .filter((pair) => pair.distance < GOES);
}

/** What has been given to which page so far, and what may still be. */
class Giving {
  readonly gifts: SmallGift[] = [];
  private readonly given = new Map<string, SmallThing[]>();
  private readonly left: Map<SmallThing, number>;
  /** So many of a thing each page has: as told when the first had it. */
  private readonly shares = new Map<SmallThing, number>();
  private readonly pagesWith = new Map<SmallThing, number>();
  /** What pages have that have all they can. */
  private readonly whole = new Set<string>();
  private readonly ofARole: number;

  constructor(things: readonly SmallThing[]) {
    this.left = new Map(things.map((thing) => [thing, thing.count]));
    // A cluster is of one large, one middle and one small: where there are such, a page gets one of each.
    this.ofARole = Math.ceil(MOST_KINDS / new Set(things.map(({ role }) => role)).size);
  }

  on = ({ page }: SmallWish): readonly SmallThing[] => this.given.get(page) ?? [];
  private leftOf = (thing: SmallThing): number => this.left.get(thing) ?? 0;

  isOpen({ thing, page }: Pair): boolean {
    const own = this.on(page);
    const hasRoom = own.length < MOST_KINDS && own.filter(({ role }) => role === thing.role).length < this.ofARole;
    return hasRoom && !own.includes(thing) && this.leftOf(thing) > 0;
  }

  /** How many pages have it. */
  had = (thing: SmallThing): number => this.pagesWith.get(thing) ?? 0;

  /** Whether a page would have the same three as another. */
  isSameAgain({ thing, page }: Pair): boolean {
    const own = this.on(page);
    return own.length === MOST_KINDS - 1 && this.whole.has(kindsOf([...own, thing]));
  }

  give({ thing, page }: Pair, open: readonly Pair[]): void {
    const share = this.shares.get(thing) ?? this.shareOf(thing, open);
    this.shares.set(thing, share);
    const count = ODD.find((n) => n <= share && n <= this.leftOf(thing)) ?? 1;
    this.gifts.push({ page: page.page, lot: thing.lot, part: thing.part, count });
    this.given.set(page.page, [...this.on(page), thing]);
    this.left.set(thing, this.leftOf(thing) - count);
    this.pagesWith.set(thing, this.had(thing) + 1);
    if (this.on(page).length === MOST_KINDS) this.whole.add(kindsOf(this.on(page)));
  }

  /** So many that there is enough for the pages that are likely to have it, where others of its role do as well. */
  private shareOf(thing: SmallThing, open: readonly Pair[]): number {
    const pages = new Set(open.filter((one) => one.thing === thing).map(({ page }) => page));
    const peers = new Set(
      open.filter((one) => one.thing.role === thing.role && pages.has(one.page)).map((one) => one.thing),
    );
    const takers = Math.ceil(pages.size / peers.size);
    // Of what a cluster has one of, three places have three.
    const most = thing.role === 'small' ? ODD[0] : PLACES;
    return ODD.find((n) => n <= most && n * takers <= this.leftOf(thing)) ?? 1;
  }
}

/**
 * Shares embellishments out: each page up to three kinds, those nearest to its colours, of each five, three or one, so
 * that no page has more of a kind than its share; what another page has already comes after what is about as near, and
 * no two have the same three while there are others. What is off a page's theme is left out and told.
 * @param things in the order in which they came: of two as good the first goes first
 * @param themes words that say what things are about: those of all kits
 * @param isAllowed what she lets on a page all the same
 */
export function shareSmallThings(
  things: readonly SmallThing[],
  pages: readonly SmallWish[],
  themes: readonly string[],
  isAllowed: (thing: SmallThing, page: string) => boolean = () => false,
): SmallShare {
  const { fitting, offTheme } = fittingOf(things, pages, themes, isAllowed);
  const giving = new Giving(things);
  let open = pairsOf(fitting);
  for (;;) {
    open = open.filter((pair) => giving.isOpen(pair));
    // What fits fewest pages goes first, so that it reaches them; the same three again are better than none.
    const best = open
      .map((pair) => ({
        pair,
        again: Number(giving.isSameAgain(pair)),
        far: pair.distance + AGAIN * giving.had(pair.thing),
        has: giving.on(pair.page).length,
      }))
      .reduce<Ranked | null>((first, one) => (first && !isBefore(one, first) ? first : one), null);
    if (!best) return { gifts: giving.gifts, offTheme };
    giving.give(best.pair, open);
  }
}
