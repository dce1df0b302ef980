import { balanceOf, sumOfBalances, type Ledger } from '../../../core/ledger';
import type { LeftThing } from '../../../core/kits';
import type { Lot } from '../../../core/things';

/** What a kit's paper came to, by area, square ticks; what lies in the stash is parted by whether it was decided. */
export interface Shares {
  readonly received: number;
  readonly parts: readonly { readonly part: string; readonly words: string; readonly area: number }[];
}

const areaOf = (things: readonly LeftThing[]): number =>
  things.reduce((sum, { pieces }) => sum + pieces.reduce((own, { solid }) => own + solid, 0), 0);

/** How a kit's paper is shared among what became of it; parts of which there is nothing are left out. */
export function sharesOfPaper(own: readonly Lot[], left: readonly LeftThing[], ledger: Ledger): Shares {
  const sum = sumOfBalances(
    own.filter(({ measure }) => measure === 'sheets').map(({ id }) => balanceOf(ledger, id).area),
  );
  const undecided = areaOf(left.filter(({ fate }) => fate === null));
  return {
    received: sum.received + sum.corrected,
    parts: [
      { part: 'onPages', words: 'on pages', area: sum.onPages },
      { part: 'onBench', words: 'on the bench', area: sum.onBench },
      { part: 'undecided', words: 'not decided', area: undecided },
      { part: 'kept', words: 'kept', area: sum.left - undecided },
      { part: 'wasted', words: 'waste', area: sum.wasted },
      { part: 'given', words: 'given away', area: sum.given },
      { part: 'sold', words: 'sold', area: sum.sold },
      { part: 'lent', words: 'lent', area: sum.lent },
      { part: 'recycled', words: 'recycled', area: sum.recycled },
    ].filter(({ area }) => area > 0),
  };
}
