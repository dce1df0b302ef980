import { useState } from 'react';
import type { Amounts } from '../../../core/stock/ledger';
import { inches, type MeasureSystem } from '../../../core/ground/length';
import type { Lot } from '../../../core/stock/things';
import { amountWords } from '../../ui/amountWords';
import { lettersOf } from '../../ui/lettersOf';

export type Share = 'little' | 'quarter' | 'half' | 'all';
const HUNDREDTHS: Record<Exclude<Share, 'all'>, number> = { little: 10, quarter: 25, half: 50 };

/** What is wrong with so much of a thing; null: nothing, or nothing is asked yet. */
function shortWords(lot: Lot, here: Amounts, short: readonly (readonly [string, number])[], system: MeasureSystem) {
  if (short.length === 0) return null;
  if (lot.measure !== 'letters') return `There are ${amountWords(lot, here, system)} of it.`;
  const glyphs = short.map(([glyph, n]) => {
    const more = n - (here[glyph] ?? 0);
    return more > 1 ? `${glyph} ×${more}` : glyph;
  });
  return `Short of ${glyphs.join(', ')}.`;
}

/** How much of a thing she wants, in the measure it is kept in, and what is short. */
export function useAmountWanted(lot: Lot, here: Amounts, system: MeasureSystem) {
  const [word, setWord] = useState('');
  const [count, setCount] = useState('1');
  const [share, setShare] = useState<Share>('little');
  const [length, setLength] = useState<number | null>(inches(12));
  const [chosenPart, setPart] = useState<string | null>(null);
  const parts = Object.keys(here);
  const part = chosenPart !== null && parts.includes(chosenPart) ? chosenPart : (parts[0] ?? '');
  const there = here[part] ?? 0;
  const wanted: Amounts = {
    letters: () => lettersOf(word),
    length: () => ({ '': length ?? 0 }),
    count: () => ({ [part]: Number(count) }),
    sheets: () => ({}),
    share: () => ({ '': share === 'all' ? there : Math.min(there, HUNDREDTHS[share]) }),
  }[lot.measure]();
  const short = Object.entries(wanted).filter(
    ([part, n]) => !Number.isSafeInteger(n) || n < 1 || (here[part] ?? 0) < n,
  );
  const isAsked = lot.measure === 'letters' ? word !== '' : count !== '';
  return {
    ...{ word, setWord, count, setCount, share, setShare, length, setLength, parts, part, setPart },
    there,
    wanted,
    isShort: short.length > 0 || Object.keys(wanted).length === 0,
    error: isAsked ? shortWords(lot, here, short, system) : null,
  };
}
export type AmountWanted = ReturnType<typeof useAmountWanted>;
