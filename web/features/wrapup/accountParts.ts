import type { Balance } from '../../../core/stock/ledger';

/** What became of things, in the order of the columns. */
export const PARTS: readonly (readonly [keyof Balance, string])[] = [
  ['onPages', 'on pages'],
  ['onBench', 'on the bench'],
  ['left', 'left'],
  ['gathered', 'in kits of your own'],
  ['wasted', 'wasted'],
  ['given', 'given away'],
  ['sold', 'sold'],
  ['lent', 'lent'],
  ['recycled', 'recycled'],
];
