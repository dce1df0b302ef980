import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { inches, type MeasureSystem } from '../../core/length';
import type { GutSchool } from '../../core/cutlist';

/** How she likes it; kept in this browser. */
export interface Settings {
  readonly system: MeasureSystem;
  readonly look: 'day' | 'evening';
  /** Margin of mats on new pages, ticks. */
  readonly mat: number;
  /** Paper that stays under whatever covers a cut-out middle, ticks. */
  readonly hold: number;
  /** Whether hidden paper is taken back. */
  readonly gut: GutSchool;
  /** The longest cut her trimmer makes, ticks. */
  readonly longestCut: number;
  /** How far in from an edge her punches reach, ticks; null: anywhere. */
  readonly punchReach: number | null;
  /** The page whose things lie on the bench. */
  readonly pageInHand: string | null;
  /** Where she was. */
  readonly lastPlace: string;
  /** The demo or an empty bench was set up. */
  readonly isSetUp: boolean;
  change: (some: Partial<Settings>) => void;
}

export const useSettings = create<Settings>()(
  persist(
    (set) => ({
      system: 'in',
      look: 'day',
      mat: inches(1 / 8),
      hold: inches(1 / 2),
      gut: 'scarce',
      longestCut: inches(12),
      punchReach: null,
      pageInHand: null,
      lastPlace: '/stash',
      isSetUp: false,
      change: (some) => set(some),
    }),
    { name: 'nubbin-settings', version: 1 },
  ),
);
