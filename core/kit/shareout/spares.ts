import type { CutPlan, CutStock } from '../../trimmer/cutting';
import { holds, type Rect, type Size } from '../../ground/geometry';
import { designsOf, type Table } from './table';
import type { DesignName, ShareSlot } from './types';

/** A piece of paper that no page has: an unopened sheet, or a leftover of one. */
interface Spare extends Size {
  readonly stock: CutStock;
  readonly missing: readonly Rect[];
}

/** All paper that a share-out leaves whole, by its designs. */
export type Spares = ReadonlyMap<DesignName, readonly Spare[]>;

export function sparesOf({ job }: Table, { plan }: { readonly plan: CutPlan }): Spares {
  const nubbins = new Map<string, Size[]>();
  const opened = new Map<string, number>();
  for (const sheet of plan.sheets) {
    opened.set(sheet.stock, (opened.get(sheet.stock) ?? 0) + 1);
    nubbins.set(sheet.stock, [...(nubbins.get(sheet.stock) ?? []), ...sheet.nubbins]);
  }
  const spares = new Map<DesignName, Spare[]>();
  for (const stock of job.stock) {
    const own: Spare[] = [
      ...((opened.get(stock.id) ?? 0) < stock.count ? [{ w: stock.w, h: stock.h, stock, missing: stock.missing }] : []),
      ...(nubbins.get(stock.id) ?? []).map(({ w, h }): Spare => ({ w, h, stock, missing: [] })),
    ];
    for (const design of designsOf(stock)) {
      const all = spares.get(design);
      if (all) all.push(...own);
      else spares.set(design, own.slice());
    }
  }
  return spares;
}

/** Whether a spare piece of a design holds one piece of a slot. */
export const isHeld = (slot: ShareSlot, design: DesignName, spares: Spares): boolean =>
  (spares.get(design) ?? []).some(({ stock, missing, ...size }) =>
    holds(size, missing, slot, slot.turn ?? !stock.upright),
  );
