import fc from 'fast-check';
import { expect, test } from 'vitest';
import { contains, overlaps } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { layPrints, PRINT_PAPERS, type LaidSheet, type WantedPrint } from '.';

const [small, , letter] = PRINT_PAPERS as [
  (typeof PRINT_PAPERS)[0],
  (typeof PRINT_PAPERS)[0],
  (typeof PRINT_PAPERS)[0],
];
const print = (w: number, h: number, count = 1, id = `${w}x${h}`): WantedPrint => ({
  id,
  w: inches(w),
  h: inches(h),
  count,
});
const sheets = (photos: readonly WantedPrint[], paper = small): LaidSheet[] => layPrints(photos, paper).sheets;

test('two 3x4 go on one 4x6 print, on their sides, with one cut (common practice, no source)', () => {
  const [sheet, ...more] = sheets([print(3, 4, 2)]);
  expect(more).toEqual([]);
  expect(sheet!.photos.map(({ turned }) => turned)).toEqual([true, true]);
  expect(sheet!.cuts).toEqual([{ from: { x: 0, y: inches(3) }, to: { x: inches(4), y: inches(3) } }]);
});

test.each([
  [[print(4, 6)], 1],
  [[print(6, 4)], 1],
  [[print(2, 2, 6)], 1],
  [[print(2, 3, 4)], 1],
  [[print(4, 4), print(2, 2, 2)], 1],
  [[print(3, 4, 5)], 3],
])('%j on %d prints of 4x6', (photos, n) => {
  expect(sheets(photos)).toHaveLength(n);
});

test('a letter sheet takes four 4x5 within its margin, and no 9x12', () => {
  expect(sheets([print(4, 5, 4)], letter)).toHaveLength(1);
  expect(layPrints([print(9, 12), print(4, 4)], letter)).toMatchObject({
    tooLarge: ['9x12'],
    sheets: [{ photos: [{ id: '4x4' }] }],
  });
  expect(layPrints([], small)).toEqual({ sheets: [], tooLarge: [] });
});

const anyPrint = fc.record({
  w: fc.constantFrom(2, 3, 3.25, 4),
  h: fc.constantFrom(2, 3, 4, 4.75, 6),
  count: fc.integer({ min: 1, max: 3 }),
});
test('every photo once, within the margin, apart from the others, no cut through a photo', () =>
  fc.assert(
    fc.property(fc.array(anyPrint, { minLength: 1, maxLength: 4 }), fc.constantFrom(...PRINT_PAPERS), (list, paper) => {
      const wanted = list.map(({ w, h, count }, i) => print(w, h, count, String(i)));
      const laid = layPrints(wanted, paper);
      const printed = {
        x: paper.margin,
        y: paper.margin,
        w: paper.w - 2 * paper.margin,
        h: paper.h - 2 * paper.margin,
      };
      const all = laid.sheets.flatMap(({ photos }) => photos);
      for (const { id, w, h, count } of wanted) {
        if (laid.tooLarge.includes(id)) continue;
        const own = all.filter((photo) => photo.id === id);
        expect(own).toHaveLength(count);
        expect(
          own.every((photo) => (photo.turned ? photo.w === h && photo.h === w : photo.w === w && photo.h === h)),
        ).toBe(true);
      }
      for (const { photos, cuts } of laid.sheets)
        photos.forEach((photo, i) => {
          expect(contains(printed, photo)).toBe(true);
          expect(photos.slice(i + 1).some((other) => overlaps(photo, other))).toBe(false);
          for (const { from, to } of cuts) {
            const line = {
              x: Math.min(from.x, to.x),
              y: Math.min(from.y, to.y),
              w: Math.abs(to.x - from.x),
              h: Math.abs(to.y - from.y),
            };
            expect(
              line.w === 0
                ? line.x > photo.x && line.x < photo.x + photo.w && overlaps({ ...line, w: 1 }, photo)
                : line.y > photo.y && line.y < photo.y + photo.h && overlaps({ ...line, h: 1 }, photo),
            ).toBe(false);
          }
        });
    }),
    { numRuns: 25 },
  ));
