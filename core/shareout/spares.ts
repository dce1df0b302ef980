import type { CutPlan, CutStock } from '../cutting';
import { holds, type Rect, type Size } from '../geometry';
import { designsOf, type Table } from './table';
import type { DesignName, ShareSlot } from './types';

/** A piece of paper that no page has: an unopened sheet, or a leftover of one. */
export interface Spare extends Size {
  readonly stock: CutStock;
  readonly missing: readonly Rect[];
}

/** All paper that a share-out leaves whole. */
export function sparesOf({ job }: Table, { plan }: { readonly plan: CutPlan }): Spare[] {
  return job.stock.flatMap((stock) => {
    const opened = plan.sheets.filter((sheet) => sheet.stock === stock.id);
    const unopened = opened.length < stock.count ? [{ w: stock.w, h: stock.h, stock, missing: stock.missing }] : [];
    return [
      ...unopened,
      ...opened.flatMap(({ nubbins }) => nubbins.map(({ w, h }): Spare => ({ w, h, stock, missing: [] }))),
    ];
  });
}

/** Whether a spare piece of a design holds one piece of a slot. */
export const isHeld = (slot: ShareSlot, design: DesignName, spares: readonly Spare[]): boolean =>
  spares.some(
    ({ stock, missing, ...size }) =>
      designsOf(stock).includes(design) && holds(size, missing, slot, slot.turn ?? !stock.upright),
  );
