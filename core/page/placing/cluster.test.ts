import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { overlaps, type Rect } from '../../ground/geometry';
import { groupBy } from '../../ground/groupBy';
import { inches } from '../../ground/length';
import { boundsOf, clusters, layingsOf, smallThing, type Candidate, type ClusterWish } from '.';

const NAMES = [
  'moths',
  'leaf',
  'enamel dots',
  'wood buttons',
  'label',
  'flower',
  'pearls',
  'ticket',
  'feather',
  'star',
];
const HEXES = ['#22314f', '#e6ab3e', '#8a1c4f', '#7c9a6d'];
const candidate = fc
  .tuple(fc.constantFrom(...NAMES), fc.constantFrom(...HEXES), fc.nat({ max: 6 }), fc.boolean())
  .map(([name, hex, left, isOut]): Candidate => ({
    what: { lot: `${name} ${hex}`, part: '' },
    thing: smallThing({ name, kind: 'ephemera', size: null }, '', [hex]),
    left,
    isOut,
  }));
const page = { w: inches(12), h: inches(12) };
const rect = fc.record({
  x: fc.integer({ min: 0, max: inches(9) }),
  y: fc.integer({ min: 0, max: inches(9) }),
  w: fc.integer({ min: inches(1), max: inches(3) }),
  h: fc.integer({ min: inches(1), max: inches(3) }),
});
const wish = fc.record({
  page: fc.constant(page),
  at: fc.record({ x: fc.nat({ max: page.w }), y: fc.nat({ max: page.h }) }),
  colours: fc.constant([{ hex: '#22314f', share: 1 }]),
  words: fc.constantFrom([], ['moth']),
  keep: fc.array(rect, { maxLength: 3 }),
});

const within = (b: Rect): boolean => b.x >= 0 && b.y >= 0 && b.x + b.w <= page.w && b.y + b.h <= page.h;

describe('any cluster that is proposed', () => {
  test('lies within the page and off what must show, is odd in number, and takes no more than is left', () =>
    fc.assert(
      fc.property(
        fc.uniqueArray(candidate, { maxLength: 12, selector: ({ what }) => what.lot }),
        wish,
        (all, asked) => {
          for (const { things, bounds } of clusters(all, asked).slice(0, 20)) {
            expect(within(bounds)).toBe(true);
            expect(asked.keep.some((one) => overlaps(one, bounds))).toBe(false);
            // Also where it comes to lie in sixteenths.
            layingsOf(things).forEach((one, i) => {
              const lies = boundsOf(things[i]!.thing.size, one, one.turn);
              expect(within(lies)).toBe(true);
              expect(asked.keep.some((rect) => overlaps(rect, lies))).toBe(false);
            });
            expect(things.length % 2).toBe(1);
            const taken = groupBy(things, ({ what }) => what);
            for (const [what, own] of taken) {
              const left = all.find((one) => one.what === what)?.left ?? 0;
              expect(own.length).toBeLessThanOrEqual(left);
            }
          }
        },
      ),
    ));
});

const of = (name: string, hexes: string[], some: Partial<Candidate> = {}): Candidate => ({
  what: { lot: name, part: '' },
  thing: smallThing({ name, kind: 'ephemera', size: null }, '', hexes),
  left: 5,
  isOut: false,
  ...some,
});
const asked: ClusterWish = {
  page,
  at: { x: inches(3), y: inches(3) },
  colours: [{ hex: '#e6ab3e', share: 1 }],
  words: ['night'],
  keep: [],
};

test('of things alike in role the one in the photos’ colours comes first, and a word of the theme before it', () => {
  const rest = [of('leaf', ['#7c9a6d']), of('enamel dots', ['#e6ab3e'])];
  const firstLarge = (all: Candidate[]) =>
    clusters(all, asked)[0]?.things.toSorted((a, b) => b.thing.size.w - a.thing.size.w)[0]?.thing.name;
  const [near, strange] = [of('moths', ['#e6ab3e']), of('feather', ['#22314f'])];
  expect(firstLarge([...rest, strange, near])).toBe('moths');
  expect(firstLarge([...rest, of('ticket "night"', ['#e6ab3e']), near])).toBe('ticket "night"');
});

test('with nothing of one size there is none', () => {
  expect(clusters([of('enamel dots', []), of('moths', [])], asked)).toEqual([]);
});

test('on a small page with its photo in the middle there is a little one beside it', () => {
  const all = [of('moths', []), of('label', []), of('star', []), of('enamel dots', [])];
  // Eight by eight, a photo 4 x 3 in its middle: two and a half inches are free above and below it.
  const small: ClusterWish = {
    ...asked,
    page: { w: inches(8), h: inches(8) },
    at: { x: inches(2), y: inches(2) },
    keep: [
      { x: inches(2), y: inches(2.5), w: inches(4), h: inches(3) },
      { x: 0, y: inches(6.5), w: inches(8), h: inches(1.5) },
    ],
  };
  const [first] = clusters(all, small);
  expect(first).toBeDefined();
  expect(first!.things.length % 2).toBe(1);
});
