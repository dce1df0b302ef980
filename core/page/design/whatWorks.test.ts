import fc from 'fast-check';
import { expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { DESIGNS, designOfPage, pageLayout, whatWorks } from '.';

const size = (w: number, h: number) => ({ w: inches(w), h: inches(h) });
const page = {
  format: { ...size(8, 8), spread: false },
  design: 'framed-ground',
  mat: inches(1 / 4),
  photos: [{ photo: null, ...size(6, 6) }],
};

test('what is offered for a page that cannot be laid out works, each kind once', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...DESIGNS.map(({ id }) => id)),
      fc.array(fc.constantFrom(size(4, 6), size(6, 4), size(8, 8), size(2, 3), size(11.5, 8)), {
        minLength: 1,
        maxLength: 7,
      }),
      fc.constantFrom(0, inches(1 / 8), inches(1 / 2)),
      (design, photos, mat) => {
        const one = { ...page, design, mat, photos: photos.map((photo) => ({ photo: null, ...photo })) };
        const laid = pageLayout(one);
        if (laid.ok) return;
        const works = whatWorks(one, laid.error);
        expect(works.every(({ change }) => pageLayout({ ...one, ...change }).ok)).toBe(true);
        expect(new Set(works.map(({ kind }) => kind)).size).toBe(works.length);
      },
    ),
  ));

test('a place kept is made smaller in its shape, its mat as wide as it was', () => {
  const small = { ...page, format: { ...size(4.5, 7.875), spread: false }, photos: [{ photo: null, ...size(6, 4) }] };
  const way = whatWorks(small, pageLayout(small).error!).find(({ kind }) => kind === 'smaller-place')!;
  const [place] = way.change.photos!;
  expect(place!.w / place!.h).toBeCloseTo(1.5, 1);
  expect(place!.w % inches(1 / 8)).toBe(0);
  expect(pageLayout({ ...small, ...way.change }).ok).toBe(true);
});

test('a mat too wide is made narrower before anything else is changed', () => {
  const tight = { ...page, design: 'photo-block', photos: [{ photo: null, ...size(6, 5) }], mat: inches(1 / 2) };
  const laid = pageLayout(tight);
  expect(laid.error).toMatchObject({ kind: 'photo-too-large', photo: 0 });
  const [first, ...others] = whatWorks(tight, laid.error!);
  expect(['narrower-mats', 'no-mats', 'option']).toContain(first!.kind);
  expect(others.map(({ kind }) => kind)).toContain('fewer');
});

test('prints are made smaller, of all ways to make a run of them so the one that takes least off them', () => {
  const many = {
    ...page,
    format: { ...size(12, 12), spread: false },
    design: 'photo-block',
    mat: inches(1 / 8),
    photos: [size(4, 6), size(4, 6), size(4, 6), size(4, 6)].map((one) => ({ photo: null, ...one })),
  };
  const laid = pageLayout(many);
  expect(laid.ok).toBe(false);
  const way = whatWorks(many, laid.error!).find(({ kind }) => kind === 'smaller-prints')!;
  const areaOf = (photos: readonly { w: number; h: number }[]): number =>
    photos.reduce((sum, { w, h }) => sum + w * h, 0);
  const prints = [size(4, 6), size(3.5, 5), size(3, 4), size(3, 3), size(2, 3), size(2, 2)];
  for (const print of prints)
    for (let from = 0; from < 4; from++) {
      const others = many.photos.map((photo, i) => (i >= from ? { ...photo, ...print } : photo));
      if (pageLayout({ ...many, photos: others }).ok)
        expect(areaOf(others)).toBeLessThanOrEqual(areaOf(way.change.photos!));
    }
});

test('a page in a design that is not known is not laid out, is called by its name, and every design that takes its photos is offered', () => {
  const one = { ...page, design: 'spiral' };
  expect(designOfPage(one).name).toContain('spiral');
  const laid = pageLayout(one);
  expect(laid.error).toMatchObject({ kind: 'not-known' });
  const [way] = whatWorks(one, laid.error!).filter(({ kind }) => kind === 'design');
  expect(pageLayout({ ...one, ...way!.change }).ok).toBe(true);
});
