import type { Amounts } from '../../stock/ledger';
import type { PlacedItem } from '../../stock/things';
import type { Letters } from './letters';
import { isSpeltBy } from './together';

/** Words that may become a title, and where they come from. */
export interface Phrase {
  readonly text: string;
  /** Her story, its place or people; a title she had; printed on a thing of hers; of the theme. */
  readonly from: 'story' | 'title' | 'thing' | 'theme';
  /** Of words printed on a thing: what it is called, and the thing. */
  readonly thing?: string;
  readonly what?: PlacedItem;
}

/** A title that what is left can spell, or that a thing has printed on it. */
export interface TitleFound extends Phrase {
  /** The sets that spell it as they are, the one that keeps the most vowels first; none: it is printed already. */
  readonly sets: readonly string[];
  /** How often the first of them could spell it. */
  readonly times: number;
}

const VOWELS = /[aeiou]/i;
/** How many vowels a set of letters still has. */
export const vowelsIn = (left: Amounts): number =>
  Object.entries(left).reduce((sum, [glyph, n]) => sum + (VOWELS.test(glyph) ? n : 0), 0);

/** A set with fewer vowels spells hardly anything. Common practice, no source. */
const FEWEST_VOWELS = 3;
export const canStillSpell = (left: Amounts): boolean => vowelsIn(left) >= FEWEST_VOWELS;

/** How often a set can spell words. */
function timesOf(text: string, set: Letters, isAnyCase: boolean): number {
  let times = 0;
  while (times < MOST_TIMES && isSpeltBy(text.repeat(times + 1), set, isAnyCase)) times++;
  return times;
}
const MOST_TIMES = 4;

/** Her own words before the theme's, printed ones among them; long ones, which are titles more than labels, first. */
const ORDER: readonly Phrase['from'][] = ['story', 'title', 'thing', 'theme'];

/**
 * What can be a title from what is left: words that a set spells as they are, and words that are printed on things.
 * @param phrases any words; the same twice counts once
 */
export function titlesFromLeft(
  phrases: readonly Phrase[],
  letters: readonly Letters[],
  isAnyCase: boolean,
): readonly TitleFound[] {
  const sets = letters.filter(({ isEndless }) => !isEndless).sort((a, b) => vowelsIn(b.left) - vowelsIn(a.left));
  const seen = new Set<string>();
  return [...phrases]
    .sort((a, b) => ORDER.indexOf(a.from) - ORDER.indexOf(b.from))
    .flatMap((phrase): TitleFound[] => {
      const key = phrase.text.trim().toLowerCase();
      if (key === '' || seen.has(key)) return [];
      seen.add(key);
      const able = sets.filter((set) => isSpeltBy(phrase.text, set, isAnyCase));
      const [first] = able;
      if (!first) return phrase.from === 'thing' ? [{ ...phrase, sets: [], times: 0 }] : [];
      return [{ ...phrase, sets: able.map(({ id }) => id), times: timesOf(phrase.text, first, isAnyCase) }];
    });
}
