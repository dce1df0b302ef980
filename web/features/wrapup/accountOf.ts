import type { Wrapped } from '../../../core/kits';
import { balanceOf, type Balance } from '../../../core/ledger';
import type { Lot } from '../../../core/things';

/** What became of things, in the order of the columns. */
export const PARTS: readonly (readonly [keyof Balance, string])[] = [
  ['onPages', 'on pages'],
  ['onBench', 'on the bench'],
  ['left', 'left'],
  ['wasted', 'wasted'],
  ['given', 'given away'],
  ['sold', 'sold'],
  ['lent', 'lent'],
  ['recycled', 'recycled'],
];

/** A line of a packing list, and what became of it: papers by area, square ticks; other things by count or length. */
export interface AccountLine {
  readonly lot: Lot;
  readonly balance: Balance;
}

/** The account of a kit, in the order of its packing list. */
export function accountOf(
  kit: string,
  { lots, ledger }: Wrapped,
): { readonly papers: readonly AccountLine[]; readonly counted: readonly AccountLine[] } {
  const own = [...lots.values()].filter((lot) => lot.kit === kit).sort((a, b) => a.line - b.line);
  const of = (isPaper: boolean): AccountLine[] =>
    own
      .filter(({ measure }) => (measure === 'sheets') === isPaper)
      .map((lot) => ({ lot, balance: balanceOf(ledger, lot.id)[isPaper ? 'area' : 'count'] }));
  return { papers: of(true), counted: of(false) };
}
