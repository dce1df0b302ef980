import { inches } from '../../../ground/length';
import { seededRandom } from '../../../ground/random';
import type { ShareJob, SharePage } from '../types';

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
      list.push(
        ...((across
          ? [
              [at, h],
              [w - at, h],
            ]
          : [
              [w, at],
              [w, h - at],
            ]) as Part[]),
      );
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
  const shuffled = <T>(list: readonly T[]): T[] =>
    list
      .map((one) => ({ one, by: random() }))
      .sort((a, b) => a.by - b.by)
      .map(({ one }) => one);
  const parts = shuffled(dealt);
  const page = (id: string, worth: number, own: typeof dealt): SharePage => {
    const designs = new Set(own.map(({ design }) => design)).size;
    return {
      id,
      worth,
      atLeast: random() < 0.3 ? designs : 0,
      atMost: random() < 0.5 ? designs : Infinity,
      slots: own.map(({ w, h, count, design }, s) => {
        const before = own.slice(0, s);
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
  const real = slotsOfPage.map((n, p) => page(`page-${p}`, 1 + below(3), parts.slice(at, (at += n))));
  const tooMany = page(
    'too-many',
    1,
    Array.from({ length: 4 }, () => pick(dealt)),
  );
  return {
    job: { stock, pages: shuffled([...real, tooMany]), keepAtLeast: { w: inches(1), h: inches(1) }, longestCut: null },
    worth: real.reduce((sum, { worth }) => sum + worth, 0),
  };
}
