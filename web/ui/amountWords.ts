import type { Amounts } from '../../core/ledger';
import { formatLength, TICKS_PER_INCH, type MeasureSystem } from '../../core/length';
import type { Lot } from '../../core/things';

/** A roll in yards and inches, or metres. @param length ticks */
export function rollWords(length: number, system: MeasureSystem): string {
  if (system === 'cm') return `${Math.round(length / 3200) / 100} m`;
  const yards = length / (36 * TICKS_PER_INCH);
  return yards >= 1 ? `${Math.round(yards * 100) / 100} yd` : formatLength(length, system);
}

/** An amount of a lot in words: a count, a length, or letters told one by one. */
export function amountWords(lot: Pick<Lot, 'measure'>, amounts: Amounts, system: MeasureSystem): string {
  if (lot.measure === 'letters') return Object.entries(amounts).map(([glyph, n]) => (n === 1 ? glyph : `${glyph}${n}`)).join(' ') || 'none';
  const n = amounts[''] ?? 0;
  return lot.measure === 'length' ? rollWords(n, system) : String(n);
}
