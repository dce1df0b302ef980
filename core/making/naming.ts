import { own, type Amounts } from '../ledger';
import { itemsOf } from '../placing';
import type { Item } from '../things';
import { decided, put, refuse, type Deciding } from './act';

/** A kind of thing found in a pack, and how many of it. */
export interface Named extends Omit<Item, 'id'> {
  readonly count: number;
}

/** How the ledger tells it; that a pack's things were named is no miscount. */
const REASON = 'told apart';

const isSameItem = (item: Item, named: Named): boolean => item.name.toLowerCase() === named.name.toLowerCase();

/**
 * Names what is in a pack: so many of what was mixed are these. What is named again adds to it. Refused where it is
 * more than is left unnamed.
 */
export const nameItems =
  (id: string, named: readonly Named[]): Deciding =>
  ({ lots, ledger }, { newId }) => {
    const lot = lots.get(id);
    if (!lot) return refuse('gone');
    const mixed = own(ledger.lots.get(id)?.here ?? {}, '') ?? 0;
    const total = named.reduce((sum, { count }) => sum + count, 0);
    if (total === 0 || lot.measure !== 'count') return refuse('nothing-to-do', lot.name);
    if (total > mixed || named.some(({ count }) => count < 1)) return refuse('not-so-many', lot.name);
    const change: Record<string, number> = { '': -total };
    const items = [...itemsOf(lot)];
    for (const { count, ...one } of named) {
      const known = items.find((item) => isSameItem(item, { ...one, count }));
      const item = known ?? { id: newId(), ...one };
      if (!known) items.push(item);
      change[item.id] = (change[item.id] ?? 0) + count;
    }
    return decided('named-items', lot.name, {
      events: [{ type: 'counted', lot: id, change: change satisfies Amounts, reason: REASON }],
      records: [put('lots', { ...lot, items })],
    });
  };
