import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { nth } from '../../ground/nth';
import { designOf, layOut } from '../design';
import type { Photo } from '../../stock/things';
import { dotsPerInch, evenCrop, isGrey, lostBy, moveCrop, pagesOfStory, zoomCrop } from '.';

const side = fc.integer({ min: 1, max: 6000 });
const size = fc.record({ w: side, h: side });

describe('a crop', () => {
  test('a 3:2 picture loses nothing on a 6x4 print, a quarter and more on a square one', () => {
    expect(lostBy(evenCrop({ w: 3000, h: 2000 }, { w: 6, h: 4 }))).toBeCloseTo(0);
    expect(lostBy(evenCrop({ w: 3000, h: 2000 }, { w: 4, h: 4 }))).toBeCloseTo(1 / 3);
    expect(evenCrop({ w: 3000, h: 2000 }, { w: 4, h: 4 })).toEqual({
      x: expect.closeTo(1 / 6),
      y: 0,
      w: expect.closeTo(2 / 3),
      h: 1,
    });
  });
  test("has the print's shape, lies in the picture and touches two of its edges", () =>
    fc.assert(
      fc.property(size, size, (dots, print) => {
        const { x, y, w, h } = evenCrop(dots, print);
        expect((w * dots.w * print.h) / (h * dots.h * print.w)).toBeCloseTo(1);
        expect(Math.max(w, h)).toBe(1);
        expect(x >= 0 && y >= 0 && x + w <= 1 + 1e-9 && y + h <= 1 + 1e-9).toBe(true);
      }),
    ));
  test('moved and zoomed it keeps its shape and stays in the picture', () =>
    fc.assert(
      fc.property(
        size,
        size,
        fc.array(
          fc.tuple(
            fc.double({ min: -1, max: 1, noNaN: true }),
            fc.double({ min: -1, max: 1, noNaN: true }),
            fc.double({ min: 0.3, max: 3, noNaN: true }),
          ),
        ),
        (dots, print, steps) => {
          const largest = evenCrop(dots, print);
          const crop = steps.reduce((now, [dx, dy, by]) => zoomCrop(moveCrop(now, dx, dy), by, largest), largest);
          expect(crop.w / crop.h / (largest.w / largest.h)).toBeCloseTo(1);
          expect(crop.x >= 0 && crop.y >= 0 && crop.x + crop.w <= 1 + 1e-9 && crop.y + crop.h <= 1 + 1e-9).toBe(true);
        },
      ),
    ));
  test('how finely it prints', () => {
    expect(dotsPerInch({ w: 1800, h: 1200 }, { x: 0, y: 0, w: 1, h: 1 }, inches(6))).toBe(300);
  });
});

test.each([
  [
    [
      ['#202020', 0.5],
      ['#d8d8d8', 0.5],
    ],
    true,
  ],
  [
    [
      ['#3a3632', 0.7],
      ['#e8e4de', 0.3],
    ],
    true,
  ],
  [
    [
      ['#202020', 0.95],
      ['#c83232', 0.05],
    ],
    true,
  ],
  [
    [
      ['#202020', 0.7],
      ['#c83232', 0.3],
    ],
    false,
  ],
  [[['#1b2a49', 1]], false],
  [[], false],
] as const)('%j is black and white: %s', (colours, grey) => {
  expect(isGrey(colours.map(([hex, share]) => ({ hex, share })))).toBe(grey);
});

describe('pages of a story', () => {
  const format = { w: inches(12), h: inches(12), spread: false };
  const mat = inches(1 / 8);
  const photo = (n: number, w = 6, h = 4): Photo => ({
    id: `p${String(n).padStart(2, '0')}`,
    story: 's',
    name: '',
    image: 'i',
    w: inches(w),
    h: inches(h),
    colours: [],
    added: '2026-11-04',
  });
  const some = (n: number): Photo[] => Array.from({ length: n }, (_, i) => photo(i));
  const anyPhotos = fc
    .array(fc.constantFrom([6, 4], [4, 6], [3, 4], [4, 4], [7, 5], [2, 2]), { maxLength: 14 })
    .map((sizes) => sizes.map(([w, h], i) => photo(i, w, h)));

  test('every photo is on one page or told as left, each page in a design that takes its photos', () =>
    fc.assert(
      fc.property(anyPhotos, fc.option(fc.integer({ min: 1, max: 9 })), (photos, wanted) => {
        const { pages, left } = pagesOfStory(photos, format, mat, wanted);
        expect(
          [...pages.flatMap((page) => page.photos.map((p) => p.photo)), ...left.map(({ id }) => id)].sort(),
        ).toEqual(photos.map(({ id }) => id).sort());
        for (const page of pages)
          expect(layOut(designOf(page.design)!, { format, photos: page.photos, mat }).ok).toBe(true);
      }),
    ));
  test('as many as are wanted, where there are photos for them', () => {
    expect(pagesOfStory(some(9), format, mat, 9).pages).toHaveLength(9);
    expect(pagesOfStory(some(2), format, mat, 5).pages).toHaveLength(2);
    expect(pagesOfStory([], format, mat, null)).toEqual({ pages: [], left: [] });
  });
  test('a long story opens with a page of one photo, then one beside many', () => {
    const counts = pagesOfStory(
      Array.from({ length: 9 }, (_, i) => photo(i, 3, 4)),
      format,
      mat,
      5,
    ).pages.map(({ photos }) => photos.length);
    expect(counts[0]).toBe(1);
    expect(counts).toEqual([1, 1, 3, 1, 3]);
  });
  test('in the order of day and time; the large one stands alone only where the times are not known', () => {
    const photos = [photo(0, 3, 4), photo(1, 7, 5), photo(2, 3, 4), photo(3, 3, 4)];
    const timed = photos.map((one, i) => ({ ...one, taken: `2026-09-12 2${3 - i}:00` }));
    const names = (of: readonly Photo[]) =>
      pagesOfStory(of, format, mat, 2).pages.map((page) => page.photos.map((p) => p.photo));
    expect(names(photos)).toEqual([['p01'], ['p00', 'p02', 'p03']]);
    expect(names(timed).flat()).toEqual(['p03', 'p02', 'p01', 'p00']);
  });
  test('photos of no time go as a camera numbers them, whatever they are called by', () => {
    const photos = [9, 10, 100].map((n, i) => ({ ...photo(9 - i, 3, 4), name: `lamp-${n}.jpg` }));
    const order = pagesOfStory([...photos].reverse(), format, mat, null).pages.flatMap((page) =>
      page.photos.map((p) => p.photo),
    );
    expect(order).toEqual(photos.map(({ id }) => id));
  });
  test('the fewest pages are found, as by trying all ways to part the photos in their order', () => {
    const DESIGNED = ['framed-ground', 'wreath', 'box-stack', 'banners', 'l-shape', 'strip-bands', 'half-circles'];
    const designs = [...DESIGNED, 'photo-block', 'circles', 'bordered-rows'].map((id) => designOf(id)!);
    const fewest = (photos: readonly Photo[]): number => {
      const isPage = (run: readonly Photo[]): boolean =>
        designs.some(
          (one) =>
            run.length <= one.mostPhotos &&
            layOut(one, { format, photos: run.map(({ w, h }) => ({ photo: null, w, h })), mat }).ok,
        );
      // From the last photo on: the fewest pages for it and those after it.
      const least = [0];
      for (let from = photos.length - 1; from >= 0; from--)
        least.unshift(
          1 + Math.min(...least.map((rest, i) => (isPage(photos.slice(from, from + i + 1)) ? rest : Infinity))),
        );
      return nth(least, 0);
    };
    fc.assert(
      fc.property(anyPhotos, (photos) => {
        const eight = photos.slice(0, 8);
        const { pages } = pagesOfStory(eight, format, mat, 1);
        expect(pages.length).toBeLessThanOrEqual(fewest(eight));
      }),
      { numRuns: 20 },
    );
  });
  test('a photo larger than the page is told', () => {
    expect(pagesOfStory([photo(1, 14, 11), photo(2)], format, mat, null)).toMatchObject({
      pages: [{ photos: [{ photo: 'p02' }] }],
      left: [{ id: 'p01' }],
    });
  });
});
