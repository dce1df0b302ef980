import { expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { designFrom, layOut, marginsOf, onBacking, pageLayout } from '.';

const page = {
  format: { w: inches(12), h: inches(12), spread: false },
  design: 'photo-block',
  mat: inches(1 / 8),
  photos: [{ photo: null, w: inches(4), h: inches(6) }],
};
const paper = { w: inches(8.5), h: inches(11) };

test('a smaller paper lies in the middle of a backing, its margins told, and strips fill them', () => {
  const layout = pageLayout(page).value!;
  expect(marginsOf(page.format, paper)).toEqual({ w: inches(1.75), h: inches(0.5) });
  const own = { id: 'own', name: 'own', ...onBacking(layout, page.format, paper, true)! };
  const laid = layOut(designFrom(own), page).value!;
  const of = (slot: string) => laid.layers.filter((layer) => layer.slot === slot);
  expect(of('backing')).toMatchObject([{ x: 0, y: 0, w: inches(12), h: inches(12) }]);
  expect(of('ground')).toMatchObject([{ x: inches(1.75), y: inches(0.5), ...paper }]);
  // Two upright and two across, a quarter inch under the paper.
  expect(of('filling-strips').map(({ w, h }) => [w / inches(1), h / inches(1)])).toEqual([
    [2, 12],
    [2, 12],
    [12, 0.75],
    [12, 0.75],
  ]);
  // All else lies where it lay.
  const rest = (layers: typeof laid.layers) =>
    layers.filter(({ slot }) => !/ground|backing|filling/.test(slot ?? '')).map(({ x, y, w, h }) => [x, y, w, h]);
  expect(rest(laid.layers)).toEqual(rest(layout.layers));
});

test('over a spread on both pages; a paper larger than the page is no help', () => {
  const format = { ...page.format, spread: true };
  const layout = pageLayout({ ...page, format, photos: [...page.photos, ...page.photos] }).value!;
  const grounds = onBacking(layout, format, paper, false)!.layers.filter(({ name }) => name === 'Ground');
  expect(grounds.map(({ x }) => x)).toEqual([inches(1.75), inches(13.75)]);
  expect(onBacking(layout, format, { w: inches(13), h: inches(2) }, false)).toBeNull();
});
