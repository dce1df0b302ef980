import type { Lead } from '../../../core/kit/busting';
import { keptStore } from '../../data/keptStore';

/** What she wants busted; kept in this browser. */
export interface BusterChoices {
  readonly lead: Lead['kind'] | 'theme';
  /** Words of the theme that she begins with. */
  readonly theme: string;
  /** The paper that she begins with, by its face; empty: none chosen yet. */
  readonly face: string;
  /** Kits that nothing is taken from. */
  readonly kitsLeft: readonly string[];
  readonly withNewest: boolean;
  /** The month that is planned; empty: the next. */
  readonly month: string;
  readonly pages: number;
  change: (some: Partial<Omit<BusterChoices, 'change'>>) => void;
}

export const useBusterChoices = keptStore<BusterChoices>('nubbin-busters', 0, (set) => ({
  lead: 'oldest',
  theme: '',
  face: '',
  kitsLeft: [],
  withNewest: false,
  month: '',
  pages: 4,
  change: (some) => set(some),
}));
