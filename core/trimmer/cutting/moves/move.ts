import type { Search } from '../search';

/** Where a search stands. */
export interface Round {
  readonly round: number;
  /** So many rounds without a better plan are enough. */
  readonly patience: number;
  /** Pieces wanted, copies counted. */
  readonly copies: number;
}

/** A way to come to a better plan. A new one is a file of its own and a line in the list of `searchPlans`. */
export interface Move {
  readonly isDue: (search: Search, round: Round) => boolean;
  readonly make: (search: Search, round: Round) => void;
}
