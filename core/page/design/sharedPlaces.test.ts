import { expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { designOf, layOut, whatWorks } from '.';

const photo = (w: number, h: number) => ({ photo: null, w: inches(w), h: inches(h) });
const format = { w: inches(12), h: inches(12), spread: false };
const mat = inches(1 / 8);
const laid = (design: string, photos: ReturnType<typeof photo>[], side = 12) => {
  const page = { ...format, w: inches(side), h: inches(side) };
  return layOut(designOf(design)!, { format: page, photos, mat });
};
const sizes = (design: string, photos: ReturnType<typeof photo>[]) =>
  laid(design, photos).value?.layers.flatMap(({ role, photo: i, w, h }) =>
    role === 'photo' || role === 'mat' ? [`${role} ${i ?? ''} ${w / inches(1)} x ${h / inches(1)}`] : [],
  );

test('two 3x4 photos lie on the one place of a design, touching, on one mat', () => {
  expect(sizes('box-stack', [photo(3, 4), photo(3, 4)])).toEqual([
    'mat  6.25 x 4.25',
    'photo 0 3 x 4',
    'photo 1 3 x 4',
  ]);
});

test('of more photos than places the smallest two that follow each other share one, in order', () => {
  const photos = [photo(3, 4), photo(2, 3), photo(2, 3), photo(3, 3)];
  expect(sizes('l-shape', photos)).toEqual([
    'mat  3.25 x 4.25',
    'photo 0 3 x 4',
    'mat  4.25 x 3.25',
    'photo 1 2 x 3',
    'photo 2 2 x 3',
    'mat  3.25 x 3.25',
    'photo 3 3 x 3',
  ]);
});

test('where two do not go on one place, smaller prints of them are offered', () => {
  const page = { ...format, w: inches(8), h: inches(8) };
  const photos = [photo(4, 6), photo(4, 6)];
  const refused = laid('box-stack', photos, 8);
  expect(refused.error).toMatchObject({ kind: 'photos-too-many', most: 1 });
  const works = whatWorks({ design: 'box-stack', format: page, photos, mat }, refused.error!);
  const [smaller] = works.filter(({ kind }) => kind === 'smaller-prints');
  expect(smaller?.change.photos).toEqual([photo(3.5, 5), photo(3.5, 5)]);
});

test('photos with mats of their own that differ do not share a place: one of them would lose its mat', () => {
  const photos = [
    { ...photo(3, 4), mats: [inches(1 / 4)] },
    { ...photo(3, 4), mats: [] },
  ];
  expect(laid('box-stack', photos).error).toMatchObject({ kind: 'photos-too-many', most: 1 });
  expect(
    laid(
      'box-stack',
      photos.map((one) => ({ ...one, mats: [] })),
    ).ok,
  ).toBe(true);
});
