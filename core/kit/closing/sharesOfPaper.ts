import { sumOfBalances, type Balance } from '../../stock/ledger';
import type { Kit } from '../../stock/things';
import { accountOf } from './accountOf';
import { leftOf, type LeftThing, type Wrapped } from './leftOf';

export type PaperPart = keyof Omit<Balance, 'received' | 'corrected' | 'left'> | 'undecided' | 'kept';

/** What a kit's paper came to, by area, square ticks; what lies in the stash is parted by whether it was decided. */
export interface Shares {
  readonly received: number;
  readonly parts: readonly { readonly part: PaperPart; readonly area: number }[];
}

const areaOf = (things: readonly LeftThing[]): number =>
  things.reduce((sum, { pieces }) => sum + pieces.reduce((own, { solid }) => own + solid, 0), 0);

/** How a kit's paper is shared among what became of it; parts of which there is nothing are left out. */
export function sharesOfPaper(kit: Pick<Kit, 'id' | 'fates'>, shelf: Wrapped): Shares {
  const sum = sumOfBalances(accountOf(kit.id, shelf).papers.map(({ balance }) => balance));
  const undecided = areaOf(leftOf(kit, shelf).filter(({ fate }) => fate === null));
  const areas: Record<PaperPart, number> = { ...sum, undecided, kept: sum.left - undecided };
  const order: readonly PaperPart[] = [
    'onPages',
    'onBench',
    'undecided',
    'kept',
    'gathered',
    'wasted',
    'given',
    'sold',
    'lent',
    'recycled',
  ];
  return {
    received: sum.received + sum.corrected,
    parts: order.map((part) => ({ part, area: areas[part] })).filter(({ area }) => area > 0),
  };
}
