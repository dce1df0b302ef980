import { area } from '../../ground/geometry';
import type { CutStock } from '../../trimmer/cutting';
import type { SharePlan } from './types';

/** What a page takes of a share-out; areas in square ticks. */
export interface PageCost {
  readonly page: string;
  /** Paper on the page. */
  readonly area: number;
  /** Its share of what is wasted on the sheets it is cut from. */
  readonly waste: number;
  /** Stock that it is cut from, and of each how much. */
  readonly from: readonly { readonly stock: string; readonly area: number }[];
  /** Fresh sheets that are opened for this page alone. */
  readonly opens: number;
}

export interface Left {
  readonly area: number;
  readonly wholeSheets: number;
  readonly leftovers: number;
  readonly largest: number;
}

/** What each page made costs, in paper. */
export function pageCosts(plan: SharePlan, stock: readonly CutStock[]): PageCost[] {
  const isFresh = new Set(stock.filter(({ fresh }) => fresh).map(({ id }) => id));
  return plan.pages
    .filter(({ complete }) => complete)
    .map(({ id }): PageCost => {
      const from = new Map<string, number>();
      let [waste, opens] = [0, 0];
      for (const sheet of plan.sheets) {
        const whole = sheet.pieces.reduce((sum, piece) => sum + area(piece), 0);
        const own = sheet.pieces.filter((piece) => piece.page === id).reduce((sum, piece) => sum + area(piece), 0);
        if (own === 0) continue;
        from.set(sheet.stock, (from.get(sheet.stock) ?? 0) + own);
        waste += (sheet.waste.reduce((sum, part) => sum + area(part), 0) * own) / whole;
        if (own === whole && isFresh.has(sheet.stock)) opens++;
      }
      return {
        page: id,
        area: [...from.values()].reduce((a, b) => a + b, 0),
        waste,
        from: [...from].map(([one, own]) => ({ stock: one, area: own })),
        opens,
      };
    });
}

/** What is there once all pages are made: unopened stock, and what opened sheets give back. */
export function leftAfter(plan: SharePlan, stock: readonly CutStock[]): Left {
  const opened = new Map<string, number>();
  for (const { stock: id } of plan.sheets) opened.set(id, (opened.get(id) ?? 0) + 1);
  const unopened = stock.flatMap((one) => Array.from({ length: one.count - (opened.get(one.id) ?? 0) }, () => one));
  const nubbins = plan.sheets.flatMap((sheet) => sheet.nubbins);
  const areas = [...unopened, ...nubbins].map(area);
  return {
    area: areas.reduce((a, b) => a + b, 0),
    wholeSheets: unopened.filter(({ fresh }) => fresh).length,
    leftovers: nubbins.length + unopened.filter(({ fresh }) => !fresh).length,
    largest: Math.max(0, ...areas),
  };
}
