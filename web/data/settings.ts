import { useMemo } from 'react';
import { USUAL_TRIMMER, type Trimmer } from '../../core/trimmer/cutting';
import { inches, type MeasureSystem, type Ticks } from '../../core/ground/length';
import type { Remark } from '../../core/page/eye';
import type { Hand } from '../../core/stock/things';
import type { CutOrder, GutSchool } from '../../core/page/cutlist';
import type { Said } from '../../core/kit/taste';
import { keptStore } from './keptStore';

/** How she likes it; kept in this browser. */
export interface Choices {
  readonly system: MeasureSystem;
  readonly look: 'day' | 'evening';
  /** Margin of mats on new pages, ticks. */
  readonly mat: Ticks;
  /** Paper that stays under whatever covers a cut-out middle, ticks. */
  readonly hold: Ticks;
  /** Whether hidden paper is taken back. */
  readonly gut: GutSchool;
  /** The longest cut her trimmer makes, ticks. */
  readonly longestCut: Ticks;
  /** What each cut takes away, ticks: nothing, or a hair with scissors. */
  readonly kerf: Ticks;
  /** How far in from an edge her punches reach, ticks; null: anywhere. */
  readonly punchReach: Ticks | null;
  /** Whether shapes that a punch of hers makes are punched. */
  readonly isPunching: boolean;
  /** What stays together while she cuts. */
  readonly cutOrder: CutOrder;
  /** How she writes, pen by pen, as she measured it. */
  readonly hands: readonly Hand[];
  /** What a second pair of eyes never looks for. */
  readonly eyesOff: readonly Remark['kind'][];
  /** What she said of her likes and dislikes herself, by `kind:value`. */
  readonly tastes: Said;
  /** The page whose things lie on the bench. */
  readonly pageInHand: string | null;
  /** Where she was. */
  readonly lastPlace: string;
}

export interface Settings extends Choices {
  change: (some: Partial<Choices>) => void;
}

const DEFAULTS: Choices = {
  system: 'in',
  look: 'day',
  mat: inches(1 / 8),
  hold: inches(1 / 2),
  gut: 'scarce',
  longestCut: inches(12),
  kerf: USUAL_TRIMMER.kerf,
  punchReach: null,
  isPunching: true,
  cutOrder: 'setting',
  hands: [],
  eyesOff: [],
  tastes: {},
  pageInHand: null,
  lastPlace: '/stash',
};

/** More than a cut ever takes away. */
const MOST_KERF = inches(1 / 8);

const isLength = (value: unknown, from = 0): boolean =>
  Number.isSafeInteger(value) && (value as number) >= from && (value as number) <= inches(100);

const isHand = (value: unknown): boolean => {
  const { name, perInch, line } = (value ?? {}) as Partial<Hand>;
  return typeof name === 'string' && typeof perInch === 'number' && perInch > 0 && isLength(line, 1);
};

/** Whether a stored choice makes sense. */
const MAKES_SENSE: { readonly [K in keyof Choices]: (value: unknown) => boolean } = {
  system: (value) => value === 'in' || value === 'cm',
  look: (value) => value === 'day' || value === 'evening',
  mat: (value) => isLength(value),
  hold: (value) => isLength(value),
  gut: (value) => value === 'always' || value === 'scarce' || value === 'never',
  longestCut: (value) => isLength(value, 1),
  kerf: (value) => isLength(value) && (value as number) <= MOST_KERF,
  punchReach: (value) => value === null || isLength(value),
  isPunching: (value) => typeof value === 'boolean',
  cutOrder: (value) => value === 'setting' || value === 'paper' || value === 'page',
  hands: (value) => Array.isArray(value) && value.every(isHand),
  eyesOff: (value) => Array.isArray(value) && value.every((one) => typeof one === 'string'),
  tastes: (value) =>
    typeof value === 'object' &&
    value !== null &&
    Object.values(value).every((said) => said === 'like' || said === 'dislike' || said === 'neither'),
  pageInHand: (value) => value === null || typeof value === 'string',
  lastPlace: (value) => typeof value === 'string' && value.startsWith('/'),
};

/** Choices as they were stored; what is nonsense falls back, one by one. */
export function readChoices(stored: unknown): Choices {
  const told = (typeof stored === 'object' && stored !== null ? stored : {}) as Record<string, unknown>;
  const sensible = (Object.keys(DEFAULTS) as (keyof Choices)[]).filter(
    (key) => Object.hasOwn(told, key) && MAKES_SENSE[key](told[key]),
  );
  return { ...DEFAULTS, ...Object.fromEntries(sensible.map((key) => [key, told[key]])) };
}

export const useSettings = keptStore<Settings>(
  'nubbin-settings',
  1,
  (set) => ({ ...DEFAULTS, change: (some) => set(some) }),
  {
    // Of another version, what makes sense is taken.
    migrate: (stored) => stored as Settings,
    merge: (stored, current) => ({ ...current, ...readChoices(stored) }),
  },
);

/** What she cuts with; the same object until it is another. */
export function useTrimmer(): Trimmer {
  const { longestCut, kerf } = useSettings();
  return useMemo(() => ({ longestCut, kerf }), [longestCut, kerf]);
}
