import type { Amounts } from '../../../core/stock/ledger';
import { keptStore } from '../../data/keptStore';

/**
 * What she has looked at, by id: a piece that is there or not, or how many more or fewer there are of a lot than was
 * thought then: what is given away or used before it is put right is not brought back.
 */
export type Seen = Readonly<Record<string, boolean | Amounts>>;

interface StockTaking {
  /** Null: none is begun. */
  readonly place: string | null;
  readonly seen: Seen;
  begin: (place: string) => void;
  see: (some: Seen) => void;
  end: () => void;
}

/** A stock take in the middle; kept in this browser, so that it can be gone on with another day. */
export const useStockTaking = keptStore<StockTaking>('nubbin-stock-take', 2, (set) => ({
  place: null,
  seen: {},
  begin: (place) => set({ place, seen: {} }),
  see: (some) => set(({ seen }) => ({ seen: { ...seen, ...some } })),
  end: () => set({ place: null, seen: {} }),
}));
