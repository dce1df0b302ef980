import fc from 'fast-check';
import { expect, test } from 'vitest';
import { overlaps } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { Placed } from '../../stock/things';
import { boundsOf, freePlace, openPlace, roundPhotos, smallThing, stopAt, toSixteenths, type Candidate } from '.';

const at = (x: number, y: number): Placed => ({
  id: `${x}/${y}`,
  what: { lot: 'dots', part: '' },
  x: inches(x),
  y: inches(y),
  turn: 0,
});
const PLACES = [
  { x: inches(3), y: inches(3) },
  { x: inches(9), y: inches(6) },
  { x: inches(4), y: inches(9) },
];

test('the next thing goes to the place that has the fewest, beside what lies there', () => {
  expect(freePlace(PLACES, [])).toEqual({ x: inches(3), y: inches(3) });
  expect(freePlace(PLACES, [at(3, 3)])).toEqual({ x: inches(9), y: inches(6) });
  expect(freePlace(PLACES, [at(3, 3), at(9, 6), at(4, 9)])).toEqual({ x: inches(3.375), y: inches(3.375) });
});

test('a place is open as long as nothing lies nearest to it', () => {
  expect(openPlace(PLACES, [])).toBe(0);
  expect(openPlace(PLACES, [at(2, 1), at(9, 7)])).toBe(2);
  expect(openPlace(PLACES, [at(2, 1), at(9, 7), at(5, 10)])).toBeNull();
  expect(openPlace(PLACES, [at(0, 11.9)])).toBe(0);
});

test('where things lie is told in sixteenths', () =>
  fc.assert(
    fc.property(fc.integer({ min: -1e6, max: 1e6 }), (x) => {
      expect(toSixteenths(x) % inches(1 / 16)).toBeCloseTo(0);
      expect(Math.abs(toSixteenths(x) - x)).toBeLessThanOrEqual(inches(1 / 32));
    }),
  ));

test('clusters round the photos take no more than there is, and none covers another', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 9 }), (large, small) => {
      const of = (name: string, left: number): Candidate => ({
        what: { lot: name, part: '' },
        thing: smallThing({ name, kind: 'ephemera', size: null }, '', ['#e6ab3e']),
        left,
        isOut: true,
      });
      const candidates = [of('moths', large), of('star', 9), of('enamel dots', small)];
      const page = { w: inches(12), h: inches(12) };
      const { laid } = roundPhotos(candidates, PLACES, { page, colours: [], words: [], keep: [] });
      for (const { what, left } of candidates)
        expect(laid.filter((one) => one.what === what).length).toBeLessThanOrEqual(left);
      expect(laid.filter((one) => one.what === candidates[0]?.what).length).toBeGreaterThanOrEqual(1);
      const moths = laid
        .filter((one) => one.what === candidates[0]?.what)
        .map((one) => boundsOf(candidates[0]!.thing.size, one, one.turn));
      moths.forEach((a, i) => moths.slice(i + 1).forEach((b) => expect(overlaps(a, b)).toBe(false)));
    }),
  ));

test('a push stops where an edge comes to an edge beside it, and goes on from there', () => {
  const moving = { x: 0, y: 0, w: 10, h: 10 };
  const beside = { x: 14, y: 5, w: 8, h: 8 };
  expect(stopAt(moving, 'x', 20, [beside])).toBe(4);
  expect(stopAt({ ...moving, x: 4 }, 'x', 20, [beside])).toBe(8);
  expect(stopAt(moving, 'x', 3, [beside])).toBe(3);
  // What lies far above or below is not met.
  expect(stopAt(moving, 'x', 20, [{ ...beside, y: 40 }])).toBe(20);
  expect(stopAt({ ...moving, y: 30 }, 'y', -30, [{ x: 0, y: 0, w: 40, h: 12 }])).toBe(-18);
});

test('a push never goes farther than asked, nor the other way', () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          x: fc.nat(60),
          y: fc.nat(60),
          w: fc.integer({ min: 1, max: 20 }),
          h: fc.integer({ min: 1, max: 20 }),
        }),
      ),
      fc.integer({ min: -30, max: 30 }).filter((by) => by !== 0),
      (others, by) => {
        const went = stopAt({ x: 20, y: 20, w: 12, h: 9 }, 'x', by, others);
        expect(Math.sign(went)).toBe(Math.sign(by));
        expect(Math.abs(went)).toBeLessThanOrEqual(Math.abs(by));
      },
    ),
  ));

test('of several pages none has the same things again while there are others', () => {
  const of = (name: string): Candidate => ({
    what: { lot: name, part: '' },
    thing: smallThing({ name, kind: 'ephemera', size: null }, '', ['#e6ab3e']),
    left: 9,
    isOut: true,
  });
  const candidates = [of('moths'), of('feather'), of('star'), of('enamel dots')];
  const wish = { page: { w: inches(12), h: inches(12) }, colours: [], words: [], keep: [] };
  const first = roundPhotos(candidates, PLACES.slice(0, 1), wish);
  const second = roundPhotos(candidates, PLACES.slice(0, 1), wish, new Set(first.kinds));
  expect(second.kinds).toHaveLength(1);
  expect(second.kinds).not.toEqual(first.kinds);
  // Where there is nothing else, the same again is better than none.
  const few = candidates.filter(({ thing }) => thing.name !== 'feather');
  const only = roundPhotos(few, PLACES.slice(0, 1), wish);
  expect(roundPhotos(few, PLACES.slice(0, 1), wish, new Set(only.kinds)).kinds).toEqual(only.kinds);
});
