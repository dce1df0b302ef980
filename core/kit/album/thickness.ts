import { pageLayout } from '../../page/design';
import { mm } from '../../ground/length';
import { looksOf, type Things } from '../../page/placing';
import type { Album, Page } from '../../stock/things';
import { leavesOf } from './openings';

/** Quarters of a side: head left, head right, foot left, foot right. */
const QUARTERS = ['head left', 'head right', 'foot left', 'foot right'] as const;
type Quarter = (typeof QUARTERS)[number];

/** How thick an album lies, ticks. */
export interface Thickness {
  /** At its thickest. */
  readonly most: number;
  readonly quarter: Quarter;
  /** The page that is thickest there; null: it has none. */
  readonly page: Page | null;
}

/** Common practice, no source: a sheet of paper, a flat thing, a raised one, what stands on foam, a sleeve's two sides. */
const PAPER = mm(0.25);
const FLAT = mm(0.5);
const RAISED = mm(2);
const FOAM = mm(2);
const SLEEVE = mm(0.3);

/** How thick a page is in each quarter of it, ticks; of a spread each quarter of either side. */
function quartersOf(page: Page, things: Things): readonly number[] {
  const layout = pageLayout(page);
  const { w, h, spread } = page.format;
  const all = [0, 0, 0, 0];
  for (const side of spread ? [0, 1] : [0]) {
    QUARTERS.forEach((_, q) => {
      const x = side * w + (q % 2 === 0 ? w / 4 : (3 * w) / 4);
      const y = q < 2 ? h / 4 : (3 * h) / 4;
      const isHere = (at: { x: number; y: number; w: number; h: number }): boolean =>
        x >= at.x && x < at.x + at.w && y >= at.y && y < at.y + at.h;
      const layers = layout.ok ? layout.value.layers.filter(isHere).length : 1;
      all[q] = Math.max(all[q] ?? 0, SLEEVE + PAPER * Math.max(1, layers));
    });
  }
  // Small things count wherever in a quarter they lie; of those that lie one on another all do.
  const piles = [0, 0, 0, 0];
  for (const one of page.placed ?? []) {
    const looks = looksOf(one.what, things);
    if (!looks) continue;
    const count = 'part' in one.what ? (one.what.count ?? 1) : 1;
    const own = count * (looks.isRaised ? RAISED : looks.kind === 'line' ? 0 : FLAT) + (one.isOnFoam ? FOAM : 0);
    const q = ((one.x % w) + w) % w < w / 2 ? (one.y < h / 2 ? 0 : 2) : one.y < h / 2 ? 1 : 3;
    piles[q] = Math.max(piles[q] ?? 0, own);
  }
  return all.map((paper, q) => paper + (piles[q] ?? 0));
}

/**
 * How thick an album is: raised things in the same quarter of its pages lie over each other, those in different ones
 * beside each other. Method: common practice, no source.
 */
export function thicknessOf(album: Album, bench: Things & { readonly pages: ReadonlyMap<string, Page> }): Thickness {
  const sums = [0, 0, 0, 0];
  const thickest: { page: Page | null; own: number }[] = QUARTERS.map(() => ({ page: null, own: 0 }));
  for (const { page } of leavesOf(album, bench.pages)) {
    if (!page) continue;
    quartersOf(page, bench).forEach((own, q) => {
      sums[q] = (sums[q] ?? 0) + own;
      if (own > (thickest[q]?.own ?? 0)) thickest[q] = { page, own };
    });
  }
  const most = Math.max(...sums);
  const q = sums.indexOf(most);
  return { most, quarter: QUARTERS[q] ?? 'head left', page: thickest[q]?.page ?? null };
}
