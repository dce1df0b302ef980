import type { CutPlan, PlannedSheet } from '../cutting';
import { area } from '../geometry';
import type { SharePlan } from '../shareout';
import type { Page, Sharing } from '../things';
import { forPage, purposeOf } from '../cutlist';

/** A share-out's cuts as the plan of its pages: what was drawn is what is cut. */
export function cutPlanOf({ sheets, stats }: SharePlan): CutPlan {
  const { fresh, kept, cuts, pieceArea, nubbinArea, wasteArea, largestNubbin, bound, optimal } = stats;
  const copies = new Map<string, number>();
  const named = sheets.map((sheet): PlannedSheet => ({
    ...sheet,
    pieces: sheet.pieces.map(({ page, slot, ...piece }) => {
      const id = forPage(page, slot);
      copies.set(id, (copies.get(id) ?? 0) + 1);
      return { id, ...piece, copy: copies.get(id)! };
    }),
  }));
  const pieces = named.reduce((sum, sheet) => sum + sheet.pieces.length, 0);
  return {
    sheets: named,
    notCut: [],
    stats: {
      pieces,
      value: 0,
      fresh,
      kept,
      cuts,
      pieceArea,
      nubbinArea,
      wasteArea,
      largestNubbin,
      bound: { pieces, value: 0, fresh: bound.fresh },
      optimal,
    },
  };
}

/**
 * A plan for several pages when one of them is given up: its pieces go back as leftovers; sheets that were only for it
 * are not opened.
 */
export function withoutPage(plan: CutPlan, page: string, lead: string): { plan: CutPlan; released: string[] } {
  const isFor = (id: string): boolean => (purposeOf(id).page ?? lead) === page;
  const released = plan.sheets.filter(({ pieces }) => pieces.every(({ id }) => isFor(id))).map(({ stock }) => stock);
  const sheets = plan.sheets
    .filter(({ stock }) => !released.includes(stock))
    .map((sheet): PlannedSheet => ({
      ...sheet,
      pieces: sheet.pieces.filter(({ id }) => !isFor(id)),
      nubbins: [
        ...sheet.nubbins,
        ...sheet.pieces.filter(({ id }) => isFor(id)).map(({ part, x, y, w, h }) => ({ part, x, y, w, h })),
      ],
    }));
  const nubbins = sheets.flatMap((sheet) => sheet.nubbins).map(area);
  const pieces = sheets.flatMap((sheet) => sheet.pieces);
  return {
    released,
    plan: {
      ...plan,
      sheets,
      stats: {
        ...plan.stats,
        optimal: false,
        pieces: pieces.length,
        pieceArea: pieces.reduce((sum, piece) => sum + area(piece), 0),
        nubbinArea: nubbins.reduce((a, b) => a + b, 0),
        largestNubbin: Math.max(0, ...nubbins),
        cuts: sheets.reduce((sum, { cuts }) => sum + cuts.length, 0),
      },
    },
  };
}

/** A part of a piece that is promised to a page. */
export interface Promised {
  readonly page: string;
  readonly w: number;
  readonly h: number;
  readonly count: number;
}

/** What of a piece of paper is promised to which page, by the plans of pages not cut yet. */
export function promisedOf(piece: string, pages: Iterable<Page>): Promised[] {
  const found = new Map<string, Promised>();
  for (const { id, plan, state, together } of pages) {
    // A plan for several pages is kept with each of them: the first one tells it.
    if (state !== 'planned' || (together?.[0] ?? id) !== id) continue;
    for (const part of plan?.sheets.find(({ stock }) => stock === piece)?.pieces ?? []) {
      const page = purposeOf(part.id).page ?? id;
      const [w, h] = part.turned ? [part.h, part.w] : [part.w, part.h];
      const key = `${page} ${w} ${h}`;
      found.set(key, { page, w, h, count: (found.get(key)?.count ?? 0) + 1 });
    }
  }
  return [...found.values()];
}

/** What is kept of a share-out when it is claimed. @param kits the kits whose papers it was made of; @param wanted pages that were asked for */
export function sharingOf(
  plan: SharePlan,
  pages: readonly Page[],
  kits: readonly string[],
  id: string,
  day: string,
): Sharing {
  return {
    id,
    day,
    kits,
    wanted: plan.pages.length,
    pages: plan.pages
      .filter(({ complete }) => complete)
      .map(({ id: page }) => ({
        page,
        title: pages.find((one) => one.id === page)?.title ?? '',
        papers: plan.sheets.flatMap(({ stock, pieces }) => {
          const own = pieces.filter((piece) => piece.page === page).reduce((sum, piece) => sum + area(piece), 0);
          return own > 0 ? [{ piece: stock, area: own }] : [];
        }),
      })),
  };
}
