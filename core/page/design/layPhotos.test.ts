import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { contains, overlaps, type Size } from '../../ground/geometry';
import { inches } from '../../ground/length';
import type { DesignPhoto } from './design';
import { layPhotos } from './layPhotos';

const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const room = { x: inches(1), y: inches(1), ...size(10, 9) };
const margin = inches(1 / 8);
const photo = (w: number, h: number, mats: readonly number[] = [margin]) => ({ ...size(w, h), mats });
const anySize = fc.constantFrom(photo(4, 6), photo(6, 4), photo(3, 4), photo(4, 4), photo(2, 2), photo(5, 7));

describe('a block of matted photos', () => {
  test('lies in its room, nothing over anything, photos in order', () =>
    fc.assert(
      fc.property(fc.array(anySize, { minLength: 1, maxLength: 6 }), (photos) => {
        const block = layPhotos(room, photos, false);
        if (!block.ok) return;
        const mats = block.value.filter(({ role }) => role === 'mat');
        expect(block.value.filter(({ role }) => role === 'photo').map(({ photo }) => photo)).toEqual(
          photos.map((_, i) => i),
        );
        mats.forEach((mat, i) => {
          expect(contains(room, mat)).toBe(true);
          expect(mats.slice(i + 1).some((other) => overlaps(other, mat))).toBe(false);
        });
      }),
    ));

  test('is centred, to a tick', () =>
    fc.assert(
      fc.property(anySize, (one) => {
        const block = layPhotos(room, [one], false);
        if (!block.ok) return;
        const [mat] = block.value;
        expect(Math.abs(2 * (mat!.x - room.x) + mat!.w - room.w)).toBeLessThanOrEqual(1);
        expect(Math.abs(2 * (mat!.y - room.y) + mat!.h - room.h)).toBeLessThanOrEqual(1);
      }),
    ));

  test('two upright photos stand side by side, two lying ones one over the other', () => {
    const tops = (photos: DesignPhoto[]): number[] =>
      layPhotos(room, photos, false)
        .value!.filter(({ role }) => role === 'photo')
        .map(({ y }) => y);
    const [a, b] = tops([photo(4, 6), photo(4, 6)]);
    expect(a).toBe(b);
    const [c, d] = tops([photo(6, 4), photo(6, 4)]);
    expect(c).toBeLessThan(d!);
  });

  test('two lying photos and an upright one of 4x6 fit where no rows do: a stack beside the one', () => {
    const wide = { x: 0, y: 0, ...size(11, 9) };
    const tops = layPhotos(wide, [photo(6, 4), photo(4, 6), photo(6, 4)], false).value!.filter(
      ({ role }) => role === 'mat',
    );
    const right = Math.max(...tops.map(({ x, w }) => x + w)) - Math.min(...tops.map(({ x }) => x));
    const high = Math.max(...tops.map(({ y, h }) => y + h)) - Math.min(...tops.map(({ y }) => y));
    // Mats of 1/8 in, a gap of 1/4 in.
    expect([right, high]).toEqual([inches(10.75), inches(8.75)]);
  });

  test('a large one stands beside a stack of small ones, in order', () => {
    const photos = [photo(6, 8), photo(4, 3), photo(4, 3)];
    const laid = layPhotos({ x: 0, y: 0, ...size(11, 9) }, photos, false).value!.filter(({ role }) => role === 'photo');
    const [large, upper, lower] = laid;
    expect(large!.x).toBeLessThan(upper!.x);
    expect(upper!.y).toBeLessThan(lower!.y);
    expect(upper!.x).toBe(lower!.x);
  });

  test('what fits in rows and columns of any nesting is found: blocks made by dividing the room', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.boolean(), fc.nat(), fc.double({ min: 0.2, max: 0.8, noNaN: true })), { maxLength: 6 }),
        (cuts) => {
          const gap = inches(1 / 4);
          const parts: Size[] = [{ w: inches(11), h: inches(9) }];
          for (const [isAcross, at, share] of cuts) {
            const [part] = parts.splice(at % parts.length, 1);
            const long = isAcross ? part!.w : part!.h;
            const near = Math.floor((long - gap) * share);
            if (near < inches(1) || long - gap - near < inches(1)) parts.push(part!);
            else if (isAcross) parts.push({ ...part!, w: near }, { ...part!, w: long - gap - near });
            else parts.push({ ...part!, h: near }, { ...part!, h: long - gap - near });
          }
          const photos = parts.map((part): DesignPhoto => ({ ...part, mats: [] }));
          const block = layPhotos({ x: 0, y: 0, w: inches(11), h: inches(9) }, photos, false);
          expect(block.ok).toBe(true);
          const laid = block.value!.filter(({ role }) => role === 'photo');
          laid.forEach((one, i) => expect(laid.slice(i + 1).some((other) => overlaps(one, other))).toBe(false));
          expect(laid.map(({ photo: i, w, h }) => ({ i, w, h }))).toEqual(parts.map((part, i) => ({ i, ...part })));
        },
      ),
    ));

  test('where they may overlap, any of them that fit one by one find a place, each in its room', () =>
    fc.assert(
      fc.property(fc.array(anySize, { minLength: 1, maxLength: 8 }), (photos) => {
        const block = layPhotos(room, photos, true);
        expect(block.value!.filter(({ role }) => role === 'photo')).toHaveLength(photos.length);
        for (const layer of block.value!) expect(contains(room, layer)).toBe(true);
        const clear = layPhotos(room, photos, false);
        // What finds room beside each other is laid as if they might not.
        if (clear.ok) expect(block.value).toEqual(clear.value);
      }),
    ));

  test('a photo without a mat lies bare, one with two on both', () => {
    const roles = layPhotos(room, [photo(4, 4, []), photo(4, 4, [margin, 2 * margin])], false).value!;
    expect(roles.map(({ role, slot, matOf }) => [role, slot, matOf])).toEqual([
      ['photo', null, undefined],
      ['mat', 'outer-mat', 1],
      ['mat', 'mat', 1],
      ['photo', null, undefined],
    ]);
    expect(roles[1]!.w).toBe(inches(4) + 6 * margin);
  });

  test('what does not fit says by how much', () => {
    expect(layPhotos(room, [photo(4, 4), photo(10, 4)], false)).toMatchObject({
      ok: false,
      error: { kind: 'photo-too-large', photo: 1, needs: size(10.25, 4.25), room: size(10, 9) },
    });
    expect(
      layPhotos(
        room,
        Array.from({ length: 5 }, () => photo(5, 7)),
        false,
      ),
    ).toMatchObject({ ok: false, error: { kind: 'photos-too-many' } });
  });
});
