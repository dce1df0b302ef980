import { differenceCiede2000 as culoriDifference, lab65, rgb } from 'culori';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  affinity,
  coverPalette,
  differenceCiede2000,
  familyOf,
  hexToLab,
  hexToRgb,
  mainColours,
  nearestWord,
  rgbToHex,
  type LabD65,
} from '.';

// Source: G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula: implementation notes, supplementary
// test data, and mathematical observations", Color Research and Application 30 (1), 2005, table 1.
const SHARMA: [number, number, number, number, number, number, number][] = [
  [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
  [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
  [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
  [50, -1.3802, -84.2814, 50, 0, -82.7485, 1],
  [50, -1.1848, -84.8006, 50, 0, -82.7485, 1],
  [50, -0.9009, -85.5211, 50, 0, -82.7485, 1],
  [50, 0, 0, 50, -1, 2, 2.3669],
  [50, -1, 2, 50, 0, 0, 2.3669],
  [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
  [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
  [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
  [50, 2.5, 0, 50, 0, -2.5, 4.3065],
  [50, 2.5, 0, 73, 25, -18, 27.1492],
  [50, 2.5, 0, 61, -5, 29, 22.8977],
  [50, 2.5, 0, 56, -27, -3, 31.903],
  [50, 2.5, 0, 58, 24, 15, 19.4535],
  [50, 2.5, 0, 50, 3.1736, 0.5854, 1],
  [50, 2.5, 0, 50, 3.2972, 0, 1],
  [50, 2.5, 0, 50, 1.8634, 0.5757, 1],
  [50, 2.5, 0, 50, 3.2592, 0.335, 1],
  [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
  [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
  [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
  [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
  [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
  [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
  [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
  [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
  [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
  [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
];

const lab = (l: number, a: number, b: number): LabD65 => ({ l, a, b });

test.each(SHARMA)('published pair (%d, %d, %d) and (%d, %d, %d) differ by %d', (l1, a1, b1, l2, a2, b2, expected) => {
  expect(differenceCiede2000(lab(l1, a1, b1), lab(l2, a2, b2))).toBeCloseTo(expected, 4);
  expect(differenceCiede2000(lab(l2, a2, b2), lab(l1, a1, b1))).toBeCloseTo(expected, 4);
});

const channel = fc.double({ min: -100, max: 100, noNaN: true });
const anyLab = fc.record({ l: fc.double({ min: 0, max: 100, noNaN: true }), a: channel, b: channel });

test('agrees with an independent library on any two colours', () => {
  const other = culoriDifference();
  fc.assert(
    fc.property(anyLab, anyLab, (one, two) => {
      expect(differenceCiede2000(one, two)).toBeCloseTo(other({ mode: 'lab65', ...one }, { mode: 'lab65', ...two }), 6);
    }),
  );
});

test('sRGB (IEC 61966-2-1) to CIELAB agrees with an independent library on any colour', () => {
  const byte = fc.integer({ min: 0, max: 255 });
  fc.assert(
    fc.property(byte, byte, byte, (r, g, b) => {
      const other = lab65(rgb({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 }))!;
      const own = hexToLab(rgbToHex({ r, g, b }));
      expect(own.l).toBeCloseTo(other.l, 3);
      expect(own.a).toBeCloseTo(other.a, 2);
      expect(own.b).toBeCloseTo(other.b, 2);
    }),
  );
});

test('white has L* 100, black 0, both grey', () => {
  expect(hexToLab('#fff').l).toBeCloseTo(100, 6);
  expect(hexToLab('#ffffff').a).toBeCloseTo(0, 3);
  expect(hexToLab('#000').l).toBe(0);
});

test('hex text is read in both lengths and cases', () => {
  expect(hexToRgb('#AbC')).toEqual(hexToRgb('#aabbcc'));
  expect(() => hexToRgb('ink')).toThrow(RangeError);
});

test('each target takes the nearest colour of any item', () => {
  const { matches, covered } = coverPalette(
    ['#e86a4a', '#f7c6c7'],
    [
      { id: 'moths', colors: [{ hex: '#1b2a49' }, { hex: '#f4d35e' }] },
      { id: 'foxglove', colors: [{ hex: '#f2b8bd' }] },
    ],
    12,
  );
  expect(matches.map(({ item }) => item)).toEqual(['foxglove', 'foxglove']);
  expect(matches[1]!.difference).toBeCloseTo(3.7764, 4);
  expect(covered).toBe(0.5);
});

describe('main colours of a picture', () => {
  const picture = (parts: [number, number, number, number][]): Uint8ClampedArray =>
    new Uint8ClampedArray(parts.flatMap(([n, r, g, b]) => Array.from({ length: n }, () => [r, g, b, 255]).flat()));

  test('come with their shares, the largest first', () => {
    const found = mainColours(
      picture([
        [700, 20, 30, 80],
        [200, 240, 200, 90],
        [100, 200, 60, 60],
      ]),
    );
    expect(found.map(({ hex }) => hex)).toEqual(['#141e50', '#f0c85a', '#c83c3c']);
    expect(found.map(({ share }) => share)).toEqual([0.7, 0.2, 0.1]);
  });

  test('transparent pixels do not count, and no pixels give no colours', () => {
    expect(mainColours(new Uint8ClampedArray([1, 2, 3, 0]))).toEqual([]);
    expect(mainColours(new Uint8ClampedArray())).toEqual([]);
  });
});

test("papers in the photo's colours are nearer than strangers", () => {
  const night = [
    { hex: '#1b2a49', share: 0.8 },
    { hex: '#f4d35e', share: 0.2 },
  ];
  expect(affinity(night, [{ hex: '#22314f', share: 1 }])).toBeLessThan(affinity(night, [{ hex: '#e6a7be', share: 1 }]));
  expect(affinity([], night)).toBe(Infinity);
});

test('a colour is called by its nearest word', () => {
  expect(nearestWord('#22314f')).toBe('ink');
  expect(nearestWord('#efa53a')).toBe('amber');
});

test.each([
  ['#22314f', 'blues'],
  ['#171c36', 'blues'],
  ['#d98bb0', 'pinks'],
  ['#b23a3f', 'pinks'],
  ['#eda437', 'ambers'],
  ['#b9633f', 'ambers'],
  ['#8aa45c', 'greens'],
  ['#a5c8b4', 'greens'],
  ['#b9b4aa', 'neutrals'],
  ['#6d4a86', 'violets'],
] as const)('%s is of the %s', (hex, family) => expect(familyOf(hex)).toBe(family));
