import fc from 'fast-check';
import { expect, test } from 'vitest';
import { contains } from '../../../core/ground/geometry';
import { inches } from '../../../core/ground/length';
import { unpackedWorld } from '../../../core/acts/test/world';
import { GAP_PLACES, gapAt, largestOf } from './scrapGap';
import { faceCalled, facesOfPapers, offersFor } from './scrapOffers';

test('a gap lies on its scrap wherever it is, and what is whole beside it is no larger than the scrap', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...GAP_PLACES.map(([place]) => place)),
      fc.integer({ min: 2, max: 400 }),
      fc.integer({ min: 2, max: 400 }),
      fc.integer({ min: 1, max: 400 }),
      fc.integer({ min: 1, max: 400 }),
      (place, w, h, gw, gh) => {
        const gap = { w: Math.min(w, gw), h: Math.min(h, gh) };
        const at = gapAt({ w, h }, gap, place);
        expect(contains({ x: 0, y: 0, w, h }, at)).toBe(true);
        const largest = largestOf({ w, h }, [at]);
        if (gap.w < w || gap.h < h) expect(largest.w * largest.h).toBeLessThanOrEqual(w * h - gap.w * gap.h);
      },
    ),
  ));
test('of a corner gone the larger whole piece is told', () => {
  const size = { w: inches(7), h: inches(5) };
  const gap = gapAt(size, { w: inches(2), h: inches(3) }, 'top-right');
  expect(largestOf(size, [gap])).toEqual({ w: inches(5), h: inches(5) });
});

const all = facesOfPapers(unpackedWorld().bench);
test('faces of papers are offered once each, by how they are called', () => {
  expect(all.map(({ face }) => face.id)).toEqual(['ink', 'lamp', 'blush']);
  expect(offersFor(all, 'la', null).map(({ face }) => face.id)).toEqual(['lamp']);
  expect(offersFor(all, '', null)).toEqual([]);
  expect([faceCalled(all, ' Lamp ', null)?.face.id, faceCalled(all, 'la', null)]).toEqual(['lamp', null]);
});
