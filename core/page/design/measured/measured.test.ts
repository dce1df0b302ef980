import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { overlaps } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import type { MeasuredDesign } from '../../../stock/things';
import { coverOf, DESIGNS, designOf, layOut } from '..';
import { designFrom } from './designFrom';
import { measuredFrom } from './measuredFrom';
import { readDesign } from './readDesign';
import { writeDesign } from './writeDesign';

const read = (text: string) => {
  const found = readDesign(text, 'in');
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value;
};
const asDesign = (text: string): MeasuredDesign => ({ id: 'own', name: 'A guide', ...read(text).design });
const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const single = { ...size(12, 12), spread: false };
const photo = (w: number, h: number) => ({ photo: null, ...size(w, h) });

const GUIDE = `page 12 x 12
ground 12 x 12
strip 12 x 3, 1 1/4 up from the foot
photo 4 x 6, 2 from the left, 3 down from the head
title 5 x 1, at the foot, 1/2 from the left`;

describe('a guide in words', () => {
  test.each([
    ['strip 12 x 3, 1 1/4 up from the foot', { name: 'strip', x: 0, y: inches(7.75), ...size(12, 3) }],
    ['strip 12 x 3, 1 1/4 in from the bottom', { y: inches(7.75) }],
    ['box 2 by 2, 1/2 from the right edge and at the head', { x: inches(9.5), y: 0 }],
    ['box 2x2, in the middle', { x: inches(5), y: inches(5) }],
    ['box 2½ x 2, 1¼ up from the foot', { ...size(2.5, 2), y: inches(8.75) }],
    ['box 2 x 2, in the bottom right corner', { x: inches(10), y: inches(10) }],
    ['box 50mm x 50mm, 25 mm from the left', { x: 25 * 320, w: 50 * 320 }],
    ['box 2 x 2, turned 2 degrees left', { turn: -2 }],
    ['circle 3, at the left', { ...size(3, 3), x: 0, shape: { kind: 'circle', d: inches(3) } }],
    [
      'banner 1 1/4 x 7, at the head, dovetail 3/4',
      { shape: { kind: 'banner', end: 'dovetail', depth: inches(0.75), ...size(1.25, 7) } },
    ],
    ['pocket 4 x 3, flaps of 1/2', { shape: { kind: 'pocket', flap: inches(0.5), ...size(4, 3) } }],
    ['photo 4 x 6, no mat', { name: 'photo', isBare: true }],
  ] as const)('%s', (line, layer) => {
    expect(read(line).design.layers[0]).toMatchObject(layer);
  });

  test('a vague measure is taken, and told', () => {
    const { design, vague } = read('strip 12 x 3, about 1 1/4 up from the foot');
    expect(design.layers[0]!.y).toBe(inches(7.75));
    expect(vague).toEqual([{ line: 1, text: '1 1/4' }]);
  });

  test.each([
    ['strip across the page', 1, 'no-size'],
    ['box 0 x 3', 1, 'bad-size'],
    ['box 3 x 3, beside the photo', 1, 'not-understood'],
    ['box 3 x 3, 1/0 from the left', 1, 'bad-length'],
    ['box 3 x 3, 13 from the left', 1, 'off-page'],
    ['ground 12 x 12\npage 8 x 8', 2, 'page-not-first'],
    ['box 3 x 3, 1 from the left, 2 from the right', 1, 'twice'],
    ['box 3 x 3, at the head\ntitle 5 x 1\ntitle 4 x 1', 3, 'twice'],
    ['', 1, 'nothing'],
    ['page 12 x 12\n\n# a remark', 1, 'nothing'],
  ])('%j: line %i, %s', (text, line, kind) => {
    expect(readDesign(text, 'in')).toMatchObject({ ok: false, error: { lines: [{ line, kind }] } });
  });

  test('every wrong line is told', () => {
    expect(readDesign('a\nb 1 x 1\nc 1 x 1, d', 'in').error!.lines.map(({ line }) => line)).toEqual([1, 3]);
  });
});

const sixteenths = (most: number) => fc.integer({ min: 1, max: most * 16 }).map((n) => (n * inches(1)) / 16);
const anyLayer = fc.record({
  name: fc.constantFrom('ground', 'strip', 'box', 'photo'),
  x: sixteenths(6),
  y: sixteenths(6),
  w: sixteenths(6),
  h: sixteenths(6),
  turn: fc.integer({ min: -9, max: 9 }),
});
const anyDesign = fc.record({
  page: fc.constantFrom(single, { ...size(8.5, 11), spread: true }),
  layers: fc.array(anyLayer, { minLength: 1, maxLength: 8 }),
  title: fc.constant(null),
  journaling: fc.constant(null),
});

test('what is written is read again as it was', () =>
  fc.assert(
    fc.property(anyDesign, (design) => {
      expect(read(writeDesign(design, 'in')).design).toEqual(design);
    }),
  ));

test.each(DESIGNS.map(({ id }) => [id]))('%s, kept as a design of hers, lays the same page out', (id) => {
  for (const format of [single, { ...single, spread: true }]) {
    const input = { format, photos: [photo(4, 6)], mat: inches(1 / 8) };
    const own = layOut(designOf(id)!, input);
    if (!own.ok) throw new Error(own.error.kind);
    const again = layOut(designFrom({ id: 'x', name: 'x', ...measuredFrom(own.value, format) }), input);
    if (!again.ok) throw new Error(again.error.kind);
    const bare = (layers: readonly { x: number; y: number; w: number; h: number; turn: number; role: string }[]) =>
      layers
        .map(({ x, y, w, h, turn, role }) => JSON.stringify({ x, y, w, h, turn, isPhoto: role === 'photo' }))
        .sort();
    expect(bare(again.value.layers)).toEqual(bare(own.value.layers));
  }
});

test('a circle and a turned strip over the gutter are two pieces, one a page; kept again they are whole', () => {
  const spread = { ...size(12, 12), spread: true };
  const told = asDesign(
    'page 12 x 12, spread\ncircle 3, 10 in from the left, 4 in from the head\nstrip 6 x 1, 9 in from the left, 8 in from the head, turned 4',
  );
  const laid = layOut(designFrom(told), { format: spread, photos: [], mat: 0 }).value!;
  expect(laid.layers.map(({ id, shape }) => [id, shape?.kind])).toEqual([
    ['circle-1', 'part'],
    ['strip-1', 'part'],
    ['right-circle-1', 'part'],
    ['right-strip-1', 'part'],
  ]);
  const [circle, strip, rightCircle, rightStrip] = laid.layers;
  expect(circle).toMatchObject({ x: inches(10), y: inches(4), ...size(2, 3) });
  expect(rightCircle).toMatchObject({ x: inches(12), w: inches(1) });
  expect(strip!.w + rightStrip!.w).toBeGreaterThan(inches(6));
  expect([strip!.turn, rightStrip!.turn]).toEqual([4, 4]);
  expect(measuredFrom(laid, spread).layers).toEqual(told.layers);
  // Not all of a piece with an arc is paper, but some of it is.
  expect(coverOf({ ...laid, layers: [circle!] })).toHaveLength(1);
});

describe('a measured design laid out', () => {
  const design = designFrom(asDesign(GUIDE));
  const lay = (photos: ReturnType<typeof photo>[], format = single) =>
    layOut(design, { format, photos, mat: inches(1 / 8) });

  test('on its own page lies as measured, the photo on its mat', () => {
    const laid = lay([photo(4, 6)]);
    expect(laid.value!.layers.map(({ role, x, y }) => [role, x, y])).toEqual([
      ['ground', 0, 0],
      ['strip', 0, inches(7.75)],
      ['mat', inches(1.875), inches(2.875)],
      ['photo', inches(2), inches(3)],
    ]);
    expect(laid.value!.title).toEqual({ x: inches(0.5), y: inches(11), ...size(5, 1) });
  });
  test('shows what is covered before anything is cut: the photo hides part of the strip', () => {
    const strip = coverOf(lay([photo(4, 6)]).value!).find(({ id }) => id === 'strip-1')!;
    // The mat goes from 2 7/8 to 9 1/8 down, the strip begins 7 3/4 down: 1 3/8 x 4 1/4 of it is hidden.
    expect(strip.hidden).toBe(inches(1.375) * inches(4.25));
  });
  test('is reworked for more photos, and says by how much they are too many', () => {
    const two = lay([photo(4, 6), photo(4, 4)]);
    expect(two.value!.layers.filter(({ role }) => role === 'photo').map(({ photo: n }) => n)).toEqual([0, 1]);
    expect(lay([photo(4, 6), photo(5, 7), photo(4, 6), photo(5, 7)])).toMatchObject({
      ok: false,
      error: { kind: 'photos-too-many', room: size(12, 12) },
    });
  });
  test('on a page half as large is half as large, and refuses the photo it cannot take', () => {
    const laid = lay([photo(2, 3)], { ...size(6, 6), spread: false });
    expect(laid.value!.layers.find(({ role }) => role === 'strip')).toMatchObject({
      y: inches(3.875),
      ...size(6, 1.5),
    });
    expect(lay([photo(7, 5)], { ...size(6, 6), spread: false })).toMatchObject({
      ok: false,
      error: { kind: 'photo-too-large', photo: 0 },
    });
  });
});

describe('photos that are not as the guide has them', () => {
  const PLACES = `page 12 x 12
ground 12 x 12
photo 4 x 6, 1 from the left, 3 from the head
photo 4 x 6, 1 from the right, 3 from the head`;
  const laid = (guide: string, photos: readonly { photo: null; w: number; h: number }[]) => {
    const layout = layOut(designFrom(asDesign(guide)), { format: single, photos, mat: inches(1 / 8) });
    if (!layout.ok) throw new Error(JSON.stringify(layout.error));
    return layout.value;
  };
  const of = (guide: string, photos: readonly { photo: null; w: number; h: number }[], role: string) =>
    laid(guide, photos)
      .layers.filter((layer) => layer.role === role)
      .map(({ x, y, w, h }) => ({ x, y, w, h }));

  test('of fewer, the place that is left becomes a card, of a paper of its own', () => {
    const photos = [photo(4, 6)];
    expect(of(PLACES, photos, 'card')).toEqual([{ x: inches(7), y: inches(3), ...size(4, 6) }]);
    expect(laid(PLACES, photos).slots.map(({ id }) => id)).toContain('place-card');
    expect(laid(PLACES, [photo(4, 6), photo(4, 6)]).slots.map(({ id }) => id)).not.toContain('place-card');
  });
  test('of more, two of 4x3 tile a place of 4x6 exactly, on one mat', () => {
    const photos = [photo(4, 6), photo(4, 3), photo(4, 3)];
    expect(of(PLACES, photos, 'photo')).toEqual([
      { x: inches(1), y: inches(3), ...size(4, 6) },
      { x: inches(7), y: inches(3), ...size(4, 3) },
      { x: inches(7), y: inches(6), ...size(4, 3) },
    ]);
    expect(of(PLACES, photos, 'mat').map(({ w, h }) => [w, h])).toEqual([
      [inches(4.25), inches(6.25)],
      [inches(4.25), inches(6.25)],
    ]);
  });
  test('a lying one takes the head of an upright place, a card the rest', () => {
    const photos = [photo(4, 3), photo(4, 6)];
    expect(of(PLACES, photos, 'photo')).toContainEqual({ x: inches(1), y: inches(3), ...size(4, 3) });
    expect(of(PLACES, photos, 'card')).toEqual([{ x: inches(1), y: inches(6.125), ...size(4, 2.875) }]);
  });
  test('whatever the photos, each lies once, in the order of the list, and none over another', () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(photo(4, 6), photo(4, 3), photo(3, 4), photo(2, 2), photo(6, 4)), {
          minLength: 1,
          maxLength: 5,
        }),
        (photos) => {
          const layout = layOut(designFrom(asDesign(PLACES)), { format: single, photos, mat: inches(1 / 8) });
          if (!layout.ok) return;
          const own = layout.value.layers.filter(({ role }) => role === 'photo' || role === 'card');
          expect(own.flatMap(({ photo: i }) => (i === null ? [] : [i])).sort()).toEqual(photos.map((_, i) => i));
          own.forEach((one, i) => expect(own.slice(i + 1).some((other) => overlaps(one, other))).toBe(false));
        },
      ),
    ));
});
