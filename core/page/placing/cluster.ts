import { affinity, type ColourShare } from '../../ground/colour';
import { inflate, overlaps, type Point, type Rect, type Size } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { Placed, PlacedItem } from '../../stock/things';
import { around, boundsOf } from './bounds';
import { SIXTEENTH } from './freePlace';
import type { SmallThing } from './smallThing';

/** A kind of small thing that a cluster can be made of. */
export interface Candidate {
  readonly what: PlacedItem;
  readonly thing: SmallThing;
  /** How many of it are left. */
  readonly left: number;
  /** It is out for the page already. */
  readonly isOut: boolean;
  /** Her aims want it used. */
  readonly isMeant?: boolean;
}

/** What a cluster is made for. */
export interface ClusterWish {
  readonly page: Size;
  /** Where it is to lie. */
  readonly at: Point;
  /** Of the page's photos. */
  readonly colours: readonly ColourShare[];
  /** Of the kit's theme and the page's title, in small letters. */
  readonly words: readonly string[];
  /** What must stay free: what must show of photos, the title, the writing. */
  readonly keep: readonly Rect[];
}

export interface Cluster {
  /** The lowest first; no ids yet. */
  readonly things: readonly (Omit<Placed, 'id'> & { readonly what: PlacedItem; readonly thing: SmallThing })[];
  readonly bounds: Rect;
}

/** Longest side of what counts as large, and of what counts as small: common practice, no source. */
const LARGE = inches(1.2);
const SMALL = inches(0.65);
/** The middle one may be as long as this, where the large one is longer. */
const MIDDLE = inches(2);
/** So many of each role are looked at. */
const LOOKED_AT = 5;
/** As good as this much nearer in colour (CIEDE2000): a word of the theme; that it is out already. */
const WORD = 12;
const OUT = 8;
/** That she means to use it. */
const MEANT = 12;
/** Colours farther than this, or not told, are all strange. */
const STRANGE = 40;

const longest = ({ size }: SmallThing): number => Math.max(size.w, size.h);

/** What a thing is in a cluster, by how long it is. */
export const roleOf = (thing: SmallThing): 'large' | 'middle' | 'small' => {
  const side = longest(thing);
  return side >= LARGE ? 'large' : side > SMALL ? 'middle' : 'small';
};

/** Lower is better. */
function strangeness({ thing, isOut, isMeant: isAimed = false }: Candidate, { colours, words }: ClusterWish): number {
  const shares = thing.colours.map((hex) => ({ hex, share: 1 / thing.colours.length }));
  const far = Math.min(STRANGE, affinity(colours, shares));
  const name = `${thing.name} ${thing.words}`.toLowerCase();
  const isMeant = words.some((word) => name.includes(word));
  return far - (isMeant ? WORD : 0) - (isOut ? OUT : 0) - (isAimed ? MEANT : 0);
}

interface Recipe {
  readonly large: Candidate;
  /** Null: of two kinds only, for little room. */
  readonly middle: Candidate | null;
  readonly small: Candidate;
  /** So many of the small ones that the number is odd. */
  readonly dots: 1 | 2 | 3;
  readonly badness: number;
}

/** One large, one middle, one or three small, the best first; raised with flat, different kinds. */
function recipes(candidates: readonly Candidate[], wish: ClusterWish): Recipe[] {
  const ranked = candidates
    .filter(({ left }) => left > 0)
    .map((one) => ({ one, badness: strangeness(one, wish) }))
    .sort((a, b) => a.badness - b.badness);
  const role = (is: (side: number) => boolean) =>
    ranked.filter(({ one }) => is(longest(one.thing))).slice(0, LOOKED_AT);
  const [large, small] = [role((side) => side >= LARGE), role((side) => side <= SMALL)];
  const middle = role((side) => side > SMALL && side < MIDDLE);
  return large
    .flatMap((a) =>
      middle.flatMap((b) =>
        small.flatMap((c): Recipe[] => {
          if (a.one === b.one || longest(b.one.thing) > longest(a.one.thing)) return [];
          const isMixed = new Set([a, b, c].map(({ one }) => one.thing.isRaised)).size > 1;
          const badness = a.badness + b.badness + c.badness + (isMixed ? 0 : OUT);
          return [{ large: a.one, middle: b.one, small: c.one, dots: c.one.left >= 3 ? 3 : 1, badness }];
        }),
      ),
    )
    .sort((a, b) => a.badness - b.badness);
}

/** Where there is no room for a large one: one of middle length, two small ones. */
function littleRecipes(candidates: readonly Candidate[], wish: ClusterWish): Recipe[] {
  const ranked = candidates
    .filter(({ left }) => left > 0)
    .map((one) => ({ one, badness: strangeness(one, wish) }))
    .sort((a, b) => a.badness - b.badness);
  const [middle, small] = [
    ranked.filter(({ one }) => longest(one.thing) > SMALL && longest(one.thing) < MIDDLE).slice(0, LOOKED_AT),
    ranked.filter(({ one }) => longest(one.thing) <= SMALL && one.left >= 2).slice(0, LOOKED_AT),
  ];
  return middle
    .flatMap((a) =>
      small.map((b): Recipe => ({ large: a.one, middle: null, small: b.one, dots: 2, badness: a.badness + b.badness })),
    )
    .sort((a, b) => longest(a.large.thing) - longest(b.large.thing) || a.badness - b.badness);
}

/** The things of a recipe about its place: the middle one half under the large, the small ones at its outer edge. */
function arranged({ large, middle, small, dots }: Recipe, { page, at }: ClusterWish): Cluster['things'] {
  const isLeft = at.x < page.w / 2;
  const out = isLeft ? -1 : 1;
  const big = longest(large.thing);
  const reach = big / 2 + longest(small.thing) * 0.7;
  const anyRaised = [large, middle, small].some((one) => one?.thing.isRaised);
  return [
    ...(middle
      ? [
          {
            what: middle.what,
            thing: middle.thing,
            x: at.x - out * 0.3 * big,
            y: at.y + 0.32 * longest(middle.thing) + 0.18 * big,
            turn: out * 24,
          },
        ]
      : []),
    {
      what: large.what,
      thing: large.thing,
      x: at.x,
      y: at.y,
      turn: out * -14,
      ...(anyRaised ? {} : { isOnFoam: true }),
    },
    ...Array.from({ length: dots }, (_, i) => {
      const angle = ((isLeft ? 215 : -35) + (i - (dots - 1) / 2) * 34) * (Math.PI / 180);
      return {
        what: small.what,
        thing: small.thing,
        x: at.x + reach * Math.cos(angle),
        y: at.y + reach * Math.sin(angle),
        turn: 0,
      };
    }),
  ].map((one) => ({ ...one, x: Math.round(one.x), y: Math.round(one.y) }));
}

const shifted = (things: Cluster['things'], dx: number, dy: number): Cluster => {
  const moved = things.map((one) => ({ ...one, x: one.x + dx, y: one.y + dy }));
  return { things: moved, bounds: around(moved.map((one) => boundsOf(one.thing.size, one, one.turn))) };
};

/** How far to push a stretch so that it lies within a length. */
const inwards = (from: number, size: number, length: number): number =>
  Math.max(-from, 0) + Math.min(length - (from + size), 0);

/** Where things lie is told in sixteenths: so far each may come to lie from where it is fitted. */
const ROUNDED = Math.ceil(SIXTEENTH / 2);

/** Farther than this from its place a cluster is at no place. */
const FARTHEST = inches(3.5);

/** Moved as little as needed to lie within the page and off what must show; null: it cannot. */
function fitted(things: Cluster['things'], { page, keep }: ClusterWish): Cluster | null {
  const bounds = inflate(shifted(things, 0, 0).bounds, ROUNDED);
  const first = { x: inwards(bounds.x, bounds.w, page.w), y: inwards(bounds.y, bounds.h, page.h) };
  // A tick more, as what must show may end between two.
  const xs = keep.flatMap(({ x, w }) => [Math.floor(x - bounds.x - bounds.w) - 1, Math.ceil(x + w - bounds.x) + 1]);
  const ys = keep.flatMap(({ y, h }) => [Math.floor(y - bounds.y - bounds.h) - 1, Math.ceil(y + h - bounds.y) + 1]);
  const found = [first.x, ...xs]
    .flatMap((x) => [first.y, ...ys].map((y) => ({ x, y, far: Math.hypot(x, y) })))
    .filter(({ far }) => far <= FARTHEST)
    .sort((a, b) => a.far - b.far)
    .find(({ x, y }) => {
      const b = { ...bounds, x: bounds.x + x, y: bounds.y + y };
      const isWithin = b.x >= 0 && b.y >= 0 && b.x + b.w <= page.w && b.y + b.h <= page.h;
      return isWithin && !keep.some((rect) => overlaps(rect, b));
    });
  return found ? shifted(things, found.x, found.y) : null;
}

/**
 * Clusters for one place, the best first: of one large, one middle and one or three small things, the photos' colours
 * and the theme's words before others, raised with flat. Each lies within the page and off what must show. Common
 * practice, no source. Where there is no room for these, of one of middle length and two small ones.
 */
export function clusters(candidates: readonly Candidate[], wish: ClusterWish): readonly Cluster[] {
  const fit = (all: readonly Recipe[]): Cluster[] =>
    all.flatMap((recipe) => fitted(arranged(recipe, wish), wish) ?? []);
  const whole = fit(recipes(candidates, wish));
  return whole.length > 0 ? whole : fit(littleRecipes(candidates, wish));
}

/** Which kinds of things a cluster is of, whatever their order. */
export const kindsOf = ({ things }: Cluster): string =>
  [...new Set(things.map(({ what }) => `${what.lot}/${what.part}`))].sort().join(' ');
