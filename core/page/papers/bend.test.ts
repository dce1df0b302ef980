import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { CutStock } from '../../trimmer/cutting';
import { DESIGNS, designOf, layOut, mayBend, resized, type Layout } from '../design';
import { contains } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { bentToLeftovers } from '.';

const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const twelve = { ...size(12, 12), spread: false };
const leftover = (id: string, w: number, h: number, face = 'straw', some: Partial<CutStock> = {}): CutStock => ({
  id,
  ...size(w, h),
  count: 1,
  front: face,
  back: null,
  upright: false,
  fresh: false,
  since: null,
  missing: [],
  ...some,
});
const laid = (design: string, photos = [{ photo: null, ...size(4, 6) }]): Layout =>
  layOut(designOf(design)!, { format: twelve, photos, mat: inches(1 / 8) }).value!;
const inOne = (layout: Layout, face: string) => Object.fromEntries(layout.slots.map(({ id }) => [id, face]));
const ofSlot = (layout: Layout, slot: string) => layout.layers.filter((layer) => layer.slot === slot);

test('a strip of 12 x 1 1/4 serves an L that would like 2 in', () => {
  const layout = laid('l-shape');
  const papers = { ...inOne(layout, 'moss'), across: 'straw' };
  const [across] = ofSlot(layout, 'across');
  expect(across).toMatchObject(size(12, 2));
  const sizes = bentToLeftovers(layout, papers, [leftover('a', 1.25, 12)]);
  expect(sizes).toEqual({ [across!.id]: size(12, 1.25) });
  const [bent] = ofSlot(resized(layout, sizes), 'across');
  expect(bent).toMatchObject(size(12, 1.25));
  expect(bent!.y + bent!.h / 2).toBeCloseTo(across!.y + across!.h / 2, 0);
});

test('a box of 5 x 5 lies in the stack uncut; the smaller of two that serve is taken, a sheet and a torn one are not', () => {
  const layout = laid('box-stack');
  const papers = { ...inOne(layout, 'moss'), tall: 'straw' };
  const torn = leftover('torn', 5, 6, 'straw', { missing: [{ x: 0, y: 0, ...size(1, 1) }] });
  const fresh = leftover('sheet', 6, 6, 'straw', { fresh: true });
  const there = [fresh, torn, leftover('a', 6, 7), leftover('b', 5, 5)];
  expect(Object.values(bentToLeftovers(layout, papers, there))).toEqual([size(5, 5)]);
});

test('squares of a grid stay alike', () => {
  const layout = laid('grid', []);
  expect(bentToLeftovers(layout, inOne(layout, 'straw'), [leftover('a', 3, 3.5), leftover('b', 4, 3)])).toEqual({});
});

test('what is too far off in size, or of another paper, bends nothing', () => {
  const layout = laid('box-stack');
  expect(bentToLeftovers(layout, inOne(layout, 'straw'), [leftover('a', 1, 1), leftover('b', 12, 0.25)])).toEqual({});
  expect(bentToLeftovers(layout, inOne(layout, 'moss'), [leftover('a', 5, 5)])).toEqual({});
});

describe('whatever leftovers there are', () => {
  const side = fc.integer({ min: 2, max: 24 }).map((n) => n / 2);
  const stocks = fc
    .array(fc.tuple(side, side, fc.boolean()), { maxLength: 8 })
    .map((list) => list.map(([w, h, upright], i) => leftover(`s${i}`, w, h, i % 2 ? 'straw' : 'moss', { upright })));
  test('only boxes, cards and strips bend, each to a leftover of its paper of which nothing is asked else', () =>
    fc.assert(
      fc.property(fc.constantFrom(...DESIGNS.map(({ id }) => id)), stocks, (design, stock) => {
        const made = layOut(designOf(design)!, { format: twelve, photos: [], mat: 0 });
        if (!made.ok) return;
        const layout = made.value;
        const papers = Object.fromEntries(layout.slots.map(({ id }, i) => [id, i % 2 ? 'straw' : 'moss']));
        const sizes = bentToLeftovers(layout, papers, stock);
        const bent = resized(layout, sizes);
        expect(Object.keys(sizes).length).toBeLessThanOrEqual(stock.length);
        for (const layer of layout.layers) {
          const now = sizes[layer.id];
          if (!now) continue;
          expect(mayBend(layer)).toBe(true);
          const from = stock.find(
            (one) =>
              one.front === papers[layer.slot ?? ''] &&
              ((one.w >= now.w && one.h >= now.h) || (!one.upright && one.w >= now.h && one.h >= now.w)) &&
              (one.w === now.w || one.h === now.h || one.w === now.h || one.h === now.w),
          );
          expect(from).toBeDefined();
        }
        for (const [i, layer] of bent.layers.entries()) {
          const before = layout.layers[i]!;
          if (contains({ x: 0, y: 0, ...layout.size }, before))
            expect(contains({ x: 0, y: 0, ...layout.size }, layer)).toBe(true);
          if (!sizes[layer.id]) expect(layer).toBe(before);
        }
      }),
      { numRuns: 200 },
    ));
});
