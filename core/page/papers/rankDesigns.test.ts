import { expect, test } from 'vitest';
import { ANY_TRIMMER, type CutStock } from '../../trimmer/cutting';
import { inches } from '../../ground/length';
import type { Face } from '../../stock/things';
import { DESIGNS } from '../design';
import { rankDesigns } from '.';

const face = (id: string, hex: string, pattern: Face['pattern'] = 'plain'): Face => ({
  id,
  name: id,
  pattern,
  colours:
    pattern === 'plain'
      ? [{ hex, share: 1 }]
      : [
          { hex, share: 0.7 },
          { hex: '#f6d27a', share: 0.3 },
        ],
});
const sheet = (id: string, front: string, since = 24300): CutStock => ({
  id,
  w: inches(12),
  h: inches(12),
  count: 1,
  front,
  back: null,
  upright: false,
  fresh: true,
  since,
  missing: [],
});
const faces = [
  face('night', '#22314f'),
  face('moths', '#22314f', 'moths'),
  face('lamp', '#f6d27a'),
  face('cream', '#f3ead8'),
];
const stock = faces.flatMap(({ id }) => [sheet(`${id}-1`, id), sheet(`${id}-2`, id, 24280)]);
const page = {
  format: { w: inches(12), h: inches(12), spread: false },
  photos: [{ photo: null, w: inches(6), h: inches(4) }],
  mat: inches(1 / 8),
};
const rank = (some = {}) => [
  ...rankDesigns({
    trimmer: ANY_TRIMMER,
    page,
    designs: DESIGNS.map(({ id }) => ({ design: id })),
    faces,
    stock,
    colours: [{ hex: '#1b2a49', share: 1 }],
    ...some,
  }),
];

test('three and more designs are told, best first, each wholly in papers that are there, with why', () => {
  const { ranked, done } = rank().at(-1)!;
  expect(done).toBe(1);
  expect(ranked.length).toBeGreaterThanOrEqual(3);
  expect(ranked.map(({ score }) => score)).toEqual(ranked.map(({ score }) => score).sort((a, b) => a - b));
  for (const { papers, why } of ranked) {
    expect(Object.values(papers).every((id) => faces.some((one) => one.id === id))).toBe(true);
    expect(why.map(({ kind }) => kind)).toEqual(['colours', 'faces', 'opens', 'scarce', 'age']);
  }
});

test('a design that the photos do not fit, or that the papers cannot make, is not among them', () => {
  const large = { ...page, photos: [{ photo: null, w: inches(11.5), h: inches(11.5) }] };
  expect(rank({ page: large }).at(-1)!.ranked).toEqual([]);
  expect(rank({ stock: [] }).at(-1)!.ranked).toEqual([]);
});
