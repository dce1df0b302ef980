import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { contains, overlaps } from '../geometry';
import { inches } from '../length';
import { layPhotos } from './layPhotos';

const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const room = { x: inches(1), y: inches(1), ...size(10, 9) };
const margin = inches(1 / 8);
const anySize = fc.constantFrom(size(4, 6), size(6, 4), size(3, 4), size(4, 4), size(2, 2), size(5, 7));

describe('a block of matted photos', () => {
  test('lies in its room, nothing over anything, photos in order', () =>
    fc.assert(
      fc.property(fc.array(anySize, { minLength: 1, maxLength: 6 }), (photos) => {
        const block = layPhotos(room, photos, margin);
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
      fc.property(anySize, (photo) => {
        const block = layPhotos(room, [photo], margin);
        if (!block.ok) return;
        const [mat] = block.value;
        expect(Math.abs(2 * (mat!.x - room.x) + mat!.w - room.w)).toBeLessThanOrEqual(1);
        expect(Math.abs(2 * (mat!.y - room.y) + mat!.h - room.h)).toBeLessThanOrEqual(1);
      }),
    ));

  test('two upright photos stand side by side, two lying ones one over the other', () => {
    const tops = (photos: { w: number; h: number }[]): number[] =>
      layPhotos(room, photos, margin)
        .value!.filter(({ role }) => role === 'photo')
        .map(({ y }) => y);
    const [a, b] = tops([size(4, 6), size(4, 6)]);
    expect(a).toBe(b);
    const [c, d] = tops([size(6, 4), size(6, 4)]);
    expect(c).toBeLessThan(d!);
  });

  test('what does not fit says by how much', () => {
    expect(layPhotos(room, [size(4, 4), size(10, 4)], margin)).toMatchObject({
      ok: false,
      error: { kind: 'photo-too-large', photo: 1, needs: size(10.25, 4.25), room: size(10, 9) },
    });
    expect(
      layPhotos(
        room,
        Array.from({ length: 5 }, () => size(5, 7)),
        margin,
      ),
    ).toMatchObject({ ok: false, error: { kind: 'photos-too-many' } });
  });
});
