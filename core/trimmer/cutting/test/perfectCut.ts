import type { Rect } from '../../../ground/geometry';
import { inches } from '../../../ground/length';
import { seededRandom } from '../../../ground/random';
import type { CutJob, CutPiece, CutStock } from '../types';

/**
 * Sheets cut up by straight cuts into all that is wanted, some of them around a gap, beside sheets that are not needed:
 * every piece can be had without a sheet more and without any waste but the gaps. In half of them pieces are optional.
 * @returns the job, and the fresh sheets and the value of what is optional that are surely enough
 */
export function perfectCut(seed: number): { job: CutJob; fresh: number; value: number } {
  const random = seededRandom(seed * 7919);
  const below = (n: number): number => Math.floor(random() * n);
  const hasGaps = seed % 3 === 0;
  const isOptional = seed % 2 === 0;
  const sheets = 3 + below(3);
  const parts = Math.ceil((17 + below(23)) / sheets);
  const stock: CutStock[] = [];
  const pieces: CutPiece[] = [];
  for (let n = 0; n < sheets + 2; n++) {
    const list: Rect[] = [{ x: 0, y: 0, w: 48, h: 48 }];
    while (list.length < parts + (hasGaps ? 1 : 0)) {
      list.sort((a, b) => b.w * b.h - a.w * a.h);
      const [part] = list.splice(below(Math.min(3, list.length)), 1) as [Rect];
      const isAcross = random() < part.w / (part.w + part.h);
      const side = isAcross ? part.w : part.h;
      if (side < 8) {
        list.push(part);
        break;
      }
      const at = 3 + below(side - 5);
      list.push(
        isAcross ? { ...part, w: at } : { ...part, h: at },
        isAcross ? { ...part, x: part.x + at, w: part.w - at } : { ...part, y: part.y + at, h: part.h - at },
      );
    }
    const gaps = hasGaps && n % 2 === 0 ? list.splice(below(list.length), 1) : [];
    const quarters = ({ x, y, w, h }: Rect): Rect => ({
      x: inches(x / 4),
      y: inches(y / 4),
      w: inches(w / 4),
      h: inches(h / 4),
    });
    stock.push({
      id: `sheet-${n}`,
      w: inches(12),
      h: inches(12),
      count: 1,
      front: `design-${n % 2}`,
      back: null,
      upright: false,
      fresh: true,
      since: null,
      missing: gaps.map(quarters),
    });
    if (n >= sheets) continue;
    for (const part of list) {
      const { w, h } = quarters(part);
      const optional = isOptional && random() < 0.5;
      const among = random();
      pieces.push({
        id: `piece-${pieces.length}`,
        w,
        h,
        count: 1,
        of: among < 0.5 ? null : [`design-${n % 2}`],
        turn: null,
        optional,
        value: optional ? 1 + below(5) : 0,
      });
    }
  }
  return {
    job: { stock, pieces, keepAtLeast: { w: inches(1), h: inches(1) }, longestCut: null },
    fresh: sheets,
    value: pieces.reduce((sum, { optional, value }) => sum + (optional ? value : 0), 0),
  };
}
