import { area } from '../../ground/geometry';
import { isHeld, type Spares } from './spares';
import { designsOf, isAgainstRules, type Table } from './table';
import type { Lacking } from './types';
import { nth } from '../../ground/nth';

/** Why a page is not made, beside those that are. */
export function lackingOf(table: Table, spares: Spares, p: number): Lacking {
  const { job, allowed, designs } = table;
  const page = nth(job.pages, p);
  const none = nth(allowed, p).findIndex((own) => own.length === 0);
  if (none >= 0) {
    const { id, of } = nth(page.slots, none);
    const isThere = job.stock.some((stock) =>
      designsOf(stock).some((design) => of === null || (design !== null && of.includes(design))),
    );
    return { kind: isThere ? 'too-large' : 'no-design', slot: id };
  }
  if (isAgainstRules(table, p)) return { kind: 'rules', slot: null };
  // The slot that none of its designs is left for; where each by itself still has room, the largest is in the way.
  const without = page.slots.find(
    (slot, s) => !nth(nth(allowed, p), s).some((d) => isHeld(slot, nth(designs, d), spares)),
  );
  const slot = without ?? page.slots.reduce((a, b) => (area(b) * b.count > area(a) * a.count ? b : a));
  return { kind: 'no-room', slot: slot.id };
}
