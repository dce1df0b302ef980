import type { CutStock } from '../cutting';
import { area, holds, type Rect, type Size } from '../geometry';
import type { Settled } from './settle';
import { choicesOf, designsOf, type Table } from './table';
import type { DesignName, Lacking, ShareSlot } from './types';

/** A piece of paper that no page has: an unopened sheet, or a leftover of one. */
interface Spare extends Size { readonly stock: CutStock; readonly missing: readonly Rect[] }

/** All paper that a share-out leaves whole. */
export function sparesOf({ job }: Table, { plan }: Settled): Spare[] {
  return job.stock.flatMap((stock) => {
    const opened = plan.sheets.filter((sheet) => sheet.stock === stock.id);
    const unopened = opened.length < stock.count ? [{ w: stock.w, h: stock.h, stock, missing: stock.missing }] : [];
    return [...unopened, ...opened.flatMap(({ nubbins }) => nubbins.map(({ w, h }): Spare => ({ w, h, stock, missing: [] })))];
  });
}

/** Whether a spare piece of a design holds one piece of a slot. */
export const isHeld = (slot: ShareSlot, design: DesignName, spares: readonly Spare[]): boolean =>
  spares.some(({ stock, missing, ...size }) => designsOf(stock).includes(design) && holds(size, missing, slot, slot.turn ?? !stock.upright));

/** Why a page is not made, beside those that are. */
export function lackingOf(table: Table, spares: readonly Spare[], p: number): Lacking {
  const { job, allowed, designs } = table;
  const page = job.pages[p]!;
  const none = allowed[p]!.findIndex((own) => own.length === 0);
  if (none >= 0) {
    const { id, of } = page.slots[none]!;
    const isThere = job.stock.some((stock) => designsOf(stock).some((design) => of === null || (design !== null && of.includes(design))));
    return { kind: isThere ? 'too-large' : 'no-design', slot: id };
  }
  if (choicesOf(table, p, 1).length === 0) return { kind: 'rules', slot: null };
  // The slot that none of its designs is left for; where each by itself still has room, the largest is in the way.
  const without = page.slots.find((slot, s) => !allowed[p]![s]!.some((d) => isHeld(slot, designs[d]!, spares)));
  const slot = without ?? page.slots.reduce((a, b) => (area(b) * b.count > area(a) * a.count ? b : a));
  return { kind: 'no-room', slot: slot.id };
}
