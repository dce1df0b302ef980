import { describe, expect, test } from 'vitest';
import { contains, overlaps } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { coverOf, designOf, layOut, type DesignInput, type Layout } from '..';
import { cutListOf, shapedPieces } from '../../cutlist';

const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const photo = (w: number, h: number) => ({ photo: null, ...size(w, h) });
const single = { ...size(12, 12), spread: false };
const spread = { ...size(12, 12), spread: true };
const lay = (
  id: string,
  photos: DesignInput['photos'],
  options: Record<string, string> = {},
  format: DesignInput['format'] = single,
): Layout => {
  const laid = layOut(designOf(id)!, { format, photos, mat: inches(1 / 8), options });
  if (!laid.ok) throw new Error(JSON.stringify(laid.error));
  return laid.value;
};
const of = ({ layers }: Layout, slot: string) => layers.filter((layer) => layer.slot === slot);
const photosOf = ({ layers }: Layout) => layers.filter(({ role }) => role === 'photo');

// The figures below are common practice of the trade, without a source.

describe('strip bands', () => {
  test.each([
    ['3', 4],
    ['4', 3],
    ['6', 2],
  ])('%s strips from a sheet are %i in high', (strips, high) => {
    expect(of(lay('strip-bands', [photo(4, 6)], { strips }), 'upper')[0]).toMatchObject(size(12, high));
  });
  test('make do without a band that is missing', () => {
    const only = lay('strip-bands', [photo(4, 6)], { bands: 'lower' });
    expect([of(only, 'upper').length, of(only, 'lower').length]).toEqual([0, 1]);
  });
});

describe('photo block', () => {
  test.each([
    ['round', 4],
    ['head-foot', 2],
    ['sides', 2],
    ['none', 0],
  ])('borders %s: %i strips of 1 1/4 in', (borders, n) => {
    const strips = of(lay('photo-block', [photo(4, 6)], { borders }), 'border');
    expect(strips).toHaveLength(n);
    expect(strips.every(({ w, h }) => Math.min(w, h) === inches(1.25))).toBe(true);
  });
  test('the panel goes 1/4 in round the mats', () => {
    const layout = lay('photo-block', [photo(3, 4), photo(3, 4)]);
    const panel = of(layout, 'panel')[0]!;
    expect(of(layout, 'mat').every((mat) => contains(panel, mat))).toBe(true);
    expect(of(layout, 'mat')[0]!.x - panel.x).toBe(inches(0.25));
  });
  test('borders grow narrower where the photos need the room', () => {
    expect(of(lay('photo-block', [photo(6, 4), photo(4, 3)]), 'border')[0]!.h).toBeLessThan(inches(1.25));
  });
});

describe('banners', () => {
  test('three to five of unequal length, 6 to 9 in long, from the head, their ends cut', () => {
    for (const count of ['3', '4', '5']) {
      const hanging = lay('banners', [photo(4, 6)], { count }).layers.filter(({ role }) => role === 'banner');
      expect(hanging).toHaveLength(Number(count));
      expect(new Set(hanging.map(({ h }) => h)).size).toBe(Number(count));
      for (const { y, h, shape } of hanging) {
        expect(y).toBe(0);
        expect(h >= inches(6) && h <= inches(9)).toBe(true);
        expect(shape).toMatchObject({ kind: 'banner', end: 'dovetail' });
      }
    }
  });
});

describe('grid', () => {
  test('a 4x6 photo takes four of nine squares, five are left for papers', () => {
    const layout = lay('grid', [photo(4, 6)]);
    const squares = layout.layers.filter(({ role }) => role === 'box');
    expect(squares).toHaveLength(5);
    expect(new Set(squares.map(({ w, h }) => `${w} ${h}`)).size).toBe(1);
    expect(Math.abs(squares[0]!.w - squares[0]!.h)).toBeLessThanOrEqual(inches(0.25));
  });
  test('squares and photos keep clear of each other, and photos that are too many are told', () => {
    const layout = lay('grid', [photo(3, 4), photo(3, 3)]);
    const parts = layout.layers.filter(({ role }) => role === 'box' || role === 'panel');
    expect(parts.every((part, i) => parts.every((other, j) => j <= i || !overlaps(part, other)))).toBe(true);
    expect(
      layOut(designOf('grid')!, {
        format: single,
        photos: [photo(4, 6), photo(6, 4), photo(4, 6), photo(4, 6)],
        mat: 0,
      }),
    ).toMatchObject({ ok: false, error: { kind: 'photos-too-many' } });
  });
});

test('L shape: one portrait and one landscape photo in the corner of two strips', () => {
  for (const corner of ['left', 'right']) {
    const layout = lay('l-shape', [photo(4, 6), photo(6, 4)], { corner });
    const [upright, across] = [of(layout, 'upright')[0]!, of(layout, 'across')[0]!];
    expect([upright.h, across.w]).toEqual([inches(12), inches(12)]);
    expect(upright.x < inches(6)).toBe(corner === 'left');
    expect(photosOf(layout).every((one) => one.y + one.h <= across.y)).toBe(true);
  }
});

describe('scrap patchwork', () => {
  test('patches lean outward round the photos, and each is small', () => {
    const patches = lay('scrap-patchwork', [photo(4, 6)]).layers.filter(({ role }) => role === 'box');
    expect(patches.length).toBeGreaterThan(8);
    expect(patches.some(({ turn }) => turn < 0) && patches.some(({ turn }) => turn > 0)).toBe(true);
    expect(patches.every(({ w, h }) => Math.max(w, h) <= inches(3))).toBe(true);
  });
  test('smaller ones are more', () => {
    const n = (patches: string): number => lay('scrap-patchwork', [photo(4, 6)], { patches }).layers.length;
    expect(n('small')).toBeGreaterThan(n('plain'));
  });
});

describe('circles', () => {
  const layout = lay('circles', [photo(4, 6)]);
  const round = layout.layers.filter(({ role }) => role === 'round');
  test('are punched sizes that do not overlap, and none lies under the photo', () => {
    expect(round.length).toBeGreaterThan(12);
    for (const [i, a] of round.entries()) {
      expect([2, 1.5, 1.25, 1, 5 / 8].map(inches)).toContain(a.w);
      for (const b of round.slice(i + 1))
        expect(Math.hypot(a.x + a.w / 2 - b.x - b.w / 2, a.y + a.h / 2 - b.y - b.h / 2)).toBeGreaterThanOrEqual(
          (a.w + b.w) / 2,
        );
      expect(
        photosOf(layout).some(
          (one) =>
            one.x < a.x + a.w / 2 &&
            a.x + a.w / 2 < one.x + one.w &&
            one.y < a.y + a.h / 2 &&
            a.y + a.h / 2 < one.y + one.h,
        ),
      ).toBe(false);
    }
  });
  test('are larger and denser at their corner than at the other', () => {
    const along = round.map(({ x, y, w }) => ({ t: (x + y) / inches(24), w }));
    const [near, far] = [along.filter(({ t }) => t < 0.5), along.filter(({ t }) => t >= 0.5)];
    const mean = (list: { w: number }[]): number => list.reduce((sum, { w }) => sum + w, 0) / list.length;
    expect(mean(near)).toBeGreaterThan(mean(far));
  });
  test('the ground below counts what circles hide', () => {
    const cover = coverOf(layout).find(({ id }) => id === 'ground-1')!;
    const circleArea = round.reduce((sum, { w }) => sum + (Math.PI * w ** 2) / 4, 0);
    expect(cover.hidden).toBeLessThanOrEqual((circleArea + inches(4.25) * inches(6.25)) * 1.01);
    expect(cover.hidden).toBeGreaterThan(circleArea * 0.5);
  });
});

test('half circles: 10 1/2 in across on 12 in pages, one half a page, straight edges together; two blanks make the circle', () => {
  const layout = lay('half-circles', [photo(4, 6), photo(4, 6)], {}, spread);
  const halves = of(layout, 'half');
  expect(halves.map(({ turn }) => turn)).toEqual([270, 90]);
  expect(cutListOf(layout, { id: 'p', papers: {} }).find(({ slot }) => slot === 'half')).toMatchObject({
    ...size(10.5, 5.25),
    count: 2,
  });
  expect(halves.map(({ x, w, h }) => x + w / 2 + (h / 2) * 0)).toEqual([inches(12 - 2.625), inches(12 + 2.625)]);
});

test('bordered rows: punched strips of 1 1/4 in with gaps, as many as she likes', () => {
  for (const rows of ['3', '4', '5', '6']) {
    const strips = lay('bordered-rows', [photo(4, 6)], { rows }).layers.filter(({ role }) => role === 'strip');
    expect(strips).toHaveLength(Number(rows));
    expect(strips.every(({ h, shape }) => h === inches(1.25) && shape?.kind === 'scallop-strip')).toBe(true);
    expect(strips.every((strip, i) => i === 0 || strip.y > strips[i - 1]!.y + strips[i - 1]!.h)).toBe(true);
  }
});

describe('wreath', () => {
  test("eight rounds at one distance from the photo's middle", () => {
    const layout = lay('wreath', [photo(4, 4)]);
    const middle = photosOf(layout)[0]!;
    const [cx, cy] = [middle.x + middle.w / 2, middle.y + middle.h / 2];
    const rounds = layout.layers.filter(({ role }) => role === 'round');
    expect(rounds).toHaveLength(8);
    const distances = rounds.map(({ x, y, w, h }) => Math.hypot(x + w / 2 - cx, y + h / 2 - cy));
    expect(Math.max(...distances) - Math.min(...distances)).toBeLessThan(4);
  });
  test('a photo that would hide the ring is told what would do', () => {
    const laid = layOut(designOf('wreath')!, { format: single, photos: [photo(8, 8)], mat: 0 });
    expect(laid).toMatchObject({ ok: false, error: { kind: 'photo-too-large', photo: 0 } });
    const room = laid.error!.room!;
    expect(layOut(designOf('wreath')!, { format: single, photos: [{ photo: null, ...room }], mat: 0 }).ok).toBe(true);
  });
});

describe('pocket page', () => {
  test('tags slide with 1/8 in of play, and stick out of the pocket', () => {
    for (const tags of ['1', '2', '3']) {
      const layout = lay('pocket', [photo(4, 6)], { tags });
      const [pocket] = of(layout, 'pocket');
      const inside = of(layout, 'tag');
      expect(inside).toHaveLength(Number(tags));
      expect(inside.reduce((sum, { w }) => sum + w, 0) + (inside.length + 1) * inches(1 / 8)).toBeLessThanOrEqual(
        pocket!.w,
      );
      expect(inside.every(({ y, h }) => y < pocket!.y && y + h <= pocket!.y + pocket!.h)).toBe(true);
    }
  });
  test('the pocket is cut with its flaps: wider and longer than it shows', () => {
    const layout = lay('pocket', [photo(4, 6)]);
    const [pocket] = of(layout, 'pocket');
    const piece = shapedPieces(layout, { id: 'p', papers: { pocket: 'moths' } }).find(({ slot }) => slot === 'pocket')!;
    expect(piece.drawn.blank).toEqual({ w: pocket!.w + inches(1), h: pocket!.h + inches(0.5) });
    expect(piece).toMatchObject({ count: 1, face: 'moths', name: 'Pocket' });
  });
});

describe('notebook spread', () => {
  const notebook = { ...size(4.5, 7.875), spread: true };
  test('the first photo fills the left page, three boxes face it', () => {
    const layout = lay('notebook-spread', [photo(4, 6)], {}, notebook);
    expect(photosOf(layout)).toHaveLength(1);
    expect(photosOf(layout)[0]!.x + inches(4)).toBeLessThanOrEqual(inches(4.5));
    expect(layout.layers.filter(({ role }) => role === 'box').every(({ x }) => x >= inches(4.5))).toBe(true);
  });
  test('a photo as large as the page lies on it without a mat', () => {
    const layout = lay('notebook-spread', [photo(4.5, 7.875)], {}, notebook);
    expect(of(layout, 'mat')).toEqual([]);
  });
});

test('framed ground: 1/4 to 1/2 in of the frame shows', () => {
  expect(of(lay('framed-ground', [photo(4, 6)], { rim: 'narrow' }), 'ground')[0]).toMatchObject(size(11.5, 11.5));
  expect(of(lay('framed-ground', [photo(4, 6)]), 'ground')[0]).toMatchObject(size(11, 11));
});

test('a banner covers down to its notch only: what it hides is surely hidden', () => {
  const layout = lay('banners', [photo(2, 2)], { count: '3' });
  const ground = coverOf(layout).find(({ id }) => id === 'ground-1')!;
  const banners = layout.layers.filter(({ role }) => role === 'banner');
  expect(ground.hidden).toBeLessThan(banners.reduce((sum, { w, h }) => sum + w * h, 0) + inches(2.25) ** 2);
});
