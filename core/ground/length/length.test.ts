import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  formatLength,
  formatSize,
  inches,
  mm,
  numberToTicks,
  parseLength,
  parseRoll,
  parseSize,
  TICKS_PER_INCH,
  TICKS_PER_MM,
  toMm,
} from '.';

// Source: the international yard and pound agreement, in force 1 July 1959: 1 in = 25.4 mm exactly.
test('an inch is 25.4 mm, exactly', () => {
  expect(TICKS_PER_INCH).toBe(25.4 * TICKS_PER_MM);
  expect(toMm(inches(1))).toBe(25.4);
  expect(inches(1)).toBe(mm(25.4));
});

test('every 1/64 in is a whole number of ticks and survives print and read', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 64 * 40 }), (n) => {
      const length = inches(n / 64);
      expect(length).toBe(n * 127);
      expect(parseLength(formatLength(length, 'in'))).toEqual({ ok: true, value: length, error: null });
    }),
  );
});

test('every 0.1 mm is a whole number of ticks and survives print and read', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 10_000 }), (n) => {
      const length = mm(n / 10);
      expect(length).toBe(n * 32);
      expect(parseLength(formatLength(length, 'cm'))).toEqual({ ok: true, value: length, error: null });
    }),
  );
});

describe('lengths as people write them', () => {
  test.each([
    ['12in', 12],
    ['3 1/4in', 3.25],
    ['3-1/4"', 3.25],
    ['3 - 1/4', 3.25],
    ['7 7/8 in', 7.875],
    ['1/2', 0.5],
    ['.5', 0.5],
    ['5.', 5],
    ['4″', 4],
    ['8½', 8.5],
    ['3 ¼ in', 3.25],
    ['¾', 0.75],
    ['3 1/4 IN', 3.25],
    ['82.55mm', 3.25],
    ['8.255 CM', 3.25],
    ['  2  ', 2],
  ])('%s is %d in', (text, expected) => {
    expect(parseLength(text)).toEqual({ ok: true, value: inches(expected), error: null });
  });

  test.each([
    ['3 1/', 'unfinished-fraction'],
    ['3 1/in', 'unfinished-fraction'],
    ['-2in', 'negative'],
    ['+2', 'not-a-length'],
    ['', 'empty'],
    ['1/0', 'zero-denominator'],
    ['3,5', 'not-a-length'],
    ['½½', 'not-a-length'],
    ['3 4', 'not-a-length'],
    ['3.5 1/4', 'not-a-length'],
    ['1.5/2', 'not-a-length'],
    ['two', 'not-a-length'],
    ['1e3', 'not-a-length'],
    ['3 ft', 'not-a-length'],
    ['9999999999999999', 'too-long'],
  ])('%s is refused: %s', (text, kind) => {
    expect(parseLength(text)).toMatchObject({ ok: false, error: { kind } });
  });

  test.each([
    ['12x12', 12, 12],
    ['3 1/4 x 4 1/4', 3.25, 4.25],
    ['8.5 × 11 in', 8.5, 11],
    ['6 by 8', 6, 8],
  ])('%s is a size', (text, w, h) => {
    expect(parseSize(text)).toEqual({ ok: true, value: { w: inches(w), h: inches(h) }, error: null });
  });

  test('a unit after the second side serves both', () => {
    expect(parseSize('10 x 15 cm')).toEqual({ ok: true, value: { w: mm(100), h: mm(150) }, error: null });
  });
});

test.each([
  [0.0015625, 'mm', 1],
  [0.0046875, 'mm', 2],
  [-0.0015625, 'mm', 0],
  [-0.0046875, 'mm', -1],
  [3.25, 'in', 26416],
  [1e-7, 'in', 0],
] as const)('half a tick rounds up: %d %s is %d ticks', (n, unit, expected) =>
  expect(numberToTicks(n, unit)).toEqual({ ok: true, value: expected, error: null }),
);

test('sizes are said without quotes', () => {
  expect(formatSize({ w: inches(4.25), h: inches(6.25) }, 'in')).toBe('4 1/4 × 6 1/4');
  expect(formatSize({ w: inches(4.25), h: inches(6.25) }, 'cm')).toBe('10.8 × 15.88 cm');
});

describe('the length of a roll', () => {
  test.each([
    ['10 yd', inches(360)],
    ['10yds', inches(360)],
    ['2 1/2 yards', inches(90)],
    ['2.5 m', mm(2_500)],
    ['3 ft.', inches(36)],
    ["2.5'", inches(30)],
    ['10 metres', mm(10_000)],
    ['18', inches(18)],
    ['83mm', mm(83)],
    ['4 1/2"', inches(4.5)],
  ])('%s', (text, length) => {
    expect(parseRoll(text, 'in').value).toBe(length);
  });
  test.each(['yd', '10 yd 2', 'ten yd', '-2 m', '1/0 m', '99999999999999 m'])('%s is none', (text) => {
    expect(parseRoll(text, 'in').ok).toBe(false);
  });
});
