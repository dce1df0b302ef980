import fc from 'fast-check';
import { expect, test } from 'vitest';
import { area, contains, holds, intersect, largestRectOutside, overlaps, solidRects, unionArea, type Rect } from '.';

const frame: Rect = { x: 0, y: 0, w: 8, h: 7 };
const someRect = fc.record({
  x: fc.integer({ min: -2, max: 8 }),
  y: fc.integer({ min: -2, max: 7 }),
  w: fc.integer({ min: 1, max: 6 }),
  h: fc.integer({ min: 1, max: 6 }),
});
const someRects = fc.array(someRect, { maxLength: 6 });
const cells = (rects: readonly Rect[]): number => {
  let n = 0;
  for (let x = 0; x < frame.w; x++)
    for (let y = 0; y < frame.h; y++) if (rects.some((r) => contains(r, { x, y, w: 1, h: 1 }))) n++;
  return n;
};

test('the area of a union is the count of its unit cells', () =>
  fc.assert(
    fc.property(someRects, (rects) => {
      expect(unionArea(frame, rects)).toBe(cells(rects));
    }),
  ));

test('what is left is disjoint, keeps off the holes and fills the rest', () =>
  fc.assert(
    fc.property(someRects, (holes) => {
      const left = solidRects(frame, holes);
      expect(left.reduce((sum, r) => sum + area(r), 0)).toBe(area(frame) - cells(holes));
      left.forEach((r, i) => {
        expect(contains(frame, r)).toBe(true);
        expect(holes.some((hole) => overlaps(hole, r))).toBe(false);
        expect(left.slice(i + 1).some((other) => overlaps(other, r))).toBe(false);
      });
    }),
  ));

test('no rectangle outside the forbidden ones is larger than the one found', () =>
  fc.assert(
    fc.property(someRects, (forbidden) => {
      let most = 0;
      for (let x = 0; x < frame.w; x++)
        for (let y = 0; y < frame.h; y++)
          for (let w = 1; x + w <= frame.w; w++)
            for (let h = 1; y + h <= frame.h; h++)
              if (w * h > most && !forbidden.some((f) => overlaps(f, { x, y, w, h }))) most = w * h;
      const found = largestRectOutside(frame, forbidden);
      expect(found ? area(found) : 0).toBe(most);
      if (found) expect(contains(frame, found) && !forbidden.some((f) => overlaps(f, found))).toBe(true);
    }),
  ));

test('rects that only touch do not overlap', () => {
  expect(intersect({ x: 0, y: 0, w: 2, h: 2 }, { x: 2, y: 0, w: 2, h: 2 })).toBeNull();
});

test('a sheet holds a piece exactly where some place for it is free', () =>
  fc.assert(
    fc.property(
      someRects,
      fc.integer({ min: 1, max: 8 }),
      fc.integer({ min: 1, max: 8 }),
      fc.boolean(),
      (missing, w, h, mayTurn) => {
        const free = (pw: number, ph: number): boolean => {
          for (let x = 0; x + pw <= frame.w; x++)
            for (let y = 0; y + ph <= frame.h; y++)
              if (!missing.some((m) => overlaps(m, { x, y, w: pw, h: ph }))) return true;
          return false;
        };
        expect(holds(frame, missing, { w, h }, mayTurn)).toBe(free(w, h) || (mayTurn && free(h, w)));
      },
    ),
  ));
