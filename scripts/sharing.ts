import { ANY_TRIMMER } from '../core/trimmer/cutting';
import { inches } from '../core/ground/length';
import { DESIGNS } from '../core/page/design';
import { rankDesigns } from '../core/page/papers';
import { seededRandom } from '../core/ground/random';
import type { ShareJob, SharePage } from '../core/kit/shareout';
import type { Face } from '../core/stock/things';

/**
 * Nine pages of a ground, two strips, a panel and mats, over seven two-faced papers and four leftovers; any design will
 * do, neighbours differ.
 */
export function kitToShare(seed = 11): ShareJob {
  const random = seededRandom(seed);
  const quarters = (from: number, to: number): number => inches(Math.round((from + random() * (to - from)) * 4) / 4);
  const stock = (id: string, w: number, h: number, fresh: boolean, n: number) => ({
    id,
    w,
    h,
    count: 1,
    front: `front-${n}`,
    back: `back-${n}`,
    upright: n % 3 === 0,
    fresh,
    since: null,
    missing: [],
  });
  const page = (p: number): SharePage => ({
    id: `page-${p}`,
    worth: 1,
    atLeast: 2,
    atMost: 4,
    slots: [
      { id: 'panel', w: quarters(6, 9), h: quarters(5, 8), count: 1, of: null, turn: null, like: [], unlike: [] },
      {
        id: 'strips',
        w: inches(12),
        h: quarters(0.75, 2),
        count: 2,
        of: null,
        turn: null,
        like: [],
        unlike: ['panel'],
      },
      {
        id: 'mats',
        w: inches(4.25),
        h: inches(6.25),
        count: 1 + (p % 2),
        of: null,
        turn: null,
        like: [],
        unlike: ['panel'],
      },
      { id: 'card', w: inches(3), h: inches(4), count: 1, of: null, turn: null, like: [], unlike: [] },
    ],
  });
  return {
    stock: [
      ...Array.from({ length: 7 }, (_, n) => stock(`sheet-${n}`, inches(12), inches(12), true, n)),
      ...Array.from({ length: 4 }, (_, n) => stock(`scrap-${n}`, quarters(4, 9), quarters(4, 9), false, n)),
    ],
    pages: Array.from({ length: 9 }, (_, p) => page(p)),
    keepAtLeast: { w: inches(1), h: inches(1) },
    longestCut: inches(12),
  };
}

/** One photo laid out in every design, in papers chosen from twelve two-faced sheets. */
export function rankedDesigns(): { designs: number } {
  const faces = Array.from({ length: 24 }, (_, n): Face => ({
    id: `face-${n}`,
    name: `face ${n}`,
    pattern: n % 3 === 0 ? 'plain' : 'dots',
    colours: [{ hex: `#${((n * 654_321) % 0xffffff).toString(16).padStart(6, '0')}`, share: 1 }],
  }));
  const stock = Array.from({ length: 12 }, (_, n) => ({
    id: `sheet-${n}`,
    w: inches(12),
    h: inches(12),
    count: 1,
    front: `face-${2 * n}`,
    back: `face-${2 * n + 1}`,
    upright: false,
    fresh: true,
    since: null,
    missing: [],
  }));
  const page = {
    format: { w: inches(12), h: inches(12), spread: false },
    photos: [{ photo: null, w: inches(6), h: inches(4) }],
    mat: inches(1 / 8),
  };
  return {
    designs: [
      ...rankDesigns({
        trimmer: ANY_TRIMMER,
        page,
        designs: DESIGNS.map(({ id }) => ({ design: id })),
        faces,
        stock,
        colours: [{ hex: '#22314f', share: 1 }],
      }),
    ].at(-1)!.ranked.length,
  };
}
