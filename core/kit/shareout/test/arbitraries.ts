import fc from 'fast-check';
import { inches } from '../../../ground/length';
import type { ShareJob } from '../types';

const DESIGNS = ['moths', 'lamplight', 'foxglove'];
const half = (from: number, to: number) => fc.integer({ min: from * 2, max: to * 2 }).map((n) => inches(n / 2));

const stock = fc.record({
  w: half(4, 9),
  h: half(4, 9),
  count: fc.integer({ min: 1, max: 2 }),
  front: fc.constantFrom(...DESIGNS, null),
  back: fc.constantFrom(...DESIGNS, null),
  upright: fc.boolean(),
  fresh: fc.boolean(),
  since: fc.constant(null),
  missing: fc.oneof(
    { weight: 4, arbitrary: fc.constant([]) },
    { weight: 1, arbitrary: fc.constant([{ x: 0, y: 0, w: inches(1), h: inches(1) }]) },
  ),
});

const slot = fc.record({
  w: half(1, 6),
  h: half(1, 6),
  count: fc.integer({ min: 1, max: 2 }),
  of: fc.option(fc.subarray(DESIGNS, { minLength: 1 })),
  turn: fc.option(fc.boolean()),
  rule: fc.constantFrom('none', 'none', 'like', 'unlike'),
});

const page = fc.record({
  worth: fc.integer({ min: 1, max: 3 }),
  atLeast: fc.constantFrom(0, 0, 1, 2),
  atMost: fc.constantFrom(Infinity, Infinity, 1, 2),
  slots: fc.array(slot, { minLength: 1, maxLength: 3 }),
});

/** Small share-outs of every sort: two faces, plain paper, rules between slots, gaps. */
export const anyShare = (mostPages: number): fc.Arbitrary<ShareJob> =>
  fc.record({
    stock: fc
      .array(stock, { minLength: 1, maxLength: 3 })
      .map((list) => list.map((one, i) => ({ ...one, id: `s${i}` }))),
    pages: fc
      .array(page, { minLength: 1, maxLength: mostPages })
      .map((list) =>
        list.map((one, p) => ({
          ...one,
          id: `p${p}`,
          slots: one.slots.map(({ rule, ...rest }, s) => ({
            ...rest,
            id: `x${s}`,
            like: rule === 'like' && s > 0 ? ['x0'] : [],
            unlike: rule === 'unlike' && s > 0 ? ['x0'] : [],
          })),
        })),
      ),
    keepAtLeast: fc.constant({ w: inches(1), h: inches(1) }),
    longestCut: fc.constantFrom(null, inches(12)),
  });

/**
 * Sheets cut up by straight cuts, their parts dealt to pages: with every part used, all pages can be made and nothing
 * is left.
 */
export function dealt(random: () => number, sheets: number, parts: number, pages: number): ShareJob {
  const below = (n: number): number => Math.floor(random() * n);
  const slots: ShareJob['pages'][number]['slots'][number][] = [];
  const stock = Array.from({ length: sheets }, (_, i) => ({
    id: `s${i}`,
    w: inches(12),
    h: inches(12),
    count: 1,
    front: `front-${i}`,
    back: `back-${i}`,
    upright: false,
    fresh: true,
    since: null,
    missing: [],
  }));
  for (const { front, back } of stock) {
    const sizes: [number, number][] = [[12, 12]];
    while (sizes.length < parts) {
      sizes.sort((a, b) => b[0] * b[1] - a[0] * a[1]);
      const [[w, h]] = sizes.splice(below(Math.min(3, sizes.length)), 1) as [[number, number]];
      const across = w > 1 && (h === 1 || random() < w / (w + h));
      const at = 1 + below((across ? w : h) - 1);
      sizes.push(
        ...((across
          ? [
              [at, h],
              [w - at, h],
            ]
          : [
              [w, at],
              [w, h - at],
            ]) as [number, number][]),
      );
    }
    for (const [w, h] of sizes)
      slots.push({
        id: `x${slots.length}`,
        w: inches(w),
        h: inches(h),
        count: 1,
        of: [random() < 0.5 ? front : back],
        turn: false,
        like: [],
        unlike: [],
      });
  }
  return {
    stock,
    keepAtLeast: { w: inches(1), h: inches(1) },
    longestCut: null,
    pages: Array.from({ length: pages }, (_, p) => ({
      id: `p${p}`,
      worth: 1,
      atLeast: 0,
      atMost: Infinity,
      slots: slots.filter((__, i) => i % pages === p),
    })),
  };
}
