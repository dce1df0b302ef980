import type { SpellJob, WantedTitle } from './types';

/** A word of a title with what is asked for of it. */
export interface AskedWord {
  readonly text: string;
  readonly letters: readonly string[];
}

/** A sign that is none of the letters: only asked for where some set has it. */
const SIGN = /^[\p{P}\p{S}]$/u;

/** The words of a title of which something is asked, in order. */
export function wordsAsked({ text }: WantedTitle, { sets }: Pick<SpellJob, 'sets'>): AskedWord[] {
  const isAsked = (glyph: string): boolean => !SIGN.test(glyph) || sets.some(({ letters }) => letters.has(glyph));
  return text
    .normalize('NFC')
    .split(/\s+/u)
    .map((word) => ({ text: word, letters: [...word].filter(isAsked) }))
    .filter(({ letters }) => letters.length > 0);
}

/** How often each is wanted. */
export function countOf(glyphs: readonly string[]): Map<string, number> {
  const counts = new Map<string, number>();
  for (const glyph of glyphs) counts.set(glyph, (counts.get(glyph) ?? 0) + 1);
  return counts;
}
