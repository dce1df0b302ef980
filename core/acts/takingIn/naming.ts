import { own, type Amounts } from '../../stock/ledger';
import { itemsOf } from '../../page/placing';
import type { Item, Lot } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent, type Now } from '../act';
import type { Bench } from '../../stock/bench';
import { countedFromHere } from './afterwards/countedFromHere';

/** A kind of thing found in a pack, and how many of it. */
export interface Named extends Omit<Item, 'id'> {
  readonly count: number;
}

/** How the ledger tells it; that a pack's things were named is no miscount. */
const REASON = 'told apart';

/** The pack with its things named, and how many there are of each by its id; what is named again adds to it. */
function withItems(lot: Lot, named: readonly Named[], { newId }: Now) {
  const items = [...itemsOf(lot)];
  const amounts: Record<string, number> = {};
  for (const { count, ...one } of named) {
    const known = items.find(({ name }) => name.toLowerCase() === one.name.toLowerCase());
    const item = known ?? { id: newId(), ...one };
    if (!known) items.push(item);
    amounts[item.id] = (amounts[item.id] ?? 0) + count;
  }
  return { lot: { ...lot, items }, amounts };
}

/** What is not told of a thing is absent. */
const told = (item: Item): Item =>
  Object.fromEntries(Object.entries(item).filter(([, value]) => value !== undefined)) as unknown as Item;

/** Tells otherwise what one kind of thing in a pack is; undefined: it is no longer told. */
export const changeItem =
  (
    id: string,
    item: string,
    some: { readonly [K in keyof Omit<Item, 'id' | 'name'>]?: Item[K] | undefined } & { name?: string },
  ): Deciding =>
  (bench) => {
    const lot = bench.lots.get(id);
    if (!lot || !itemsOf(lot).some((one) => one.id === item)) return refuse('gone');
    const items = itemsOf(lot).map((one) => (one.id === item ? told({ ...one, ...some }) : one));
    return decided('changed-lot', some.name ?? lot.name, { records: [put('lots', { ...lot, items })] });
  };

/** What is told apart of a pack in a kit of her own is in that kit, too, with all that was told of it before. */
function following({ ledger }: Bench, lot: string, named: Amounts): NewEvent[] {
  const state = ledger.lots.get(lot);
  const to = own(state?.kits ?? {}, '');
  if (to === undefined) return [];
  return Object.entries(named).flatMap(([part, n]): NewEvent[] => {
    const from = own(state?.kits ?? {}, part) ?? null;
    const amounts = { [part]: n + (own(state?.here ?? {}, part) ?? 0) };
    return from === to ? [] : [{ type: 'gathered', lot, amounts, from, to }];
  });
}

/**
 * Names what is in a pack: so many of what was mixed are these, refused where it is more than is left unnamed. Of a
 * sheet or pack that nobody counted, what is named is from here on all there is.
 */
export const nameItems =
  (id: string, named: readonly Named[]): Deciding =>
  (bench, now) => {
    const lot = bench.lots.get(id);
    if (!lot) return refuse('gone');
    const total = named.reduce((sum, { count }) => sum + count, 0);
    if (total === 0 || (lot.measure !== 'count' && lot.measure !== 'share')) return refuse('nothing-to-do', lot.name);
    if (named.some(({ count }) => count < 1)) return refuse('not-so-many', lot.name);
    const { lot: withNames, amounts } = withItems(lot, named, now);
    if (lot.measure === 'share') {
      const counted: Lot = { ...withNames, measure: 'count' };
      return countedFromHere(bench, id, { counted, amounts, reason: 'counted thing by thing' }, now);
    }
    if (total > (own(bench.ledger.lots.get(id)?.here ?? {}, '') ?? 0)) return refuse('not-so-many', lot.name);
    return decided('named-items', lot.name, {
      events: [
        { type: 'counted', lot: id, change: { '': -total, ...amounts }, reason: REASON },
        ...following(bench, id, amounts),
      ],
      records: [put('lots', withNames)],
    });
  };
