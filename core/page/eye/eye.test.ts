import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { hexToLab } from '../../ground/colour';
import { inches } from '../../ground/length';
import { centreOfWeight, remarksOn, type Eyed, type Remark, type Sheet } from '.';

const SIDE = inches(12);
let count = 0;
/** A thing told in inches. */
const thing = (role: Eyed['role'], [x, y, w, h]: readonly number[], more: Partial<Eyed> = {}): Eyed => ({
  id: `t${++count}`,
  role,
  ...{ x: inches(x!), y: inches(y!), w: inches(w!), h: inches(h!) },
  colour: null,
  busy: 0,
  raised: false,
  motif: null,
  faces: null,
  subject: null,
  words: [],
  ...more,
});
const sheet = (...things: Eyed[]): Sheet => ({ w: SIDE, h: SIDE, things });
const kinds = (of: Sheet, avoid: string[] = []): string[] => remarksOn(of, avoid).map(({ kind }) => kind);
const only = (of: Sheet, kind: Remark['kind'], avoid: string[] = []): Remark[] =>
  remarksOn(of, avoid).filter((remark) => remark.kind === kind);
const photo = thing('photo', [4, 4, 4, 4]);
const dot = (x: number, y: number, more: Partial<Eyed> = {}): Eyed =>
  thing('accent', [x - 0.5, y - 0.5, 1, 1], { motif: 'dot', ...more });

describe('triangles of a repeated accent', () => {
  test('three round the photo are right, three at one side are not', () => {
    expect(only(sheet(photo, dot(2, 2), dot(10, 3), dot(5, 11)), 'triangle')).toEqual([]);
    expect(only(sheet(photo, dot(1, 1), dot(2, 6), dot(1, 11)), 'triangle')).toHaveLength(1);
  });
  test('the photo on an edge counts as inside; a small triangle does not count', () => {
    expect(only(sheet(photo, dot(1, 6), dot(11, 6), dot(6, 11)), 'triangle')).toEqual([]);
    const small = sheet(thing('photo', [5, 5, 2, 2]), dot(5, 5), dot(7, 5), dot(6, 8));
    expect(only(small, 'triangle')).toHaveLength(1);
  });
  test('one more where it is told makes it right', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 2, max: 46 }), fc.integer({ min: 2, max: 46 })), {
          minLength: 2,
          maxLength: 5,
        }),
        (at) => {
          const before = sheet(photo, ...at.map(([x, y]) => dot(x / 4, y / 4)));
          const [remark] = only(before, 'triangle');
          if (!remark?.at) return;
          expect(remark.at.x).toBeGreaterThanOrEqual(0);
          expect(remark.at.x).toBeLessThanOrEqual(SIDE);
          const more = dot(remark.at.x / inches(1), remark.at.y / inches(1));
          expect(only({ ...before, things: [...before.things, more] }, 'triangle')).toEqual([]);
        },
      ),
    ));
  test('where it is told that none will do, none of a fine net of places does', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 2, max: 46 }), fc.integer({ min: 2, max: 46 })), {
          minLength: 2,
          maxLength: 3,
        }),
        (at) => {
          const before = sheet(photo, ...at.map(([x, y]) => dot(x / 4, y / 4)));
          const [remark] = only(before, 'triangle');
          if (!remark || remark.at !== null) return;
          for (let x = 0; x <= 12; x += 0.75)
            for (let y = 0; y <= 12; y += 0.75)
              expect(only({ ...before, things: [...before.things, dot(x, y)] }, 'triangle')).toHaveLength(1);
        },
      ),
      { numRuns: 40 },
    ));
});

test('two and four of a motif are told, three and five are not; one raised thing alone is', () => {
  const dots = (n: number) => sheet(...Array.from({ length: n }, (_, i) => dot(1 + 2 * i, 2)));
  expect([1, 2, 3, 4, 5].map((n) => only(dots(n), 'even').length)).toEqual([0, 1, 0, 1, 0]);
  expect(only(sheet(photo, dot(2, 2, { raised: true })), 'lone-raised')).toHaveLength(1);
  expect(only(sheet(dot(9, 9, { raised: true }), dot(2, 2, { raised: true })), 'lone-raised')).toEqual([]);
});

test('a colour that comes once is told, one that comes again or is hardly one is not', () => {
  const of = (...colours: string[]) =>
    only(
      sheet(...colours.map((colour, i) => thing('layer', [i, 1, 1, 1], { colour: hexToLab(colour) }))),
      'lone-colour',
    ).length;
  expect(of('#c22a22', '#f3ead6')).toBe(1);
  expect(of('#c22a22', '#c22a22')).toBe(0);
  expect(of('#8a8a8a', '#f3ead6')).toBe(0);
  expect(of('#c22a22')).toBe(0);
});

test('what looks off the page lies in an outer third, its edge not counted', () => {
  const faces = (x: number, way: 'left' | 'right') =>
    only(sheet(thing('photo', [x - 1, 1, 2, 2], { faces: way })), 'looks-off').length;
  expect([faces(3.9, 'left'), faces(4, 'left'), faces(8.1, 'right'), faces(8, 'right'), faces(2, 'right')]).toEqual([
    1, 0, 1, 0, 0,
  ]);
});

test('a subject is covered by what lies above it and over it, not by what touches it or lies below', () => {
  const subject = { x: inches(5), y: inches(5), w: inches(1), h: inches(1) };
  const face = thing('photo', [4, 4, 4, 4], { subject });
  expect(only(sheet(face, thing('accent', [5.5, 5.5, 2, 2])), 'covered')).toMatchObject([
    { things: [face.id, expect.anything()] },
  ]);
  expect(only(sheet(face, thing('accent', [6, 5, 1, 1])), 'covered')).toEqual([]);
  expect(only(sheet(thing('accent', [5, 5, 1, 1]), face), 'covered')).toEqual([]);
});

test.each([
  ['Night shift', ['shift'], ['shift']],
  ['NIGHT SHIFT!', ['Shift'], ['Shift']],
  ['shifts', ['shift'], []],
  ['shift2', ['shift'], []],
  ['été', ['ete'], []],
  ['L’ÉTÉ', ['été'], ['été']],
  ['day by day', ['day', 'by'], ['day', 'by']],
])('off the theme: %s against %j', (words, avoid, found) => {
  expect(
    only(sheet(thing('words', [1, 1, 2, 1], { words: [words] })), 'off-theme', avoid).map(({ word }) => word),
  ).toEqual(found);
});
test('words wholly under something are not told', () => {
  const words = thing('words', [1, 1, 2, 1], { words: ['shift'] });
  expect(only(sheet(words, thing('layer', [1, 1, 2, 1])), 'off-theme', ['shift'])).toEqual([]);
  expect(only(sheet(words, thing('layer', [1, 1, 1.9, 1])), 'off-theme', ['shift'])).toHaveLength(1);
});

test.each([
  [1, []],
  [1 + 1 / 64, []],
  [1 + 1 / 32, ['x']],
  [1.2, ['x']],
  [1.25, []],
])('margins: the left one of %d in beside 1 in less', (x, axes) => {
  // The right margin is what is left of twelve: the two differ by twice what the block is off.
  expect(only(sheet(thing('layer', [x, 1, 10, 10])), 'margins').map(({ axis }) => axis)).toEqual(axes);
});

test('edges an eighth apart or meeting are no remark, nearer ones are, told once', () => {
  const beside = (gap: number) =>
    only(sheet(thing('layer', [1, 1, 3, 3]), thing('layer', [4 + gap, 1, 3, 3])), 'near-edges').length;
  expect([0, 1 / 16, 1 / 8].map(beside)).toEqual([0, 1, 0]);
  const corner = sheet(thing('layer', [1, 1, 3, 3]), thing('layer', [4.05, 3.6, 3, 3]));
  expect(only(corner, 'near-edges')).toEqual([]);
});

describe('laws of weight', () => {
  const anyThings = fc.array(
    fc
      .tuple(
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 1, max: 8 }),
        fc.boolean(),
      )
      .map(([x, y, s, raised]) => thing('layer', [x / 4, y / 4, s / 4, s / 4], { raised })),
    { minLength: 1, maxLength: 8 },
  );
  test('a page mirrored is judged mirrored', () =>
    fc.assert(
      fc.property(anyThings, (things) => {
        const page = sheet(...things);
        const mirrored = sheet(...things.map((one) => ({ ...one, x: SIDE - one.x - one.w })));
        expect(centreOfWeight(mirrored)!.x).toBeCloseTo(SIDE - centreOfWeight(page)!.x, 3);
        expect(kinds(mirrored).sort()).toEqual(kinds(page).sort());
      }),
    ));
  test('more weight where it is asked for brings the centre nearer', () =>
    fc.assert(
      fc.property(anyThings, (things) => {
        const page = sheet(...things);
        const [remark] = only(page, 'weight');
        if (!remark?.to) return;
        const at = { left: [0, 6], right: [11.875, 6], head: [6, 0], foot: [6, 11.875] }[remark.to];
        const more = sheet(...things, thing('layer', [...at, 1 / 8, 1 / 8]));
        const off = (of: Sheet): number => Math.abs(centreOfWeight(of)![remark.axis!] - SIDE / 2);
        expect(off(more)).toBeLessThan(off(page));
      }),
    ));
});

test('an empty page has no weight and no remark', () => {
  expect(centreOfWeight(sheet(thing('ground', [0, 0, 12, 12])))).toBeNull();
  expect(kinds(sheet())).toEqual([]);
});
