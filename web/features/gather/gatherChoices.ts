import { keptStore } from '../../data/keptStore';

/** What she said of the kit that she is gathering; kept in this browser until it is gathered or begun anew. */
export interface Gathering {
  /** Empty: as what it is begun with is called. */
  readonly name: string;
  /** Empty: this month. */
  readonly month: string;
  readonly pages: number;
  readonly sheets: number;
  readonly withNewest: boolean;
  /** Keys of what she took in and of what she left out. */
  readonly taken: readonly string[];
  readonly left: readonly string[];
  readonly shuffle: number;
}

export interface GatherChoices extends Gathering {
  change: (some: Partial<Gathering>) => void;
  takeIn: (key: string) => void;
  leaveOut: (key: string) => void;
  beginAnew: () => void;
}

const NOTHING_SAID: Gathering = {
  name: '',
  month: '',
  pages: 6,
  sheets: 8,
  withNewest: false,
  taken: [],
  left: [],
  shuffle: 0,
};

const without = (keys: readonly string[], key: string): string[] => keys.filter((other) => other !== key);

export const useGatherChoices = keptStore<GatherChoices>('nubbin-gather', 0, (set) => ({
  ...NOTHING_SAID,
  change: (some) => set(some),
  takeIn: (key) => set(({ taken, left }) => ({ taken: [...without(taken, key), key], left: without(left, key) })),
  leaveOut: (key) => set(({ taken, left }) => ({ taken: without(taken, key), left: [...without(left, key), key] })),
  beginAnew: () => set(NOTHING_SAID),
}));
