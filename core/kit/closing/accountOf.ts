import type { Balance } from '../../stock/ledger';
import type { Lot } from '../../stock/things';
import { balanceIn, lotsIn } from './balanceIn';
import type { Wrapped } from './leftOf';

/** A line of a kit, and what became of it: papers by area, square ticks; other things by count or length. */
export interface AccountLine {
  readonly lot: Lot;
  readonly balance: Balance;
}

export interface KitAccount {
  readonly papers: readonly AccountLine[];
  readonly counted: readonly AccountLine[];
}

const isSome = ({ balance }: AccountLine): boolean => Object.values(balance).some((n) => n !== 0);

/**
 * The account of a kit, in the order of its packing list: of one of her own, what was put into it. What went back
 * untouched is no part of it.
 */
export function accountOf(kit: string, shelf: Wrapped): KitAccount {
  const lines = lotsIn({ id: kit }, shelf).map((lot): AccountLine => ({
    lot,
    balance: balanceIn(kit, lot, shelf.ledger)[lot.measure === 'sheets' ? 'area' : 'count'],
  }));
  const own = lines.filter((line) => line.lot.kit === kit || isSome(line));
  return {
    papers: own.filter(({ lot }) => lot.measure === 'sheets'),
    counted: own.filter(({ lot }) => lot.measure !== 'sheets'),
  };
}
