import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  areaOf,
  bandRects,
  boxOf,
  common,
  contourPath,
  cuttable,
  difference,
  ellipseContour,
  liesOn,
  offset,
  rectContour,
  traceOutline,
  type Contour,
  type Dots,
} from '.';
import { area, overlaps, type Rect } from '../../ground/geometry';
import { inches } from '../../ground/length';

const ofRects = (rects: readonly Rect[]): readonly Contour[] => rects.map(rectContour);
const sum = (rects: readonly Rect[]): number => rects.reduce((total, r) => total + area(r), 0);

/** Any line that can be cut: points anywhere, crossings taken out. */
const anyContour = fc
  .array(fc.record({ x: fc.integer({ min: 0, max: 30_000 }), y: fc.integer({ min: 0, max: 30_000 }) }), {
    minLength: 3,
    maxLength: 14,
  })
  .map(cuttable)
  .filter((contour) => contour !== null);

describe('areas', () => {
  test('of a rectangle and of a frame are exact', () => {
    const outer = { x: 5, y: 7, w: 1000, h: 400 };
    expect(areaOf([rectContour(outer)])).toBe(400_000);
    expect(areaOf([rectContour(outer), rectContour({ x: 105, y: 107, w: 800, h: 200 })])).toBe(240_000);
  });

  test('of a circle is that of the formula, within a fifth of a hundredth', () => {
    const d = inches(4);
    const found = areaOf([ellipseContour({ x: 0, y: 0, w: d, h: d })]);
    expect(found / ((Math.PI * d * d) / 4)).toBeCloseTo(1, 2.5);
  });

  test('what is common and what is not come to the whole', () =>
    fc.assert(
      fc.property(anyContour, anyContour, (one, other) => {
        const parts = areaOf(common([one], [other])) + areaOf(difference([one], [other]));
        // Crossings are put on whole ticks.
        expect(Math.abs(parts - areaOf([one]))).toBeLessThan(30 * 30_000);
      }),
    ));
});

describe('bands', () => {
  test('an upright rectangle, and a frame, come out as they are', () => {
    const rect = { x: 3, y: 9, w: inches(2), h: inches(5) };
    expect(bandRects([rectContour(rect)], 'within')).toEqual([rect]);
    expect(bandRects([rectContour(rect)], 'around')).toEqual([rect]);
    const inside = { x: rect.x + 500, y: rect.y + 500, w: rect.w - 1000, h: rect.h - 1000 };
    const frame = ofRects([rect, inside]);
    expect(sum(bandRects(frame, 'within'))).toBe(area(rect) - area(inside));
    expect(sum(bandRects(frame, 'around'))).toBe(area(rect) - area(inside));
  });

  test('what is around holds the whole, what is within lies inside; neither twice', () =>
    fc.assert(
      fc.property(anyContour, (contour) => {
        const [out, own] = [bandRects([contour], 'around'), bandRects([contour], 'within')];
        expect(areaOf(difference([contour], ofRects(out)))).toBeLessThan(200_000);
        for (const rect of own) expect(areaOf(difference([rectContour(rect)], [contour]))).toBeLessThan(40_000);
        for (const rects of [out, own])
          for (const [i, rect] of rects.entries())
            expect(rects.slice(i + 1).some((other) => overlaps(rect, other))).toBe(false);
        expect(sum(own)).toBeLessThanOrEqual(areaOf([contour]) + 40_000);
        expect(sum(out)).toBeGreaterThanOrEqual(areaOf([contour]) - 40_000);
      }),
      { numRuns: 60 },
    ));
});

describe('lines as they are cut', () => {
  test('one that crosses itself gives its largest part, one that encloses nothing none', () => {
    const bow = [
      { x: 0, y: 0 },
      { x: 900, y: 300 },
      { x: 900, y: 0 },
      { x: 0, y: 100 },
    ];
    const cut = cuttable(bow);
    expect(cut && areaOf([cut])).toBeLessThan(areaOf([rectContour(boxOf([bow]))]));
    expect(cuttable([bow[0]!, bow[1]!])).toBeNull();
  });

  test('lies on paper only off its edge and its gaps', () => {
    const sheet = { w: 1000, h: 1000 };
    const line = rectContour({ x: 100, y: 100, w: 300, h: 300 });
    expect(liesOn(line, sheet, [])).toBe(true);
    expect(liesOn(line, sheet, [{ x: 400, y: 0, w: 50, h: 1000 }])).toBe(true);
    expect(liesOn(line, sheet, [{ x: 399, y: 0, w: 50, h: 1000 }])).toBe(false);
    expect(liesOn(line, { w: 399, h: 1000 }, [])).toBe(false);
  });

  test('a mat round a circle is a larger circle, an inside a smaller one; a narrow thing has no inside', () => {
    const d = inches(2);
    const circle = ellipseContour({ x: 0, y: 0, w: d, h: d });
    const by = inches(1 / 8);
    for (const at of [by, -by]) {
      const line = offset(circle, at);
      expect(line && areaOf([line]) / (Math.PI * (d / 2 + at) ** 2)).toBeCloseTo(1, 2);
    }
    expect(offset(rectContour({ x: 0, y: 0, w: inches(1), h: 2 * by }), -by)).toBeNull();
  });

  test('is drawn in units', () => {
    expect(contourPath([rectContour({ x: 0, y: 0, w: inches(1), h: inches(2) })], inches(1))).toBe('M0 0L1 0L1 2L0 2z');
  });
});

describe('from a picture', () => {
  const picture = (w: number, h: number, isInk: (x: number, y: number) => boolean): Dots => ({
    w,
    h,
    data: Array.from({ length: w * h }, (_, i) =>
      isInk((i % w) + 0.5, Math.floor(i / w) + 0.5) ? [120, 40, 90, 255] : [238, 234, 226, 255],
    ).flat(),
  });
  const scaled = (line: readonly { x: number; y: number }[], w: number, h: number): Contour =>
    line.map(({ x, y }) => ({ x: Math.round(x * w * 100), y: Math.round(y * h * 100) }));

  test('a disc is found as large as it is, where it is', () => {
    const line = traceOutline(picture(160, 120, (x, y) => Math.hypot(x - 70, y - 55) < 40));
    const found = scaled(line!, 160, 120);
    expect(areaOf([found]) / (Math.PI * 4000 ** 2)).toBeCloseTo(1, 1.5);
    const { x, y, w, h } = boxOf([found]);
    expect(Math.abs(x + w / 2 - 7000)).toBeLessThan(150);
    expect(Math.abs(y + h / 2 - 5500)).toBeLessThan(150);
  });

  test('of several the largest, with what it encloses; on an empty ground nothing', () => {
    const ring = (x: number, y: number): boolean => {
      const from = Math.hypot(x - 50, y - 50);
      return (from > 20 && from < 40) || (x > 110 && x < 125 && y < 20);
    };
    expect(areaOf([scaled(traceOutline(picture(140, 100, ring))!, 140, 100)]) / (Math.PI * 4000 ** 2)).toBeCloseTo(
      1,
      1.5,
    );
    expect(traceOutline(picture(60, 60, () => false))).toBeNull();
  });

  test('what goes off the picture is closed along its edge', () => {
    const line = traceOutline(picture(100, 100, (x, y) => x > 30 && x < 70 && y > 60));
    const box = boxOf([scaled(line!, 100, 100)]);
    expect(box.y + box.h).toBe(10_000);
  });
});
