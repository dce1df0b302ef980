import type { Size } from '../../../ground/geometry';
import { ticks } from '../../../ground/length';
import { nth } from '../../../ground/nth';
import type { CutJob } from '../types';

/** The shortest side that a part of a sheet is left with. */
const LEAST = 2;

/**
 * A sheet cut up by guillotine cuts drawn by lot, one of its largest parts each time, into so many pieces where that
 * can be: they fill it again without waste.
 */
export function dissection(sheet: Size, pieces: number, random: () => number): Size[] {
  const parts = [sheet];
  for (let tries = 0; parts.length < pieces && tries < 200; tries++) {
    parts.sort((a, b) => b.w * b.h - a.w * a.h);
    const at = Math.floor(random() * Math.min(3, parts.length));
    const { w, h } = nth(parts, at);
    const isAcross = random() < 0.5;
    const length = isAcross ? w : h;
    if (length < 2 * LEAST) continue;
    const cut = LEAST + Math.floor(random() * (length - 2 * LEAST + 1));
    const halves = isAcross
      ? [
          { w: cut, h },
          { w: w - cut, h },
        ]
      : [
          { w, h: cut },
          { w, h: h - cut },
        ];
    parts.splice(at, 1, ...halves);
  }
  return parts;
}

/** The job to cut such pieces, of which a sheet may be full, from that sheet. */
export const fromOneSheet = (sheet: Size, pieces: readonly Size[], turn: boolean): CutJob => ({
  keepAtLeast: { w: ticks(1), h: ticks(1) },
  longestCut: null,
  stock: [
    { ...sheet, id: 'sheet', count: 1, front: null, back: null, upright: false, fresh: true, since: null, missing: [] },
  ],
  pieces: pieces.map((size, i) => ({ ...size, id: `piece-${i}`, count: 1, of: null, turn, optional: false, value: 0 })),
});
