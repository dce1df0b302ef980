import { expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { CORNER, pageLayout, roundedCorners } from '.';

const photo = { photo: null, w: inches(3), h: inches(4) };
const page = { format: { w: inches(12), h: inches(12), spread: false }, design: 'photo-block', mat: 0 };

test('corners are rounded at the outside of the photos, or all of one', () => {
  const photos = [
    { ...photo, rounded: 'outer' as const },
    { ...photo, rounded: 'outer' as const },
    { ...photo, rounded: 'all' as const },
    photo,
  ];
  const layout = pageLayout({ ...page, photos }).value!;
  const corners = roundedCorners(layout, photos);
  // Two above two: the first has the head left corner of the block, the second its head right one.
  expect(corners.get('photo-1')).toEqual([true, false, false, false]);
  expect(corners.get('photo-2')).toEqual([false, true, false, false]);
  expect(corners.get('photo-3')).toEqual([true, true, true, true]);
  expect(corners.has('photo-4')).toBe(false);
  expect(CORNER).toBe(inches(1 / 4));
});
