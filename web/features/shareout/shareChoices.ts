import type { AllowedThing } from '../../../core/acts';
import type { ShareWishes } from '../../../core/kit/sharing';
import { keptStore } from '../../data/keptStore';

/** What she ticked and settled for the share-out in hand; kept in this browser until it is claimed or begun anew. */
export interface ShareChoices extends ShareWishes {
  /** Kits that are not to be cut from, and pages that are not asked for. */
  readonly kitsLeft: readonly string[];
  readonly pagesLeft: readonly string[];
  /** Papers (lots) that are never cut. */
  readonly never: readonly string[];
  /** Where little of a paper shows: whole sheets of it, or strips on plain cardstock. */
  readonly grounds: 'whole' | 'strips';
  /** Strips over a spread: of one sheet, or wider ones of two. */
  readonly spread: 'one' | 'two';
  /** Small things let on pages of another theme. */
  readonly allowed: readonly AllowedThing[];
  change: (some: Partial<ShareChoices>) => void;
  /** Keeps a paper for a slot of a page; null: it is free again. */
  pin: (page: string, slot: string, face: string | null) => void;
  /** A page shall not have a paper; or may again. */
  forbid: (page: string, face: string, is: boolean) => void;
  /** Lets a small thing on a page though it shows something of another theme. */
  allow: (thing: AllowedThing) => void;
  free: () => void;
}

const toggled = (list: readonly string[], one: string, is: boolean): string[] =>
  is ? [...new Set([...list, one])] : list.filter((other) => other !== one);

export const useShareChoices = keptStore<ShareChoices>('nubbin-share', 1, (set) => ({
  kitsLeft: [],
  pagesLeft: [],
  never: [],
  spread: 'one',
  grounds: 'whole',
  mode: 'save',
  must: [],
  pins: {},
  forbidden: {},
  allowed: [],
  change: (some) => set(some),
  pin: (page, slot, face) =>
    set(({ pins }) => {
      const { [slot]: _, ...others } = pins[page] ?? {};
      return { pins: { ...pins, [page]: face === null ? others : { ...others, [slot]: face } } };
    }),
  forbid: (page, face, is) =>
    set(({ forbidden, pins }) => ({
      forbidden: { ...forbidden, [page]: toggled(forbidden[page] ?? [], face, is) },
      pins: is
        ? { ...pins, [page]: Object.fromEntries(Object.entries(pins[page] ?? {}).filter(([, kept]) => kept !== face)) }
        : pins,
    })),
  allow: (thing) => set(({ allowed }) => ({ allowed: [...allowed, thing] })),
  free: () => set({ pins: {}, forbidden: {}, must: [], never: [], allowed: [] }),
}));
