import { own, totalOf } from './amounts';
import type { Ledger, LotState, PieceState, PieceWhere } from './ledger';

/** One account that adds up: received + corrected = all the others. */
export interface Balance {
  readonly received: number;
  readonly corrected: number;
  readonly onPages: number;
  readonly onBench: number;
  readonly left: number;
  /** Left, and in a kit of her own. */
  readonly gathered: number;
  readonly wasted: number;
  readonly given: number;
  readonly sold: number;
  readonly lent: number;
  readonly recycled: number;
}

export const NOTHING: Balance = {
  received: 0,
  corrected: 0,
  onPages: 0,
  onBench: 0,
  left: 0,
  gathered: 0,
  wasted: 0,
  given: 0,
  sold: 0,
  lent: 0,
  recycled: 0,
};

const COLUMN: Record<Exclude<PieceWhere, 'cut' | 'missed'>, keyof Balance> = {
  here: 'left',
  claimed: 'onBench',
  used: 'onPages',
  waste: 'wasted',
  given: 'given',
  sold: 'sold',
  lent: 'lent',
  recycled: 'recycled',
};

const sum = (pages: LotState['used']): number =>
  Object.values(pages).reduce((total, amounts) => total + totalOf(amounts), 0);

function add(balance: Balance, column: keyof Balance, n: number): Balance {
  return { ...balance, [column]: balance[column] + n };
}

/** Area of a lot's sheets, by where every piece of them is: square ticks. */
function areaBalance(pieces: readonly PieceState[]): Balance {
  return pieces.reduce((balance, piece) => {
    const received = piece.from === null ? add(balance, 'received', piece.solid) : balance;
    if (piece.where === 'missed') return add(received, 'corrected', -piece.solid);
    if (piece.where === 'cut') return received;
    const isGathered = piece.where === 'here' && piece.kit !== undefined;
    return add(received, isGathered ? 'gathered' : COLUMN[piece.where], piece.solid);
  }, NOTHING);
}

const inKits = ({ here, kits }: LotState): number =>
  Object.entries(here).reduce((total, [part, n]) => total + (own(kits, part) === undefined ? 0 : n), 0);

/** Counts (or lengths in ticks) of a lot. */
const countBalance = (lot: LotState): Balance => ({
  received: totalOf(lot.received),
  corrected: totalOf(lot.corrected),
  onPages: sum(lot.used),
  onBench: sum(lot.claimed),
  left: totalOf(lot.here) - inKits(lot),
  gathered: inKits(lot),
  wasted: 0,
  given: totalOf(lot.given),
  sold: totalOf(lot.sold),
  lent: totalOf(lot.lent),
  recycled: totalOf(lot.recycled),
});

export const sumOfBalances = (balances: readonly Balance[]): Balance =>
  balances.reduce(
    (total, one) => ({
      received: total.received + one.received,
      corrected: total.corrected + one.corrected,
      onPages: total.onPages + one.onPages,
      onBench: total.onBench + one.onBench,
      left: total.left + one.left,
      gathered: total.gathered + one.gathered,
      wasted: total.wasted + one.wasted,
      given: total.given + one.given,
      sold: total.sold + one.sold,
      lent: total.lent + one.lent,
      recycled: total.recycled + one.recycled,
    }),
    NOTHING,
  );

/** The accounts of one lot: the area of its sheets, and what of it is counted or measured. */
export function balanceOf(
  ledger: Pick<Ledger, 'pieces' | 'lots'>,
  lot: string,
): { readonly area: Balance; readonly count: Balance } {
  const pieces = [...ledger.pieces.values()].filter((piece) => piece.lot === lot);
  const state = ledger.lots.get(lot);
  return { area: areaBalance(pieces), count: state ? countBalance(state) : NOTHING };
}
