import { inches } from '../core/length';
import { DESIGNS } from '../core/design';
import { rankDesigns } from '../core/papers';
import { seededRandom } from '../core/random';
import type { ShareJob, SharePage } from '../core/shareout';
import type { Face } from '../core/things';

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
        longestCut: null,
        page,
        designs: DESIGNS.map(({ id }) => ({ design: id })),
        faces,
        stock,
        colours: [{ hex: '#22314f', share: 1 }],
      }),
    ].at(-1)!.ranked.length,
  };
}

/** Sides of a part in quarters of an inch. */
type Part = readonly [w: number, h: number];

/**
 * Whole kits that can be shared out to the last page: two-faced sheets cut up by straight cuts, some parts into several
 * alike, all parts dealt to pages, which keep the rules that they then happen to keep; and one page too many for what
 * is left.
 * @param slack how much of each part's sides may be less than it is: 0 leaves no waste at all
 * @returns the job and the worth that is surely to be had
 */
export function wholeKit(seed: number, pages: number, slack = 0): { job: ShareJob; worth: number } {
  const random = seededRandom(seed);
  const below = (n: number): number => Math.floor(random() * n);
  const pick = <T>(list: readonly T[]): T => list[below(list.length)]!;
  const slotsOfPage = Array.from({ length: pages }, () => 2 + below(8));
  const wanted = slotsOfPage.reduce((sum, n) => sum + n, 0);
  const cutUp = (sheet: Part, parts: number): Part[] => {
    const list: Part[] = [sheet];
    while (list.length < parts) {
      list.sort((a, b) => b[0] * b[1] - a[0] * a[1]);
      const [w, h] = list.splice(below(Math.min(3, list.length)), 1)[0]!;
      const across = w > 8 && (h <= 8 || random() < w / (w + h));
      const side = across ? w : h;
      if (side <= 8) {
        list.push([w, h]);
        break;
      }
      const at = 3 + below(side - 6);
      list.push(...((across ? [[at, h], [w - at, h]] : [[w, at], [w, h - at]]) as Part[]));
    }
    return list;
  };
  const stock: ShareJob['stock'][number][] = [];
  const dealt: { w: number; h: number; count: number; design: string }[] = [];
  for (let n = 0; dealt.length < wanted; n++) {
    const sheet: Part = random() < 0.8 ? [48, 48] : [16 + below(24), 16 + below(24)];
    const faces = [`front-${n}`, random() < 0.8 ? `back-${n}` : null];
    stock.push({
      id: `sheet-${n}`,
      w: inches(sheet[0] / 4),
      h: inches(sheet[1] / 4),
      count: 1,
      front: faces[0]!,
      back: faces[1]!,
      upright: random() < 0.2,
      fresh: sheet[0] === 48,
      since: null,
      missing: [],
    });
    for (const [w, h] of cutUp(sheet, Math.min(wanted - dealt.length, 2 + below(6)))) {
      const many = random() < 0.3 ? 2 + below(2) : 1;
      const [longer, shorter] = [Math.max(w, h), Math.min(w, h)];
      const count = longer / many >= 3 && longer % many === 0 ? many : 1;
      const [a, b] = w >= h ? [longer / count, shorter] : [shorter, longer / count];
      const less = (side: number): number => (side > 6 ? side - below(1 + Math.floor(side * slack)) : side);
      dealt.push({ w: less(a), h: less(b), count, design: pick(faces.filter((face) => face !== null)) });
    }
  }
  const names = stock.flatMap(({ front, back }) => [front!, ...(back === null ? [] : [back])]);
  dealt.sort(() => random() - 0.5);
  const page = (id: string, worth: number, parts: typeof dealt): SharePage => {
    const designs = new Set(parts.map(({ design }) => design)).size;
    return {
      id,
      worth,
      atLeast: random() < 0.3 ? designs : 0,
      atMost: random() < 0.5 ? designs : Infinity,
      slots: parts.map(({ w, h, count, design }, s) => {
        const before = parts.slice(0, s);
        const rule = (isLike: boolean): string[] =>
          before.flatMap((other, i) =>
            (other.design === design) === isLike && random() < (isLike ? 0.5 : 0.2) ? [`slot-${i}`] : [],
          );
        const among = random();
        return {
          id: `slot-${s}`,
          w: inches(w / 4),
          h: inches(h / 4),
          count,
          of: among < 0.3 ? [design] : among < 0.7 ? [...new Set([design, pick(names), pick(names)])] : null,
          turn: random() < 0.2 ? false : null,
          like: rule(true),
          unlike: rule(false),
        };
      }),
    };
  };
  let at = 0;
  const real = slotsOfPage.map((n, p) => page(`page-${p}`, 1 + below(3), dealt.slice(at, (at += n))));
  const tooMany = page('too-many', 1, Array.from({ length: 4 }, () => pick(dealt)));
  return {
    job: {
      stock,
      pages: [...real, tooMany].sort(() => random() - 0.5),
      keepAtLeast: { w: inches(1), h: inches(1) },
      longestCut: null,
    },
    worth: real.reduce((sum, { worth }) => sum + worth, 0),
  };
}
