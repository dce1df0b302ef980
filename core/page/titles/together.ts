import type { Amounts } from '../../stock/ledger';
import { spell, type SpellSolver, type SpeltTitle } from '../spelling';
import type { Letters } from './letters';
import { lastOf, letterSet, takenBy, type Asking } from './ways';

/** A page that waits for its title. */
export interface WaitingTitle {
  readonly id: string;
  readonly text: string;
}

/** The titles of several pages, spelt together from what is left. */
export interface TitlesTogether {
  /** Those that get letters first, in the order in which the pages were begun, then the others with what is short. */
  readonly titles: readonly SpeltTitle[];
  /** What is used up by all of them, by set. */
  readonly last: readonly { readonly name: string; readonly glyphs: readonly string[] }[];
  /** Of other words, those that can be spelt now and no more then. */
  readonly lost: readonly string[];
}

/** Of pages of which only one can be spelt, the one begun first: it is worth so much more. */
const EARLIER = 1e-3;

function addedUp(titles: readonly SpeltTitle[]): ReadonlyMap<string, Amounts> {
  const sum = new Map<string, Record<string, number>>();
  for (const title of titles)
    for (const [set, some] of takenBy(title)) {
      const all = sum.get(set) ?? {};
      for (const [glyph, n] of Object.entries(some)) all[glyph] = (all[glyph] ?? 0) + n;
      sum.set(set, all);
    }
  return sum;
}

/**
 * As many titles as can be, spelt together from what is left of her sets.
 * @param waiting the pages, the one begun first before the others
 * @param words of hers, of which it is told which no later page can spell any more
 */
export function spellTogether(
  waiting: readonly WaitingTitle[],
  letters: readonly Letters[],
  { isAnyCase, standIns }: Asking,
  words: readonly string[],
  solver: SpellSolver,
): TitlesTogether {
  const sets = letters.filter((one) => !one.isEndless);
  const job = { sets: sets.map((one) => letterSet(one, '')), isAnyCase, standIns, mix: 'word' as const };
  const worthOf = (i: number): number => 1 + (waiting.length - i) * EARLIER;
  const { titles } = spell({ ...job, titles: waiting.map((one, i) => ({ ...one, worth: worthOf(i) })) }, solver);
  const taken = addedUp(titles);
  const after = sets.map((one): Letters => {
    const left = Object.entries(one.left).map(([glyph, n]) => [glyph, n - (taken.get(one.id)?.[glyph] ?? 0)] as const);
    return { ...one, left: Object.fromEntries(left) };
  });
  const can = (some: readonly Letters[], text: string): boolean => some.some((one) => isSpeltBy(text, one, isAnyCase));
  return {
    titles: [...titles.filter(({ spelt }) => spelt), ...titles.filter(({ spelt }) => !spelt)],
    last: lastOf(taken, sets),
    lost: words.filter((text) => can(sets, text) && !can(after, text)),
  };
}

/** Whether words can be spelt by one set as its letters are. */
export function isSpeltBy(text: string, { left, isEndless }: Letters, isAnyCase: boolean): boolean {
  if (isEndless) return true;
  const there = new Map<string, number>();
  const fold = (glyph: string): string => (isAnyCase ? glyph.toLowerCase() : glyph);
  for (const [glyph, n] of Object.entries(left)) there.set(fold(glyph), (there.get(fold(glyph)) ?? 0) + n);
  for (const glyph of text.normalize('NFC').replace(/[\s\p{P}]+/gu, '')) {
    const n = there.get(fold(glyph)) ?? 0;
    if (n === 0) return false;
    there.set(fold(glyph), n - 1);
  }
  return true;
}
