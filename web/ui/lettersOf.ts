import type { Amounts } from '../../core/stock/ledger';

/** Letters of a word, as many of each as it takes. */
export const lettersOf = (word: string): Amounts => {
  const amounts: Record<string, number> = {};
  for (const glyph of word.replace(/\s/g, '')) amounts[glyph] = (amounts[glyph] ?? 0) + 1;
  return amounts;
};
