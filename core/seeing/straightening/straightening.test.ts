import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { lensOf, sizeBetween, straighten, type Corners, type Dots } from '.';

const corner = (x: number, y: number) =>
  fc.record({ x: fc.integer({ min: x - 14, max: x + 14 }), y: fc.integer({ min: y - 14, max: y + 14 }) });
/** Corners of a paper photographed at a slant. */
const corners: fc.Arbitrary<Corners> = fc.tuple(corner(20, 20), corner(100, 20), corner(100, 100), corner(20, 100));

/** A board of four by four fields, seen through the corners: light outside, the fields black and white. */
function pictured(around: Corners): Dots {
  const [width, height] = [120, 120];
  const data = new Uint8ClampedArray(width * height * 4).fill(200);
  const lens = lensOf(around).value!;
  for (let i = 0; i < 800; i++)
    for (let j = 0; j < 800; j++) {
      const { x, y } = lens((i + 0.5) / 800, (j + 0.5) / 800);
      const at = 4 * (Math.floor(y) * width + Math.floor(x));
      const ink = (Math.floor(i / 200) + Math.floor(j / 200)) % 2 === 0 ? 0 : 255;
      data.set([ink, ink, ink, 255], at);
    }
  return { data, width, height };
}

test('corners go to corners, and straight lines stay straight', () =>
  fc.assert(
    fc.property(corners, (around) => {
      const lens = lensOf(around).value!;
      for (const [i, [u, v]] of (
        [
          [0, 0],
          [1, 0],
          [1, 1],
          [0, 1],
        ] as const
      ).entries()) {
        expect(lens(u, v).x).toBeCloseTo(around[i]!.x, 6);
        expect(lens(u, v).y).toBeCloseTo(around[i]!.y, 6);
      }
      const [a, b, c] = [lens(0.1, 0.2), lens(0.4, 0.5), lens(0.8, 0.9)];
      expect((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)).toBeCloseTo(0, 6);
    }),
  ));

test('a board photographed at a slant comes out with its fields', () =>
  fc.assert(
    fc.property(corners, (around) => {
      const straight = straighten(pictured(around), around, { w: 64, h: 64 }).value!;
      for (let field = 0; field < 16; field++) {
        const [i, j] = [field % 4, Math.floor(field / 4)];
        const middle = straight.data[4 * ((16 * j + 8) * 64 + 16 * i + 8)]!;
        expect(middle).toBe((i + j) % 2 === 0 ? 0 : 255);
      }
    }),
    { numRuns: 20 },
  ));

test('a paper seen straight is only cut out: nothing is lost or moved', () => {
  const data = Uint8ClampedArray.from({ length: 10 * 8 * 4 }, (_, i) => (i * 7) % 256);
  const straight = straighten(
    { data, width: 10, height: 8 },
    [
      { x: 2, y: 1 },
      { x: 8, y: 1 },
      { x: 8, y: 6 },
      { x: 2, y: 6 },
    ],
    { w: 6, h: 5 },
  ).value!;
  for (let row = 0; row < 5; row++)
    for (let column = 0; column < 6; column++)
      for (let c = 0; c < 4; c++)
        expect(straight.data[4 * (row * 6 + column) + c]).toBe(data[4 * ((row + 1) * 10 + column + 2) + c]);
});

test('its size is that of its edges', () => {
  expect(
    sizeBetween([
      { x: 0, y: 0 },
      { x: 30, y: 0 },
      { x: 30, y: 40 },
      { x: 0, y: 40 },
    ]),
  ).toEqual({ w: 30, h: 40 });
});

describe('what is no paper is refused', () => {
  test.each<[string, Corners]>([
    [
      'corners crossed',
      [
        { x: 0, y: 0 },
        { x: 10, y: 10 },
        { x: 10, y: 0 },
        { x: 0, y: 10 },
      ],
    ],
    [
      'corners the wrong way round',
      [
        { x: 0, y: 0 },
        { x: 0, y: 10 },
        { x: 10, y: 10 },
        { x: 10, y: 0 },
      ],
    ],
    [
      'three in a line',
      [
        { x: 0, y: 0 },
        { x: 5, y: 0 },
        { x: 10, y: 0 },
        { x: 0, y: 10 },
      ],
    ],
    [
      'all in one place',
      [
        { x: 1, y: 1 },
        { x: 1, y: 1 },
        { x: 1, y: 1 },
        { x: 1, y: 1 },
      ],
    ],
  ])('%s', (_, around) => {
    expect(lensOf(around)).toMatchObject({ ok: false, error: { kind: 'not-four-sided' } });
  });
});
