import { affinity, type ColourShare } from '../../ground/colour';
import { inches } from '../../ground/length';
import { seededRandom } from '../../ground/random';
import { PAPER_ROLES, type Candidate, type Role } from './candidates';

/** What a kit of her own is to be. */
export interface KitWish {
  /** Colours and words of what it is begun with; neither: it begins with the oldest. */
  readonly colours: readonly ColourShare[];
  readonly words: string;
  /** For so many; 0: only what she takes in, and what else there would be. */
  readonly pages: number;
  /** At most so many sheets of 12 x 12 in. */
  readonly sheets: number;
  /** Keys of what she took in and of what she left out. */
  readonly taken: ReadonlySet<string>;
  readonly left: ReadonlySet<string>;
  /** Lots that aims of kits want used. */
  readonly meant: ReadonlySet<string>;
  /** 0: what goes best; else another that goes well, a different one for each. */
  readonly shuffle: number;
}

/** Why something is in a kit. */
export type WhyIn =
  | { readonly kind: 'asked' | 'due' | 'meant' | 'first' }
  /** Words it has in common with what the kit is begun with. */
  | { readonly kind: 'words'; readonly words: readonly string[] }
  /** Mean CIEDE2000 to the kit's colours. */
  | { readonly kind: 'colours'; readonly difference: number }
  | { readonly kind: 'oldest'; readonly months: number };

export interface InKit {
  readonly thing: Candidate;
  readonly why: readonly WhyIn[];
}

export interface ProposedKit {
  readonly things: readonly InKit[];
  /** What else would go with it, the nearest first, scraps last. */
  readonly others: readonly InKit[];
  /** What everything was held against. */
  readonly palette: readonly ColourShare[];
  /** Its papers, in sheets of 12 x 12 in. */
  readonly sheets: number;
  readonly kits: number;
}

const SHEET = inches(12) ** 2;
/** A word in common is worth so much nearer in colour (CIEDE2000), a year's age so much, an aim so much. */
const WORD = 8;
const YEAR = 6;
const MEANT = 12;
/** Further off than this are strangers, whatever else speaks for them. */
const STRANGERS = 26;
/** Colours not told count as so far off. */
const UNKNOWN = 16;
/** The next of a paper or kit that has given already counts as so much further off. */
const SAME_PAPER = 6;
const SAME_KIT = 1.5;
/** How much chance shuffling brings in. */
const CHANCE = 14;
/** Scraps do not make a kit: a smaller piece is in it only where she takes it in; common practice, no source. */
const SCRAP = inches(4) * inches(6);
const MOST_PIECES = 3;

/** So many of each for so many pages, rather more than will be used. Common practice, no source. */
const wantedOf = (pages: number): Record<Exclude<Role, 'busy' | 'quiet' | 'ground'>, number> => ({
  cards: pages,
  small: pages === 0 ? 0 : 2 * pages + 2,
  letters: pages === 0 ? 0 : 2,
  tape: pages === 0 ? 0 : 3,
});

const wordsIn = (text: string): string[] => [
  ...new Set(
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((word) => word.length > 3),
  ),
];

/** Words that a thing has in common with what was said. */
const commonOf = (thing: Candidate, { words }: Pick<KitWish, 'words'>): string[] =>
  wordsIn(words).filter((word) => thing.words.includes(word));

/** It is in whatever it is: she took it in, or it was kept for this month. */
const isAsked = ({ key, isDue }: Candidate, { taken }: KitWish): boolean => isDue || taken.has(key);

/** What counts as paper of a kit; cards do not. */
const paperOf = ({ role, area }: Candidate): number => (PAPER_ROLES.includes(role) ? area : 0);
const isScrap = (thing: Candidate): boolean => PAPER_ROLES.includes(thing.role) && thing.area < SCRAP;

interface Scored extends InKit {
  readonly order: number;
}

/** How a candidate goes with the colours and words: in order, the best least; null: it is a stranger. */
function scored(thing: Candidate, palette: readonly ColourShare[], wish: KitWish, chance: number): Scored | null {
  const told = affinity(palette, thing.colours);
  const difference = Number.isFinite(told) ? told : null;
  const common = commonOf(thing, wish);
  const isMeant = wish.meant.has(thing.lot.id);
  const why: WhyIn[] = [
    ...(wish.taken.has(thing.key) ? [{ kind: 'asked' } as const] : []),
    ...(thing.isDue ? [{ kind: 'due' } as const] : []),
    ...(isMeant ? [{ kind: 'meant' } as const] : []),
    ...(common.length > 0 ? [{ kind: 'words', words: common } as const] : []),
    ...(difference !== null ? [{ kind: 'colours', difference } as const] : []),
    ...(thing.age !== null && thing.age >= 12 ? [{ kind: 'oldest', months: thing.age } as const] : []),
  ];
  if (!isAsked(thing, wish) && common.length === 0 && (difference ?? UNKNOWN) > STRANGERS) return null;
  const age = Math.min(24, thing.age ?? 24);
  const order =
    (difference ?? UNKNOWN) -
    WORD * Math.min(2, common.length) -
    (YEAR / 12) * age -
    (isMeant ? MEANT : 0) +
    CHANCE * chance;
  return { thing, why, order };
}

/**
 * What the kit grows round where no colours were said: a paper with the words asked for, else the oldest busy one. Left
 * out, its colours hold still: the rest of the kit stays as it was.
 */
function firstOf(candidates: readonly Candidate[], wish: KitWish): Candidate | null {
  const [first] = candidates
    .filter(({ role, colours }) => PAPER_ROLES.includes(role) && colours.length > 0)
    .map((thing, i) => ({ thing, i }))
    .sort(
      (a, b) =>
        Number(b.thing.isDue) - Number(a.thing.isDue) ||
        commonOf(b.thing, wish).length - commonOf(a.thing, wish).length ||
        Number(b.thing.role === 'busy') - Number(a.thing.role === 'busy') ||
        (b.thing.age ?? 999) - (a.thing.age ?? 999) ||
        b.thing.colours.length - a.thing.colours.length ||
        a.i - b.i,
    )
    .slice(wish.shuffle % 3);
  return first?.thing ?? null;
}

/** Chosen one by one: what has given already stands back a little, so that kits and papers mix. */
class Picking {
  readonly chosen: Scored[] = [];
  private area = 0;

  constructor(
    private readonly rest: Set<Scored>,
    private readonly most: number,
  ) {}

  private standsBack({ thing }: Scored): number {
    const papers = this.chosen.filter((one) => one.thing.lot.id === thing.lot.id && thing.area > 0).length;
    const ofKit = this.chosen.filter((one) => one.thing.lot.kit === thing.lot.kit).length;
    return SAME_PAPER * papers + SAME_KIT * ofKit;
  }

  take(one: Scored): void {
    this.rest.delete(one);
    this.chosen.push(one);
    this.area += paperOf(one.thing);
  }

  /** Takes the best of a role that there is room for. @returns whether there was one */
  next(role: Role): boolean {
    let best: Scored | null = null;
    let least = Infinity;
    for (const one of this.rest) {
      if (one.thing.role !== role || isScrap(one.thing) || !this.hasRoomFor(one.thing)) continue;
      const order = one.order + this.standsBack(one);
      if (order < least) [best, least] = [one, order];
    }
    if (best) this.take(best);
    return best !== null;
  }

  hasRoomFor(thing: Candidate): boolean {
    return this.area + paperOf(thing) <= this.most;
  }

  get sheets(): number {
    return this.area / SHEET;
  }
  count(role: Role): number {
    return this.chosen.filter(({ thing }) => thing.role === role).length;
  }
}

const kitsOf = (things: readonly InKit[]): Set<string> => new Set(things.map(({ thing }) => thing.kit.id));

/** Something of a second kit, the best that there is room for, where all is of one. */
function mix(picking: Picking, rest: ReadonlySet<Scored>): void {
  const [only, ...more] = kitsOf(picking.chosen);
  if (only === undefined || more.length > 0) return;
  const [other] = [...rest]
    .filter(({ thing }) => thing.kit.id !== only && picking.hasRoomFor(thing))
    .sort((a, b) => a.order - b.order);
  if (other) picking.take(other);
}

/** Busy papers, quiet ones and plain grounds in turn, until there is no room or nothing more that goes with them. */
function choosePapers(picking: Picking, { sheets }: KitWish): void {
  const open = new Set(PAPER_ROLES);
  for (let n = 0; open.size > 0 && n < MOST_PIECES * sheets;) {
    for (const role of PAPER_ROLES) {
      if (!open.has(role)) continue;
      if (picking.next(role)) n++;
      else open.delete(role);
    }
  }
}

/**
 * A kit that hangs together, out of what is left: papers busy, quiet and plain in turn, cards, small things, letters
 * that can still spell, tape; the nearest in colour and words first, the older the sooner, mixed from two kits or more
 * where they have anything that goes with it. What she took in is in it whatever it is; what she left out is not.
 */
export function proposeKit(candidates: readonly Candidate[], wish: KitWish): ProposedKit {
  const first = wish.colours.length > 0 || wish.pages === 0 ? null : firstOf(candidates, wish);
  const palette = first ? first.colours : wish.colours;
  const random = seededRandom(wish.shuffle);
  const all = candidates
    .filter(({ key }) => !wish.left.has(key))
    .flatMap((thing) => scored(thing, palette, wish, wish.shuffle === 0 ? 0 : random()) ?? [])
    .map((one): Scored => (one.thing === first ? { ...one, why: [{ kind: 'first' }, ...one.why] } : one));
  const rest = new Set(all);
  const picking = new Picking(rest, wish.sheets * SHEET);
  for (const one of all) if (one.thing === first || isAsked(one.thing, wish)) picking.take(one);
  choosePapers(picking, wish);
  for (const [role, most] of Object.entries(wantedOf(wish.pages)) as [Role, number][])
    while (picking.count(role) < most && picking.next(role));
  if (wish.pages > 0) mix(picking, rest);
  const things = picking.chosen;
  const others = [...rest].sort((a, b) => Number(isScrap(a.thing)) - Number(isScrap(b.thing)) || a.order - b.order);
  return { things, others, palette, sheets: picking.sheets, kits: kitsOf(things).size };
}
